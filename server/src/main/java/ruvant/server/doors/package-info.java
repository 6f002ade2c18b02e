/** Who comes in: which names the shop answers to, which pages may speak to it, and what a browser may do with what it gets. */
package ruvant.server.doors;
