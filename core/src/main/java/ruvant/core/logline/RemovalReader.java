package ruvant.core.logline;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/** Reads the pieces after {@code off PART}. */
final class RemovalReader {
    private static final Pattern LOOSE = Pattern.compile(
            "(?:loose )?(?:([0-9]{1,2}|[a-z]{3,6}(?= )) *x?\\s*)?(?:loose )?((?:[a-z-]+ ){0,2}?(?:balls?|washers?|collets?|springs?|keys?|pins?|shims?|spacers?|bushe?s?|blades?|rollers?|felts?))(?: ([0-9]{1,2}))?");
    private static final Pattern SETTING = Pattern.compile("(?:set(?:ting)?(?: at| to)?|(?:dial |lens |was )?at) (.+)");
    private static final Pattern STATE =
            Pattern.compile("(.+?)[ ,]+(?:when|while|in the|in)? ?(cocked|released|infinity|closed|open)(?: state)?");

    private final String part;
    private final KnownParts known;
    private final Nouns nouns;
    private final FastenerReader fastenerReader;
    private Side side;
    private boolean covers;
    private final List<Fastener> fasteners = new ArrayList<>();
    private final List<StripEntry.Joint> joints = new ArrayList<>();
    private final List<WellName> wells = new ArrayList<>();
    private String setting = "";
    private StripEntry.Mark mark;
    private final List<StripEntry.LoosePart> loose = new ArrayList<>();
    private final Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
    private final List<String> remarks = new ArrayList<>();
    private PartName within;
    private List<String> stack = List.of();
    private MechanismState state;
    private boolean markBefore;
    private final List<Chip> chips = new ArrayList<>();

    RemovalReader(String part, Side usualSide, KnownParts known, TradeLists lists, Nouns nouns) {
        this.part = part;
        this.known = known;
        this.nouns = nouns;
        this.fastenerReader = new FastenerReader(nouns);
        this.side = sideIn(part).orElse(usualSide);
        this.covers = lists.covers(part);
    }

    void piece(String written) {
        String text = written.strip().toLowerCase(Locale.ROOT);
        if (text.isEmpty()) {
            return;
        }
        boolean afterMark = markBefore;
        markBefore = false;
        boolean read = isSide(text)
                || isCovers(text)
                || isWells(text)
                || isHazard(text)
                || isMark(written, text)
                || isState(text, afterMark)
                || isStack(written, text)
                || isWithin(written)
                || isJoint(written)
                || isFasteners(text)
                || isLoose(text)
                || isSetting(written);
        if (!read) {
            remark(written.strip());
        }
    }

    private void remark(String said) {
        remarks.add(said);
        chips.add(new Chip(Kind.NOTE, said));
    }

    StripEntry.Removed removed() {
        return new StripEntry.Removed(
                PartName.of(part),
                side,
                covers,
                merged(),
                joints,
                wells,
                setting,
                mark,
                loose,
                hazards,
                String.join(", ", remarks),
                within,
                stack,
                state);
    }

    List<Chip> chips() {
        List<Chip> all = new ArrayList<>();
        all.add(new Chip(Kind.ACTION, "Taken off: " + part));
        all.add(new Chip(Kind.DETAIL, side.label() + (covers ? ", covers" : "")));
        if (within != null) {
            all.add(new Chip(Kind.DETAIL, "out of " + within));
        }
        all.addAll(chips);
        return all;
    }

    private List<Fastener> merged() {
        List<Fastener> merged = new ArrayList<>();
        for (Fastener one : fasteners) {
            int at = merged.stream().map(Fastener::type).toList().indexOf(one.type());
            if (at < 0) {
                merged.add(one);
            } else {
                merged.set(at, one.withCount(Math.min(99, merged.get(at).count() + one.count())));
            }
        }
        return merged;
    }

    private boolean isSide(String text) {
        String word = text.replaceFirst("^(from |side |on |at )?(the )?", "").replaceFirst(" side$", "");
        Optional<Side> named = java.util.Arrays.stream(Side.values())
                .filter(one -> one.label().equals(word))
                .findFirst();
        named.ifPresent(one -> side = one);
        return named.isPresent();
    }

    private static Optional<Side> sideIn(String part) {
        String name = part.toLowerCase(Locale.ROOT);
        return java.util.stream.Stream.of(Side.TOP, Side.BOTTOM, Side.FRONT, Side.BACK)
                .filter(one -> name.startsWith(one.label() + " "))
                .findFirst();
    }

    private boolean isCovers(String text) {
        if (text.equals("covers") || text.equals("cover")) {
            covers = true;
        } else if (text.equals("covers nothing") || text.equals("no cover")) {
            covers = false;
        } else {
            return false;
        }
        return true;
    }

    private boolean isWells(String text) {
        Optional<List<WellName>> read = WellWords.read(text);
        read.stream().flatMap(List::stream).forEach(well -> {
            wells.add(well);
            chips.add(new Chip(Kind.WELL, well.toString()));
        });
        return read.isPresent();
    }

    private boolean isHazard(String text) {
        Optional<HazardReader.Read> read = new HazardReader(nouns).read(text);
        read.ifPresent(one -> {
            hazards.add(one.hazard());
            chips.add(new Chip(Kind.HAZARD, one.hazard().label()));
            if (one.saysMore()) {
                remark(text);
            }
        });
        return read.isPresent();
    }

    private boolean isMark(String written, String text) {
        if (!text.startsWith("mark")) {
            return false;
        }
        String said = written.strip().replaceFirst("(?i)^mark(ed|s)?:? *", "");
        if (said.isEmpty()) {
            return false;
        }
        Matcher state = STATE.matcher(said);
        mark = state.matches() ? new StripEntry.Mark(state.group(1), state.group(2)) : new StripEntry.Mark(said, "");
        chips.add(new Chip(Kind.MARK, "mark: " + mark.words()));
        markBefore = mark.state().isEmpty();
        return true;
    }

    /** A state right after a mark is the one in which the mark holds; else it is how the part came off. */
    private boolean isState(String text, boolean afterMark) {
        String said =
                text.replaceFirst("^(state|when|while|with the|in the) +", "").replaceFirst(" state$", "");
        if (afterMark && said.matches("cocked|released|infinity|closed|open")) {
            mark = new StripEntry.Mark(mark.text(), said);
            chips.set(chips.size() - 1, new Chip(Kind.MARK, "mark: " + mark.words()));
            return true;
        }
        // "at infinity" alone is how a ring stood; called a state it is how the mechanism must stand
        Optional<MechanismState> meant = text.startsWith("state ")
                ? MechanismState.labelled(said).or(() -> nouns.state(said, false))
                : said.equals("at infinity") ? Optional.empty() : nouns.state(said, false);
        meant.ifPresent(one -> {
            state = one;
            chips.add(new Chip(Kind.MARK, one.label()));
        });
        return meant.isPresent();
    }

    private boolean isStack(String written, String text) {
        if (!text.matches("(stack|order|pile)( of)?:? +.*[/>].*")) {
            return false;
        }
        stack = java.util.Arrays.stream(written.strip()
                        .replaceFirst("(?i)^(stack|order|pile)( of)?:? +", "")
                        .split(" *[/>] *"))
                .filter(one -> !one.isBlank())
                .toList();
        chips.add(new Chip(Kind.DETAIL, "stack of " + stack.size() + ", outermost first"));
        return true;
    }

    /** The assembly it came out of, where that is one that is out. */
    private boolean isWithin(String written) {
        Matcher matcher =
                Pattern.compile("(?i)(?:out of|from|inside|in) (?:the )?(.+)").matcher(written.strip());
        if (!matcher.matches()) {
            return false;
        }
        Optional<PartName> assembly = known.partOut(matcher.group(1)).map(one -> one.name());
        assembly.ifPresent(one -> within = one);
        return assembly.isPresent();
    }

    private boolean isJoint(String written) {
        Optional<StripEntry.Joint> read = JointReader.read(written.strip());
        read.ifPresent(joint -> {
            joints.add(joint);
            chips.add(new Chip(Kind.DETAIL, joint.words()));
        });
        return read.isPresent();
    }

    private boolean isFasteners(String text) {
        List<Fastener> read = new ArrayList<>();
        List<String> rests = new ArrayList<>();
        for (String phrase : FastenerReader.phrases(text)) {
            Optional<FastenerReader.Read> one = fastenerReader.read(phrase);
            if (one.isEmpty()) {
                return read.isEmpty() && isTrait(phrase);
            }
            read.add(one.get().fastener());
            if (!one.get().rest().isEmpty()) {
                rests.add(one.get().rest());
            }
        }
        fasteners.addAll(read);
        read.forEach(one -> chips.add(new Chip(Kind.DETAIL, one.words())));
        rests.forEach(this::remark);
        return true;
    }

    /** A trait alone belongs to the fastener before it; a left-hand thread before any is a thing to beware of. */
    private boolean isTrait(String phrase) {
        Optional<FastenerTrait> trait = fastenerReader.trait(phrase);
        if (trait.isEmpty()) {
            return false;
        }
        if (!fasteners.isEmpty()) {
            fasteners.set(fasteners.size() - 1, fasteners.getLast().with(trait.get()));
            chips.add(new Chip(Kind.DETAIL, trait.get().label()));
            return true;
        }
        if (trait.get() != FastenerTrait.LEFT_HAND) {
            return false;
        }
        hazards.add(Hazard.LEFT_HAND);
        chips.add(new Chip(Kind.HAZARD, Hazard.LEFT_HAND.label()));
        return true;
    }

    private boolean isLoose(String text) {
        Matcher matcher = LOOSE.matcher(text);
        if (!matcher.matches()) {
            return false;
        }
        String figure = matcher.group(1) == null ? matcher.group(3) : matcher.group(1);
        int count = figure == null ? 1 : Numbers.of(figure).orElse(0);
        if (count < 1) {
            return false;
        }
        String name = matcher.group(2).strip().replaceFirst("s$", "");
        loose.add(new StripEntry.LoosePart(name, count));
        if (name.endsWith("ball")) {
            hazards.add(Hazard.BALL);
        }
        chips.add(new Chip(Kind.DETAIL, loose.getLast().words()));
        return true;
    }

    private boolean isSetting(String written) {
        Matcher matcher = SETTING.matcher(written.strip());
        if (!matcher.matches()) {
            return false;
        }
        setting = matcher.group(1);
        chips.add(new Chip(Kind.MARK, "was at " + setting));
        return true;
    }
}
