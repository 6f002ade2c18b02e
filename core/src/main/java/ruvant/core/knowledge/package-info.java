/** What earlier jobs of a model taught: the ways in, what to beware of, how long it takes. */
package ruvant.core.knowledge;
