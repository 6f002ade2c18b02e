/** The whole job as it stands: the rooms' folds put together, the rules over all of them, and words for each entry. */
package ruvant.core.picture;
