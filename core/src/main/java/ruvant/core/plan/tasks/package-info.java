/** What is still to be done at each camera, as tasks that can be planned. */
package ruvant.core.plan.tasks;
