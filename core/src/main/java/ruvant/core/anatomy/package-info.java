/** How cameras are built in general: where a part sits, told by its name and side, and what usually lies over what. */
package ruvant.core.anatomy;
