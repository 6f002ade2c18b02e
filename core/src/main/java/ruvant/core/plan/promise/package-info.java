/** When each camera will be done, with what chance, and how far that was right before. */
package ruvant.core.plan.promise;
