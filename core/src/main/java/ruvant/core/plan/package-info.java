/** The bench plan: who does what when, around waits, stations and promised dates. */
package ruvant.core.plan;
