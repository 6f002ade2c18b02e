package ruvant.core.logline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.strip.CameAway;
import ruvant.core.strip.Joint;
import ruvant.core.strip.LoosePart;
import ruvant.core.strip.Mark;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.JointKind;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;

/** What a removal puts into the record: the part, what held it, how it lay, how it came away. */
final class RemovalLines {
    private static final Pattern STATED =
            Pattern.compile("(.+?)[ ,]+(?:when |while |in the |in )?(cocked|released|infinity|closed|open)(?: state)?");
    private static final Map<JointKind, Pattern> JOINTS = Map.of(
            JointKind.SOLDER, saying("(?:un)?solder(?:ed|ing)?"),
            JointKind.GLUE, saying("glued?"),
            JointKind.PUSH_FIT, saying("push[ -]?fit"),
            JointKind.HOOKED_SPRING, saying("hooked springs?|unhooked|spring"),
            JointKind.BENT_TAB, saying("bent tabs?|(?=[0-9]+ ?tabs?\\b)|tabs?"));

    private final JobPicture picture;
    private final Shop shop;
    private final KnownParts parts;

    RemovalLines(JobPicture picture, Shop shop, KnownParts parts) {
        this.picture = picture;
        this.shop = shop;
        this.parts = parts;
    }

    private static Pattern saying(String words) {
        return Pattern.compile("(?i)(?:" + words + ")(?![a-z]):? *(.*)");
    }

    List<JobEntry> removed(Fields said) {
        String part = parts.again(said.needed("part", "It is not said what came off.", "Name the part."));
        List<Fastener> fasteners = withTraits(Pieces.all(said, shop.lists()), said);
        List<LoosePart> loose = said.records("loose").stream()
                .filter(one -> one.has("count") || !one.text("what").endsWith("s"))
                .map(one -> new LoosePart(StripLines.singular(one.text("what")), one.count("count", 1)))
                .toList();
        List<String> mind = new ArrayList<>();
        Set<Hazard> hazards = hazards(said, mind);
        if (loose.stream().anyMatch(one -> one.name().endsWith("ball"))) {
            hazards.add(Hazard.BALL);
        }
        if (said.text("lone").equals(FastenerTrait.LEFT_HAND.name())
                || fasteners.isEmpty() && said.text("trait").equals(FastenerTrait.LEFT_HAND.name())) {
            hazards.add(Hazard.LEFT_HAND);
        }
        CameAway away = new CameAway(said.text("moves"), said.text("tool"), mind);
        return List.of(new StripEntry.Removed(
                PartName.of(part),
                side(said, part),
                covers(said, part),
                fasteners,
                joints(said),
                Wells.of(said),
                stoodAtInfinity(said) ? "infinity" : said.text("setting"),
                mark(said),
                loose,
                hazards,
                remark(said),
                within(said),
                stack(said),
                state(said),
                away.isEmpty() ? null : away));
    }

    /** What nobody counted is no piece of the account, and is kept as it was said. */
    private static String remark(Fields said) {
        Stream<String> loose = said.records("loose").stream()
                .filter(one -> !one.has("count") && one.text("what").endsWith("s"))
                .map(one -> one.text("what") + ", not counted");
        Stream<String> fasteners = said.records("fasteners").stream()
                .filter(one -> !one.has("count") && one.is("several"))
                .map(one -> "fasteners, not counted");
        String state = said.text("state");
        boolean onlyState = state.isEmpty()
                || state.matches("[A-Z_]+")
                || MechanismState.labelled(state.toLowerCase(Locale.ROOT)).isPresent()
                || MechanismState.in(state)
                        .filter(one -> one.label().endsWith(state.toLowerCase(Locale.ROOT)))
                        .isPresent();
        return Stream.of(
                        said.texts("remark").stream(),
                        onlyState ? Stream.<String>empty() : Stream.of(state),
                        loose,
                        fasteners)
                .flatMap(one -> one)
                .collect(Collectors.joining(", "));
    }

    /** A trait alone belongs to the fastener that was named before it. */
    private static List<Fastener> withTraits(List<Fastener> fasteners, Fields said) {
        List<Fastener> all = new ArrayList<>(fasteners);
        for (String trait : said.texts("trait")) {
            if (!all.isEmpty()) {
                all.set(all.size() - 1, all.getLast().with(FastenerTrait.valueOf(trait)));
            }
        }
        return all;
    }

    /** Work goes on where it went on last, unless the name or the line says otherwise. */
    private Side side(Fields said, String part) {
        String name = part.toLowerCase(Locale.ROOT);
        List<ValleyPart> out = picture.valley().out();
        return said.choice("side", Side.class)
                .or(() -> Arrays.stream(Side.values())
                        .filter(one -> one.label().equals(said.text("side")))
                        .findFirst())
                .or(() -> Stream.of(Side.TOP, Side.BOTTOM, Side.FRONT, Side.BACK)
                        .filter(one -> name.startsWith(one.label() + " "))
                        .findFirst())
                .orElseGet(
                        () -> out.isEmpty() ? Side.TOP : out.getLast().removed().side());
    }

    private boolean covers(Fields said, String part) {
        return said.has("covers") ? said.is("covers") : shop.lists().covers(part);
    }

    private Set<Hazard> hazards(Fields said, List<String> mind) {
        Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        Map<String, Hazard> nouns = shop.lists().nouns("hazard", Hazard.class);
        List<String> words = new ArrayList<>(said.texts("hazards"));
        words.addAll(said.texts("hazard"));
        for (String one : words) {
            String key = one.toLowerCase(Locale.ROOT).replace("left hand", "left-hand");
            Optional<Hazard> known = Arrays.stream(Hazard.values())
                    .filter(hazard ->
                            hazard.name().equals(one) || hazard.label().equals(key))
                    .findFirst()
                    .or(() -> Arrays.stream(key.split(" +"))
                            .map(word -> nouns.getOrDefault(word, nouns.get(word.replaceFirst("s$", ""))))
                            .filter(java.util.Objects::nonNull)
                            .findFirst());
            known.ifPresent(hazards::add);
            boolean more = known.isEmpty()
                    || Arrays.stream(key.split(" +"))
                            .anyMatch(word -> !known.get().label().contains(word.replaceFirst("s$", ""))
                                    && !Set.of("the", "a", "thread", "cell", "curtain", "of")
                                            .contains(word)
                                    && !known.get().name().equals(one));
            if (more) {
                mind.add(one);
            }
        }
        return hazards;
    }

    private static List<Joint> joints(Fields said) {
        List<Joint> joints = new ArrayList<>();
        for (String one : said.texts("joints")) {
            joints.add(joint(one));
        }
        if (said.has("joint")) {
            joints.add(new Joint(
                    switch (said.text("joint")) {
                        case "solder" -> JointKind.SOLDER;
                        case "glue" -> JointKind.GLUE;
                        case "pushFit" -> JointKind.PUSH_FIT;
                        case "tab" -> JointKind.BENT_TAB;
                        default -> JointKind.HOOKED_SPRING;
                    },
                    said.text("jointDetail")));
        }
        return joints;
    }

    private static Joint joint(String words) {
        for (JointKind kind : JointKind.values()) {
            Matcher matcher = JOINTS.get(kind).matcher(words);
            if (matcher.matches()) {
                return new Joint(kind, matcher.group(1));
            }
        }
        return new Joint(JointKind.PUSH_FIT, words);
    }

    private static @MayBeNull Mark mark(Fields said) {
        String mark = said.text("mark");
        if (mark.isEmpty()) {
            return null;
        }
        Matcher stated = STATED.matcher(mark);
        if (stated.matches()) {
            return new Mark(stated.group(1), stated.group(2));
        }
        return new Mark(mark, said.text("markState"));
    }

    private @MayBeNull PartName within(Fields said) {
        return said.has("within") ? parts.mustBeOut(said.text("within")) : null;
    }

    private static List<String> stack(Fields said) {
        return Arrays.stream(said.text("stack").split(" *[/>] *"))
                .filter(one -> !one.isBlank())
                .toList();
    }

    /** "At infinity" alone is how a ring stood; called a state it is how the mechanism must stand. */
    private static boolean stoodAtInfinity(Fields said) {
        return said.text("state").equals(MechanismState.AT_INFINITY.name()) && !said.has("setting");
    }

    private @MayBeNull MechanismState state(Fields said) {
        if (stoodAtInfinity(said)) {
            return null;
        }
        String words = said.text("state").toLowerCase(Locale.ROOT).replaceFirst(" state$", "");
        return said.choice("state", MechanismState.class)
                .or(() -> Optional.ofNullable(
                        shop.lists().nouns("state", MechanismState.class).get(words)))
                .or(() -> MechanismState.labelled(words))
                .or(() -> MechanismState.in(words))
                .orElse(null);
    }
}
