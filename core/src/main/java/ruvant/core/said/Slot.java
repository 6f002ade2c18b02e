package ruvant.core.said;

import java.util.List;

/** Something in a line that is more than words of a class. */
enum Slot {
    /** A whole number from 1 to 999, in figures or words; "a" is 1, "both" is 2. */
    COUNT,
    /** A number, in figures or words, with halves and quarters. */
    REAL,
    /** A marked speed, as on the dial. */
    SPEED,
    /** A time with a unit, in minutes. */
    MINUTES,
    /** A time with a unit, in seconds. */
    SECONDS,
    /** A length in millimetres, with or without the unit. */
    MM,
    /** A voltage, with or without the unit. */
    VOLTS,
    /** How often of how many, as a part of 1: "one in four". */
    RATIO,
    /** An error in percent with its way: slow is positive, fast negative. */
    PERCENTSLOW,
    /** An error in stops with its way. */
    EVSLOW,
    /** A well of the tray. */
    WELL,
    /** A part, by a name that ends with a noun of the trade, or the name of one that is known here. */
    PART,
    /** Several parts. */
    PARTS,
    /** A part that is off: told by its name, or by the last word of it where only one can be meant. */
    OFFPART,
    /** A part or any other piece: a screw, a washer. */
    THING,
    /** One of several: "rim screw" of "rim screws". */
    PLURALONE,
    /** Something that is set by turning, bending or shimming. */
    ADJUSTER,
    /** A body that gives parts: "donor 6". */
    DONOR,
    /** Words up to the next break that name something of the trade and doubt nothing. */
    SURE,
    /** Words up to the next break, among them one that speaks of a mark. */
    MARKED,
    /** The part that the line spoke of last. */
    SAME,
    /** What held a part: how many of what. */
    FASTENER,
    /** What lay loose under a part. */
    LOOSE,
    /** Words up to the next break that doubt, plan and deny nothing. */
    TEXT,
    /** How something was done: words up to the next break that tell no state of anything. */
    MANNER,
    /** Any words up to the next break. */
    WORDS,
    /** Everything up to the next comma or semicolon. */
    PIECE,
    /** Everything to the end of the line. */
    REST,
    /** A part by any name that might be one, also one that nobody has met yet. */
    NEWPART,
    /** Any words up to a break or a fastener, where the rest of the line tells that a part came off. */
    ANYPART,
    /** A marked speed, also a bare number where nothing else can stand. */
    DIAL,
    /** Nothing more. */
    END,
    /** Times of several firings. */
    TIMES;

    List<Hit> at(Scene scene, int start) {
        return switch (this) {
            case COUNT -> Figures.count(scene, start);
            case REAL -> Figures.real(scene, start);
            case SPEED -> Figures.speed(scene, start);
            case MINUTES -> Figures.minutes(scene, start);
            case SECONDS -> Figures.seconds(scene, start);
            case MM -> Figures.mm(scene, start);
            case VOLTS -> Figures.volts(scene, start);
            case RATIO -> Figures.ratio(scene, start);
            case PERCENTSLOW -> Figures.error(scene, start, List.of("%", "percent", "pc", "per"));
            case EVSLOW -> Figures.error(scene, start, List.of("stop", "stops", "ev"));
            case PLURALONE -> Parts.oneOf(scene, start);
            case ADJUSTER -> Parts.adjuster(scene, start);
            case DONOR -> Parts.donor(scene, start);
            case SURE -> Free.sure(scene, start);
            case MARKED -> Free.marked(scene, start);
            case WELL ->
                start < scene.size() && scene.word(start).is(Word.Type.WELL)
                        ? List.of(new Hit(start + 1, scene.word(start).key(), 0))
                        : List.of();
            case PART -> Parts.part(scene, start);
            case PARTS -> Parts.parts(scene, start);
            case OFFPART -> Parts.off(scene, start);
            case THING -> Parts.thing(scene, start);
            case SAME -> Parts.same(scene, start);
            case FASTENER -> Pieces.fastener(scene, start);
            case LOOSE -> Pieces.loose(scene, start);
            case TEXT -> Free.text(scene, start);
            case MANNER -> Free.manner(scene, start);
            case WORDS -> Free.words(scene, start);
            case PIECE -> Free.piece(scene, start);
            case REST -> Free.rest(scene, start);
            case NEWPART -> Parts.unmet(scene, start);
            case ANYPART -> Parts.any(scene, start);
            case END -> start == scene.size() ? List.of(new Hit(start, "", 0)) : List.of();
            case DIAL -> Figures.dial(scene, start);
            case TIMES -> Figures.times(scene, start);
        };
    }
}
