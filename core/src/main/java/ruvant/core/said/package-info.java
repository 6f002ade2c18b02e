/**
 * What a line of plain words says: right or silent. Every line is explained as a whole, by frames that are data, or it stays
 * a remark.
 */
package ruvant.core.said;
