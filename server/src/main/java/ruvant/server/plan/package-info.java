/** The bench plan: its plain doors. */
package ruvant.server.plan;
