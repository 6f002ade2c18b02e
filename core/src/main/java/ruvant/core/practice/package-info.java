/** Simulated mechanisms, behind the same instruments as real ones: for the stand-in stand, for tests and to practise on. */
package ruvant.core.practice;
