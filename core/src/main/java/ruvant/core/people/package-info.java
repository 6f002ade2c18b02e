/** Who works with the shop's record, and what each of them may see and do. */
package ruvant.core.people;
