/** The floor of the valley: what harms what, what is oiled with what, and what has to wait. */
package ruvant.core.treat;
