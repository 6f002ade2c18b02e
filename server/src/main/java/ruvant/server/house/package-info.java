/** How this shop works: its practice and its tables. */
package ruvant.server.house;
