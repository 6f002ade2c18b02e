package ruvant.core.practice.unseen.shutter;

/**
 * How one firing is made.
 *
 * @param lensDown whether the camera lies on its lens
 * @param rested whether it lay for a day before
 * @param before firings made at this speed just before
 */
record Shot(boolean lensDown, boolean rested, int before) {}
