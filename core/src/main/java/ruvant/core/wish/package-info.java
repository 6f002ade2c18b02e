/** What people want of the plan, and what they promised. */
package ruvant.core.wish;
