package ruvant.core.logline;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.HeadForm;

/** Writes a fastener as a hand would type it, so that the line reads it back as the same. */
final class Shorthand {
    private Shorthand() {}

    static String of(Fastener fastener) {
        return Stream.of(
                        String.valueOf(fastener.count()),
                        drive(fastener),
                        fastener.head() == HeadForm.NOT_SAID
                                ? ""
                                : fastener.head().label(),
                        fastener.kind() == FastenerKind.SCREW
                                ? ""
                                : fastener.kind().label(),
                        size(fastener),
                        fastener.traits().stream()
                                .sorted()
                                .map(Shorthand::trait)
                                .collect(Collectors.joining(" ")))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static String drive(Fastener fastener) {
        return switch (fastener.drive()) {
            case NONE -> "";
            case SLOTTED -> "slot";
            default -> fastener.drive().label();
        };
    }

    private static String trait(FastenerTrait trait) {
        return switch (trait) {
            case LOOSENED_ONLY -> "loosened";
            case CAPTIVE -> "captive";
            default -> trait.label();
        };
    }

    private static String size(Fastener fastener) {
        if (fastener.threadMm() == null) {
            return "";
        }
        return fastener.lengthMm() == null
                ? "m" + plain(fastener.threadMm())
                : plain(fastener.threadMm()) + "x" + plain(fastener.lengthMm());
    }

    private static String plain(double mm) {
        return mm == Math.rint(mm) ? String.format(Locale.ROOT, "%.0f", mm) : Double.toString(mm);
    }
}
