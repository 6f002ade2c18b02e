/** How fast it is: a generated file of a large shop, and timings against bare SQL on the same file in the same run. */
package ruvant.server.benchmark;
