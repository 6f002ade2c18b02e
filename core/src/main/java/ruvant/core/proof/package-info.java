/** What is tried and measured at the end, each by its criterion, and what a test film shows. */
package ruvant.core.proof;
