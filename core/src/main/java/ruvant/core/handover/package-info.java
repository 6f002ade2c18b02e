/** What the owner is told, and the return of the camera. */
package ruvant.core.handover;
