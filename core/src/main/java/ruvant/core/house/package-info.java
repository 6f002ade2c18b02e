/** How this shop works: its practice, its trays, its people, the places in which things wait, and what makers say. */
package ruvant.core.house;
