package ruvant.server.refit;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.units.Labelled;
import ruvant.core.units.MayBeNull;

/** Reads what a camera is from a name or from words; what is not understood stays unknown, and then nothing is concluded. */
final class CameraWords {
    private static final Map<String, BodyType> BODIES = new LinkedHashMap<>();
    private static final Map<String, Family> SHUTTERS = new LinkedHashMap<>();

    static {
        // the more telling word first: a twin-lens reflex is a reflex too
        BODIES.put("twin", BodyType.TLR);
        BODIES.put("half", BodyType.SUBMINIATURE);
        BODIES.put("mini", BodyType.SUBMINIATURE);
        BODIES.put("modular", BodyType.MODULAR);
        BODIES.put("reflex", BodyType.SLR);
        BODIES.put("fold", BodyType.FOLDING);
        BODIES.put("bellows", BodyType.FOLDING);
        BODIES.put("box", BodyType.BOX);
        BODIES.put("rigid", BodyType.RIGID);
        BODIES.put("rangefinder", BodyType.RIGID);
        BODIES.put("viewfinder", BodyType.RIGID);
        BODIES.put("compact", BodyType.RIGID);
        BODIES.put("lens", BodyType.LENS);
        SHUTTERS.put("swing", Family.SWING);
        SHUTTERS.put("rotary", Family.ROTARY);
        SHUTTERS.put("spring", Family.SPRING_MOTOR);
        SHUTTERS.put("electronic", Family.FOCAL_ELECTRONIC);
        SHUTTERS.put("metal", Family.FOCAL_METAL);
        SHUTTERS.put("vertical", Family.FOCAL_METAL);
        SHUTTERS.put("cloth", Family.FOCAL_CLOTH);
        SHUTTERS.put("focal", Family.FOCAL_CLOTH);
        SHUTTERS.put("leafunit", Family.LEAF_UNIT);
        SHUTTERS.put("unit", Family.LEAF_UNIT);
        SHUTTERS.put("leaf", Family.LEAF_LENS);
    }

    private CameraWords() {}

    /** Small letters alone. */
    static String bare(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", "");
    }

    /** The build; null where it is not understood. */
    static @MayBeNull BodyType body(@MayBeNull String said) {
        return read(said, BodyType.values(), BODIES, BodyType::name);
    }

    /** The mechanism; null where it is not understood. */
    static @MayBeNull Family shutter(@MayBeNull String said) {
        return read(said, Family.values(), SHUTTERS, Family::name);
    }

    private static <E extends Labelled> @MayBeNull E read(
            @MayBeNull String said, E[] all, Map<String, E> telling, Function<E, String> name) {
        String bare = said == null ? "" : bare(said);
        return Arrays.stream(all)
                .filter(one ->
                        bare(name.apply(one)).equals(bare) || bare(one.label()).equals(bare))
                .findFirst()
                .or(() -> telling.entrySet().stream()
                        .filter(one -> bare.contains(one.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst())
                .orElse(null);
    }
}
