/** How the shop is doing: hours, money, estimates and come-backs, by month and kind. */
package ruvant.server.figures;
