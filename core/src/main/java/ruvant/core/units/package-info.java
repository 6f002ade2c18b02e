/** Small values the whole house uses: money, tags, wells, exposure errors, and the checker that refuses bad input. */
package ruvant.core.units;
