/** The return sheet on screen and paper, and a job's package for taking it elsewhere. */
package ruvant.server.handover;
