package ruvant.core.people;

/** Something a person may do, or see. */
public enum Right {
    /** See cameras, the plan, the shelf and what the shop knows. */
    LOOK,
    /** Log work at a camera, measure it, and take pictures of it. */
    BENCH,
    /** Check cameras in, promise dates, ask owners and give cameras back. */
    DESK,
    /** Change what lies on the shelf, and what is ordered. */
    STOCK,
    /** See and set prices, quotes, bills and figures. */
    MONEY,
    /** See who owns a camera and how they are reached. */
    CUSTOMERS,
    /** Change how the shop works, who works there, and its backups. */
    HOUSE
}
