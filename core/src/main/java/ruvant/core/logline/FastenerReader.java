package ruvant.core.logline;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.trade.Drive;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.HeadForm;

/** Reads one fastener phrase: a count, words in any order, and a size, such as {@code 3 slot 1.4x3.5 tight}. */
final class FastenerReader {
    private static final Pattern SIZE =
            Pattern.compile("(?:m)?([0-9]+(?:[.,][0-9]+)?)\\s*[x×*]\\s*([0-9]+(?:[.,][0-9]+)?)(?:mm)?");
    private static final Pattern THREAD = Pattern.compile("m([0-9]+(?:[.,][0-9]+)?)");
    private static final Map<String, Drive> DRIVES = Map.ofEntries(
            Map.entry("slot", Drive.SLOTTED),
            Map.entry("slots", Drive.SLOTTED),
            Map.entry("slotted", Drive.SLOTTED),
            Map.entry("cross", Drive.CROSS),
            Map.entry("crosshead", Drive.CROSS),
            Map.entry("hex", Drive.HEX),
            Map.entry("spanner", Drive.PIN_FACE),
            Map.entry("pin-face", Drive.PIN_FACE),
            Map.entry("pinface", Drive.PIN_FACE));
    private static final Map<String, HeadForm> HEADS = Map.of(
            "flat", HeadForm.FLAT,
            "countersunk", HeadForm.FLAT,
            "pan", HeadForm.PAN,
            "round", HeadForm.ROUND,
            "cheese", HeadForm.CHEESE,
            "shoulder", HeadForm.SHOULDER);
    private static final Map<String, FastenerKind> KINDS = Map.ofEntries(
            Map.entry("screw", FastenerKind.SCREW),
            Map.entry("screws", FastenerKind.SCREW),
            Map.entry("setscrew", FastenerKind.SET_SCREW),
            Map.entry("setscrews", FastenerKind.SET_SCREW),
            Map.entry("grub", FastenerKind.SET_SCREW),
            Map.entry("nut", FastenerKind.NUT),
            Map.entry("nuts", FastenerKind.NUT),
            Map.entry("ringnut", FastenerKind.RING_NUT),
            Map.entry("e-ring", FastenerKind.E_RING),
            Map.entry("e-rings", FastenerKind.E_RING),
            Map.entry("e-clip", FastenerKind.E_RING),
            Map.entry("circlip", FastenerKind.CIRCLIP),
            Map.entry("circlips", FastenerKind.CIRCLIP),
            Map.entry("clip", FastenerKind.CLIP),
            Map.entry("clips", FastenerKind.CLIP),
            Map.entry("rivet", FastenerKind.RIVET),
            Map.entry("rivets", FastenerKind.RIVET));
    private static final Map<String, FastenerTrait> TRAITS = Map.ofEntries(
            Map.entry("loosened", FastenerTrait.LOOSENED_ONLY),
            Map.entry("slackened", FastenerTrait.LOOSENED_ONLY),
            Map.entry("left-hand", FastenerTrait.LEFT_HAND),
            Map.entry("lefthand", FastenerTrait.LEFT_HAND),
            Map.entry("hidden", FastenerTrait.HIDDEN),
            Map.entry("captive", FastenerTrait.CAPTIVE),
            Map.entry("tight", FastenerTrait.TIGHT),
            Map.entry("stuck", FastenerTrait.STUCK));
    private static final Set<String> FILLERS =
            Set.of("only", "head", "heads", "thread", "drive", "mm", "very", "was", "were", "of", "the");

    /** A size that a further fastener follows without a comma between them. */
    private static final Pattern NEXT = Pattern.compile(
            "(?<=[0-9](?:mm)?) +(?=(?:[0-9]{1,2}|one|two|three|four|five|six) *x? *(?:slot|cross|screw|set|hex|flat|pan|pin|nut|ring|e-|circ|clip|rivet))");

    private static final Pattern COUNT_FIRST =
            Pattern.compile("\\b([0-9]{1,2}) *[x×] *(?=m?[0-9]+(?:[.,][0-9]+)? *[x×])");

    private static final int NOT_SAID = -1;

    private FastenerReader() {}

    /**
     * What was read of a phrase.
     *
     * @param rest words after it that say nothing of a fastener
     */
    record Read(Fastener fastener, String rest) {}

    /** Parts several fasteners that were typed in one breath. */
    static String[] phrases(String text) {
        return NEXT.matcher(text).replaceAll(" + ").split("\\s*(?:\\+|&| and )\\s*");
    }

    /** A phrase that is a fastener and nothing else. */
    static Optional<Fastener> whole(String phrase) {
        return read(phrase).filter(read -> read.rest().isEmpty()).map(Read::fastener);
    }

    static Optional<Read> read(String phrase) {
        String text = phrase.strip().toLowerCase(java.util.Locale.ROOT);
        text = COUNT_FIRST.matcher(text).replaceFirst("$1 ");
        text = text.replace("set screw", "setscrew")
                .replace("ring nut", "ringnut")
                .replace("left hand", "left-hand");
        Double thread = null;
        Double length = null;
        Matcher size = SIZE.matcher(text);
        if (size.find()) {
            thread = number(size.group(1));
            length = number(size.group(2));
            text = size.replaceFirst(" ");
        } else {
            Matcher only = THREAD.matcher(text);
            if (only.find()) {
                thread = number(only.group(1));
                text = only.replaceFirst(" ");
            }
        }
        return words(text, thread, length);
    }

    private static Optional<Read> words(String text, Double measured, Double length) {
        int count = NOT_SAID;
        Double thread = measured;
        boolean named = thread != null;
        boolean counted = named;
        StringBuilder rest = new StringBuilder();
        Drive drive = null;
        HeadForm head = HeadForm.NOT_SAID;
        FastenerKind kind = FastenerKind.SCREW;
        Set<FastenerTrait> traits = EnumSet.noneOf(FastenerTrait.class);
        for (String word : text.strip().split("[\\s×]+")) {
            if (word.isEmpty() || (rest.isEmpty() && FILLERS.contains(word))) {
                continue;
            }
            Optional<Integer> number = Numbers.of(word);
            if (!rest.isEmpty()) {
                rest.append(' ').append(word);
            } else if (number.isPresent() && !counted(count)) {
                count = number.get();
                counted = true;
            } else if (number.isPresent() && thread == null) {
                thread = (double) number.get();
            } else if (near(word, DRIVES).isPresent()) {
                drive = near(word, DRIVES).get();
                named = true;
            } else if (near(word, KINDS).isPresent()) {
                kind = near(word, KINDS).get();
                named = true;
            } else if (near(word, HEADS).isPresent()) {
                head = near(word, HEADS).get();
            } else if (near(word, TRAITS).isPresent()) {
                traits.add(near(word, TRAITS).get());
            } else if (named && counted) {
                rest.append(word);
            } else {
                return Optional.empty();
            }
        }
        count = counted(count) ? count : 1;
        if (!named || count < 1) {
            return Optional.empty();
        }
        Drive turnedBy = drive != null ? drive : usual(kind);
        return Optional.of(
                new Read(new Fastener(kind, turnedBy, head, thread, length, count, traits), rest.toString()));
    }

    private static boolean counted(int count) {
        return count != NOT_SAID;
    }

    /** A trait said on its own belongs to the fastener named before it. */
    static Optional<FastenerTrait> trait(String phrase) {
        String word = phrase.strip()
                .toLowerCase(java.util.Locale.ROOT)
                .replace("left hand", "left-hand")
                .replaceFirst(" (only|thread)$", "");
        return near(word, TRAITS);
    }

    private static Drive usual(FastenerKind kind) {
        return switch (kind) {
            case SCREW, SET_SCREW -> Drive.SLOTTED;
            case RING_NUT -> Drive.PIN_FACE;
            case NUT -> Drive.HEX;
            case E_RING, CIRCLIP, CLIP, RIVET, PIN -> Drive.NONE;
        };
    }

    private static <T> Optional<T> near(String word, Map<String, T> known) {
        return Spelling.nearest(word, known.keySet()).map(known::get);
    }

    private static Double number(String text) {
        return Double.valueOf(text.replace(',', '.'));
    }
}
