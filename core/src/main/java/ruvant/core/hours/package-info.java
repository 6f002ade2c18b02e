/** When the shop works, and at what. */
package ruvant.core.hours;
