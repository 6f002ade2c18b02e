/** Cameras that come back: to which earlier job they belong, and whether it is the same fault. */
package ruvant.core.warranty;
