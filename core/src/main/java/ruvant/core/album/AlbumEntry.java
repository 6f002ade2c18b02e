package ruvant.core.album;

import java.util.UUID;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.PinKind;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/** Pictures of the work, and the numbered pins on them. */
public sealed interface AlbumEntry extends JobEntry {
    /**
     * A picture was taken.
     *
     * @param name what the picture is called where it is kept: 64 hexadecimal figures and its kind, such as .jpg
     * @param shows what is to be seen; may be empty
     * @param part the part it shows; null for none
     * @param at the stop at which it was taken
     * @param meets the line that said it was taken, before it was here; null for none
     */
    record Pictured(
            String name,
            String shows,
            @MayBeNull PartName part,
            Stop at,
            @MayBeNull UUID meets) implements AlbumEntry {
        /** A picture of which nothing was said before. */
        public Pictured(String name, String shows, @MayBeNull PartName part, Stop at) {
            this(name, shows, part, at, null);
        }

        public Pictured {
            name = pictureName(name);
            shows = Check.optionalRemark("shows", shows);
            at = Check.or(at, Stop.STRIP);
        }

        @Override
        public Stop stop() {
            return at;
        }
    }

    /**
     * A picture was taken elsewhere, such as with a telephone, and is to be added here.
     *
     * @param shows what is to be seen on it
     * @param part the part it shows; null for none
     */
    record PictureToCome(String shows, @MayBeNull PartName part) implements AlbumEntry {
        public PictureToCome {
            shows = Check.name("shows", shows);
        }

        @Override
        public Stop stop() {
            return Stop.STRIP;
        }
    }

    /**
     * A numbered pin on a picture.
     *
     * @param picture the picture's name
     * @param number the number on it, 1 to 200, each once on a picture
     * @param x from the left edge, 0 to 1 of the width
     * @param y from the upper edge, 0 to 1 of the height
     * @param what what it points at
     * @param words that thing in words: a fastener's type, a part, a mark
     * @param part the part that it belongs to; null for none
     * @param well where what it points at lies now; null for nowhere
     */
    record Pinned(
            String picture,
            int number,
            double x,
            double y,
            PinKind what,
            String words,
            @MayBeNull PartName part,
            @MayBeNull WellName well)
            implements AlbumEntry {
        public Pinned {
            picture = pictureName(picture);
            Check.count("pin", number, 1, 200);
            Check.within("x", x, 0, 1, "of the width");
            Check.within("y", y, 0, 1, "of the height");
            what = Check.or(what, PinKind.OTHER);
            words = Check.optionalName("words", words);
        }

        @Override
        public Stop stop() {
            return Stop.STRIP;
        }
    }

    private static String pictureName(String name) {
        if (name == null || !name.matches("[0-9a-f]{64}\\.(jpg|png|webp)")) {
            throw new FieldProblem("picture", "“" + name + "” is not a stored picture.", "Add the picture first.");
        }
        return name;
    }
}
