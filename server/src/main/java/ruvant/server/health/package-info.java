/** Whether what was logged is still there and whole, and whether there are copies of it. */
package ruvant.server.health;
