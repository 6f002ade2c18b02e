/** A made-up shop in a made-up town, told through the same doors that a person's clicks use. */
package ruvant.server.demo;
