/** What told who a person was, taken out of the books while what was learnt of cameras stays. */
package ruvant.core.privacy;
