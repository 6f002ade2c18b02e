/** The home screen: what to do now, what runs, and every camera in the shop; and finding one. */
package ruvant.server.bench;
