package ruvant.core.anatomy;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.trade.Side;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;

/**
 * The make-up of one kind of camera: for two of its parts, whether the one that came off first lies over the other. Where
 * nothing is known it errs toward waiting: a column of a camera (its top; its bottom; its front with lens and inside; its
 * back; each side) goes back last out, first in, and everything waits for what came from inside.
 */
public final class BodyPlan {
    /** Names of parts are remembered up to so many; a shop of many years has fewer for one kind of camera. */
    private static final int MOST_NAMES = 20_000;

    /** A camera of which nothing is known. */
    public static final BodyPlan UNKNOWN = new BodyPlan(Anatomy.EMPTY, null, null);

    private static final Set<Side> OF_LENS = EnumSet.of(Side.LENS_FRONT, Side.LENS_REAR);

    private static final Set<String> HANDS = Set.of("left", "right", "upper", "lower");

    private final Anatomy anatomy;
    private final @MayBeNull BodyType body;
    private final @MayBeNull Family shutter;
    private final Map<String, Anatomy.Place> places = new LinkedHashMap<>();
    private final Map<String, Long> bits = new HashMap<>();
    private final List<Named> named = new ArrayList<>();
    private final Map<Called, PartSite> sites = new ConcurrentHashMap<>();

    private record Named(Anatomy.Kind kind, List<String> phrase) {}

    private record Called(PartName part, Side side) {}

    /** @param body null where it is not known, and then nothing is; likewise the shutter */
    public BodyPlan(Anatomy anatomy, @MayBeNull BodyType body, @MayBeNull Family shutter) {
        this.anatomy = anatomy;
        this.body = body;
        this.shutter = shutter;
        if (body != null && shutter != null) {
            // of two places with one id the later, for fewer cameras, counts
            anatomy.places().stream()
                    .filter(place -> place.on(body, shutter))
                    .forEach(place -> places.put(place.id(), place));
            places.keySet().forEach(id -> bits.put(id, 1L << bits.size()));
        }
        for (Anatomy.Kind kind : places.isEmpty() ? List.<Anatomy.Kind>of() : anatomy.kinds()) {
            kind.words().forEach(words -> named.add(new Named(kind, List.of(words.split(" ")))));
        }
    }

    /** Where a part sits, told by its name and the side from which it came. */
    public PartSite site(PartName part, Side side) {
        if (sites.size() > MOST_NAMES) {
            sites.clear();
        }
        return sites.computeIfAbsent(new Called(part, side), called -> found(PartWords.of(part.key()), side));
    }

    /** How a part of the camera that came off earlier lies to one that came off later. */
    public Lies lies(PartSite earlier, PartSite later) {
        if (earlier.nowhere() || later.nowhere()) {
            return earlier.column().over(later.column()) ? Lies.PROBABLY_OVER : Lies.FREE;
        }
        if (earlier.besides(later) || !earlier.reaches(later) && !earlier.mayHold(later)) {
            return Lies.FREE;
        }
        return earlier.surelyOver(later) ? Lies.OVER : Lies.PROBABLY_OVER;
    }

    private PartSite found(PartWords words, Side side) {
        Optional<Named> itself = match(words.what(), side, false);
        Optional<Named> best = itself.isPresent() ? itself : match(words.about(), side, true);
        Optional<Anatomy.Noun> noun = noun(words.noun());
        Optional<Role> bare = noun.map(Anatomy.Noun::role).filter(role -> role != Role.CORE);
        if (best.isEmpty()) {
            return site(words, side, false, bare, "", anywhere(side));
        }
        Anatomy.Kind kind = best.get().kind();
        boolean whole = itself.isPresent()
                && PartWords.endOf(best.get().phrase(), words.what())
                        == words.what().size();
        Optional<Role> role = whole ? Optional.of(kind.role()) : bare.filter(one -> one == Role.SHELL);
        boolean wide = !whole && noun.filter(one -> one.wide(kind.role())).isPresent();
        Set<String> at = new HashSet<>(placesOf(kind));
        at.addAll(wide ? anywhere(side) : Set.of());
        return site(words, side, true, role, whole ? kind.train() : "", at);
    }

    private PartSite site(
            PartWords words, Side side, boolean known, Optional<Role> role, String train, Set<String> at) {
        List<String> bare =
                words.what().stream().filter(word -> !HANDS.contains(word)).toList();
        String hand = words.what().stream().filter(HANDS::contains).collect(Collectors.joining(" "));
        String pair = hand.isEmpty() ? "" : String.join(" ", bare) + "/" + String.join(" ", words.about());
        boolean shell = role.equals(Optional.of(Role.SHELL));
        boolean encloses = at.stream().anyMatch(id -> places.get(id).encloses());
        long own = mask(at);
        long over = encloses ? mask(places.keySet()) : own | enclosing();
        for (String id : at) {
            over |= mask(places.get(id).over());
            over |= shell ? mask(places.get(id).shellOver()) : 0;
        }
        return new PartSite(
                known, role, train, new PartSite.Pair(pair, hand), own, over, column(side), OF_LENS.contains(side));
    }

    private long mask(Collection<String> ids) {
        long mask = 0;
        for (String id : ids) {
            mask |= bits.getOrDefault(id, 0L);
        }
        return mask;
    }

    /** What closes round the whole camera lies under whatever came off before it. */
    private long enclosing() {
        return mask(places.values().stream()
                .filter(Anatomy.Place::encloses)
                .map(Anatomy.Place::id)
                .toList());
    }

    private static PartSite.Column column(Side side) {
        return switch (side) {
            case TOP -> PartSite.Column.TOP;
            case BOTTOM -> PartSite.Column.BOTTOM;
            case BACK -> PartSite.Column.BACK;
            case LEFT -> PartSite.Column.LEFT;
            case RIGHT -> PartSite.Column.RIGHT;
            case FRONT, LENS_FRONT, LENS_REAR -> PartSite.Column.FRONT;
            case INSIDE -> PartSite.Column.INSIDE;
        };
    }

    private Set<String> anywhere(Side side) {
        return places.values().stream()
                .filter(place -> place.sides().contains(side))
                .map(Anatomy.Place::id)
                .collect(Collectors.toSet());
    }

    private Set<String> placesOf(Anatomy.Kind kind) {
        return kind.places().stream().filter(places::containsKey).collect(Collectors.toSet());
    }

    /** The longest phrase that the words hold; of two equally long ones that which stands nearer to the end. */
    private Optional<Named> match(List<String> words, Side side, boolean about) {
        return named.stream()
                .filter(one -> one.kind().on(body, shutter, side)
                        && !placesOf(one.kind()).isEmpty())
                .filter(one -> {
                    int end = PartWords.endOf(one.phrase(), words);
                    return end > 0 && (!one.kind().head() || (end == words.size() && !about));
                })
                .max(Comparator.comparingInt((Named one) -> one.phrase().size())
                        .thenComparingInt(one -> PartWords.endOf(one.phrase(), words)));
    }

    private Optional<Anatomy.Noun> noun(String word) {
        return anatomy.nouns().stream()
                .filter(one -> one.words().contains(word))
                .findFirst();
    }
}
