package ruvant.core.logline;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.trade.Drive;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.HeadForm;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.MayBeNull;

/** Fasteners as a line says them. */
final class Pieces {
    private static final Map<String, FastenerKind> KINDS = Map.of(
            "grub", FastenerKind.SET_SCREW,
            "nut", FastenerKind.NUT,
            "ring", FastenerKind.RING_NUT,
            "clip", FastenerKind.CLIP,
            "pin", FastenerKind.PIN,
            "rivet", FastenerKind.RIVET,
            "pinFace", FastenerKind.SCREW);

    private static final Map<String, Drive> DRIVES =
            Map.of("slot", Drive.SLOTTED, "cross", Drive.CROSS, "hex", Drive.HEX, "pinFace", Drive.PIN_FACE);

    private Pieces() {}

    /** One type, with everything that stood beside it. */
    static Fastener of(Fields said, TradeLists lists) {
        String head = said.text("head");
        FastenerKind kind = said.choice("holds", FastenerKind.class)
                .filter(one -> one != FastenerKind.SCREW || !KINDS.containsKey(head))
                .orElseGet(() -> KINDS.getOrDefault(head, FastenerKind.SCREW));
        Drive drive = said.choice("drive", Drive.class).orElseGet(() -> DRIVES.getOrDefault(head, usual(kind)));
        Set<FastenerTrait> traits = EnumSet.noneOf(FastenerTrait.class);
        said.texts("trait").forEach(trait -> traits.add(FastenerTrait.valueOf(trait)));
        if (said.is("leftHand")) {
            traits.add(FastenerTrait.LEFT_HAND);
        }
        if (said.is("hidden")) {
            traits.add(FastenerTrait.HIDDEN);
        }
        return new Fastener(
                kind,
                drive,
                said.choice("form", HeadForm.class).orElse(HeadForm.NOT_SAID),
                measured(said, "diameterMm"),
                measured(said, "lengthMm"),
                said.count("count", 1),
                traits,
                Stream.of(said.text("size"), said.text("colour"))
                        .filter(one -> !one.isEmpty())
                        .collect(Collectors.joining(" ")),
                said.text("where"));
    }

    private static @MayBeNull Double measured(Fields said, String name) {
        return said.number(name).orElse(null);
    }

    /** All types of a line; what is of one type counts together. */
    static List<Fastener> all(Fields said, TradeLists lists) {
        List<Fastener> merged = new ArrayList<>();
        for (Fields record : said.records("fasteners")) {
            Fastener one = of(record, lists);
            int at = merged.stream().map(Fastener::type).toList().indexOf(one.type());
            if (at < 0) {
                merged.add(one);
            } else {
                merged.set(at, one.withCount(merged.get(at).count() + one.count()));
            }
        }
        return merged;
    }

    private static Drive usual(FastenerKind kind) {
        return switch (kind) {
            case SCREW, SET_SCREW -> Drive.SLOTTED;
            case RING_NUT -> Drive.PIN_FACE;
            case NUT -> Drive.HEX;
            case E_RING, CIRCLIP, CLIP, RIVET, PIN -> Drive.NONE;
        };
    }
}
