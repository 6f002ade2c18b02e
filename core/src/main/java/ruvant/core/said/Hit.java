package ruvant.core.said;

/** What a slot took from a line: up to which word, as what, and what had to be forgiven. */
record Hit(int end, Object value, double cost) {}
