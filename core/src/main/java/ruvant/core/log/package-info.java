/**
 * The body of record, whatever it is about: lines are added and never changed, a wrong one is struck, one said late names
 * the line it happened before, and all else is computed by folding. The kernel knows nothing of cameras; what entries
 * mean is answered by the rooms that they belong to.
 */
package ruvant.core.log;
