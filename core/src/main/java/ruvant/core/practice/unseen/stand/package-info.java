/**
 * A second shutter stand that the rules for measuring were not written beside: it has no code and no constants in common with
 * them or with the first one, and its shutters, lamps and inputs stray further. Odd seeds are set aside: nothing is ever
 * chosen by them, they only tell how good the figures are.
 */
package ruvant.core.practice.unseen.stand;
