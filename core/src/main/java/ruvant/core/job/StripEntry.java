package ruvant.core.job;

import java.util.List;
import java.util.Set;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/** What was taken off, and how it lay. */
public sealed interface StripEntry extends Entry {
    @Override
    default Stop stop() {
        return Stop.STRIP;
    }

    /**
     * A join that is not a fastener.
     *
     * @param detail which wire from where to where, which end; may be empty
     */
    record Joint(JointKind kind, String detail) {
        public Joint {
            Check.chosen("joint", kind);
            detail = Check.optionalName("detail", detail);
        }

        /** The kind, with its detail. */
        public String words() {
            return kind.label() + (detail.isEmpty() ? "" : ": " + detail);
        }
    }

    /** A small thing that lies loose under a part, such as a detent ball; 1 to 99 of them. */
    record LoosePart(String name, int count) {
        public LoosePart {
            name = Check.name("loosePart", name);
            Check.count("looseCount", count, 1, 99);
        }

        /** How many of what. */
        public String words() {
            return count + " × " + name;
        }
    }

    /**
     * A witness mark or noted relation of two parts.
     *
     * @param state the state of the mechanism in which it holds, such as "cocked"; may be empty
     */
    record Mark(String text, String state) {
        public Mark {
            text = Check.name("mark", text);
            state = Check.optionalName("state", state);
        }

        /** The mark with its state. */
        public String words() {
            return text + (state.isEmpty() ? "" : " (" + state + ")");
        }
    }

    /**
     * A part came off.
     *
     * @param covers whether it lies over what is taken off under it on its side (plates, covers, housings, leather)
     * @param wells where its pieces lie in the tray; empty when it lies elsewhere
     * @param setting how its control stood, such as "1/125"; may be empty
     * @param mark null for none
     */
    record Removed(
            PartName part,
            Side side,
            boolean covers,
            List<Fastener> fasteners,
            List<Joint> joints,
            List<WellName> wells,
            String setting,
            @MayBeNull Mark mark,
            List<LoosePart> loose,
            Set<Hazard> hazards,
            String remark)
            implements StripEntry {
        public Removed {
            Check.chosen("part", part);
            Check.chosen("side", side);
            fasteners = Check.some("fasteners", fasteners, 30);
            joints = Check.some("joints", joints, 30);
            wells = Check.some("wells", wells, 12).stream().distinct().toList();
            setting = Check.optionalName("setting", setting);
            loose = Check.some("looseParts", loose, 20);
            hazards = Check.set(hazards);
            remark = Check.optionalRemark("remark", remark);
            long types = fasteners.stream().map(Fastener::type).distinct().count();
            if (types < fasteners.size()) {
                throw new ruvant.core.units.FieldProblem(
                        "fasteners", "The same type of fastener is listed twice.", "Add the counts together.");
            }
        }

        /** A bare removal: a part from a side, nothing else noted. */
        public static Removed of(String part, Side side, boolean covers) {
            return new Removed(
                    PartName.of(part),
                    side,
                    covers,
                    List.of(),
                    List.of(),
                    List.of(),
                    "",
                    null,
                    List.of(),
                    Set.of(),
                    "");
        }

        /** Pieces that lie out: the part itself, its fasteners that came out, its loose small parts. */
        public int pieces() {
            return 1
                    + fasteners.stream()
                            .filter(one -> !one.staysIn())
                            .mapToInt(Fastener::count)
                            .sum()
                    + loose.stream().mapToInt(LoosePart::count).sum();
        }
    }

    /** The cover edge "over lies over under" was set or taken away by hand. */
    record EdgeSet(PartName over, PartName under, boolean present) implements StripEntry {
        public EdgeSet {
            Check.chosen("over", over);
            Check.chosen("under", under);
            if (over.equals(under)) {
                throw new ruvant.core.units.FieldProblem(
                        "over", "“" + over + "” cannot lie over itself.", "Name two different parts.");
            }
        }
    }

    /**
     * A small piece is gone.
     *
     * @param piece what it is: a fastener's type, a loose part's name, or the part itself
     * @param count how many, 1 to 99
     */
    record Lost(PartName part, String piece, int count) implements StripEntry {
        public Lost {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("lostCount", count, 1, 99);
        }
    }

    /** A lost piece turned up. */
    record FoundAgain(PartName part, String piece, int count) implements StripEntry {
        public FoundAgain {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("foundCount", count, 1, 99);
        }
    }
}
