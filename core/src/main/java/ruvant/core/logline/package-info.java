/** One line of shorthand, read into entries; what it cannot read stays as the note. */
package ruvant.core.logline;
