package ruvant.core.trade;

import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * One type of fastener at a part, and how many there are.
 *
 * @param threadMm thread diameter, 0.3 to 60 mm; null when not measured
 * @param lengthMm length under the head, 0.2 to 80 mm; null when not measured
 * @param count 1 to 99
 * @param look size and colour in words, such as "tiny black"; empty where nothing is said
 * @param where which holes they belong in, such as "by the hinge"; empty where nothing is said
 */
public record Fastener(
        FastenerKind kind,
        Drive drive,
        HeadForm head,
        @MayBeNull Double threadMm,
        @MayBeNull Double lengthMm,
        int count,
        Set<FastenerTrait> traits,
        @MayBeNull String look,
        @MayBeNull String where) {
    /** One of which neither look nor place is said. */
    public Fastener(
            FastenerKind kind,
            Drive drive,
            HeadForm head,
            @MayBeNull Double threadMm,
            @MayBeNull Double lengthMm,
            int count,
            Set<FastenerTrait> traits) {
        this(kind, drive, head, threadMm, lengthMm, count, traits, "", "");
    }

    public Fastener {
        kind = Check.or(kind, FastenerKind.SCREW);
        drive = Check.or(drive, Drive.SLOTTED);
        head = Check.or(head, HeadForm.NOT_SAID);
        Check.optionalWithin("threadMm", threadMm, 0.3, 60, "mm");
        Check.optionalWithin("lengthMm", lengthMm, 0.2, 80, "mm");
        Check.count("fastenerCount", count, 1, 99);
        traits = Check.set(traits);
        look = Check.optionalName("look", look);
        where = Check.optionalName("where", where);
    }

    /** Slotted screws of a thread and length in millimetres. */
    public static Fastener slotted(int count, double threadMm, double lengthMm) {
        return new Fastener(FastenerKind.SCREW, Drive.SLOTTED, HeadForm.NOT_SAID, threadMm, lengthMm, count, Set.of());
    }

    /** The same with another count. */
    public Fastener withCount(int other) {
        return new Fastener(kind, drive, head, threadMm, lengthMm, other, traits, look, where);
    }

    /** The same with one trait more. */
    public Fastener with(FastenerTrait trait) {
        Set<FastenerTrait> more = java.util.stream.Stream.concat(traits.stream(), java.util.stream.Stream.of(trait))
                .collect(Collectors.toSet());
        return new Fastener(kind, drive, head, threadMm, lengthMm, count, more, look, where);
    }

    /** Whether it stays in place and only was slackened, so that no piece lies in the tray. */
    public boolean staysIn() {
        return traits.contains(FastenerTrait.LOOSENED_ONLY);
    }

    /** What tells this type from others at the same part: all but the count. */
    public String type() {
        StringBuilder words = new StringBuilder(look.isEmpty() ? "" : look + " ");
        if (drive != Drive.NONE && kind != FastenerKind.CLIP && kind != FastenerKind.E_RING) {
            words.append(drive.label()).append(' ');
        }
        if (head != HeadForm.NOT_SAID) {
            words.append(head.label()).append(' ');
        }
        words.append(kind.label());
        if (threadMm != null) {
            words.append(' ').append(threadMm);
        }
        if (lengthMm != null) {
            words.append(threadMm == null ? " length " : " × ").append(lengthMm);
        }
        traits.stream().sorted().forEach(trait -> words.append(", ").append(trait.label()));
        words.append(where.isEmpty() ? "" : " " + where);
        return words.toString();
    }

    /** Count and type, such as {@code 3 × slotted screw 1.4 × 3.5}. */
    public String words() {
        return count + " × " + type();
    }
}
