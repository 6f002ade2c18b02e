package ruvant.core.logline;

import java.util.EnumSet;
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
    private static final Set<String> FILLERS =
            Set.of("only", "head", "heads", "thread", "drive", "mm", "very", "was", "were", "of", "the");

    /** A size that a further fastener follows without a comma between them. */
    private static final Pattern NEXT = Pattern.compile(
            "(?<=[0-9](?:mm)?) +(?=(?:[0-9]{1,2}|one|two|three|four|five|six) *x? *(?:slot|cross|screw|set|hex|flat|pan|pin|nut|ring|e-|circ|clip|rivet))");

    private static final Pattern COUNT_FIRST =
            Pattern.compile("\\b([0-9]{1,2}) *[x×] *(?=m?[0-9]+(?:[.,][0-9]+)? *[x×])");

    private static final int NOT_SAID = -1;

    private final Nouns nouns;

    FastenerReader(Nouns nouns) {
        this.nouns = nouns;
    }

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
    Optional<Fastener> whole(String phrase) {
        return read(phrase).filter(read -> read.rest().isEmpty()).map(Read::fastener);
    }

    Optional<Read> read(String phrase) {
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

    private Optional<Read> words(String text, Double measured, Double length) {
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
            } else if (Nouns.near(word, nouns.drives()).isPresent()) {
                drive = Nouns.near(word, nouns.drives()).get();
                named = true;
            } else if (Nouns.near(word, nouns.fasteners()).isPresent()) {
                kind = Nouns.near(word, nouns.fasteners()).get();
                named = true;
            } else if (Nouns.near(word, nouns.heads()).isPresent()) {
                head = Nouns.near(word, nouns.heads()).get();
            } else if (Nouns.near(word, nouns.traits()).isPresent()) {
                traits.add(Nouns.near(word, nouns.traits()).get());
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
    Optional<FastenerTrait> trait(String phrase) {
        String word = phrase.strip()
                .toLowerCase(java.util.Locale.ROOT)
                .replace("left hand", "left-hand")
                .replaceFirst(" (only|thread)$", "");
        return Nouns.near(word, nouns.traits());
    }

    private static Drive usual(FastenerKind kind) {
        return switch (kind) {
            case SCREW, SET_SCREW -> Drive.SLOTTED;
            case RING_NUT -> Drive.PIN_FACE;
            case NUT -> Drive.HEX;
            case E_RING, CIRCLIP, CLIP, RIVET, PIN -> Drive.NONE;
        };
    }

    private static Double number(String text) {
        return Double.valueOf(text.replace(',', '.'));
    }
}
