/** The body of record: keeping lines, adding them under the core's rules, telling open windows of it. */
package ruvant.server.record;
