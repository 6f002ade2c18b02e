package ruvant.core.logline;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.intake.IntakePicture;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.TradeLists;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;

/** Reads what is said while the camera is looked over: its outside, signs of visitors, functions, the scope. */
final class IntakeReader {
    private final JobPicture picture;
    private final TradeLists lists;
    private final Nouns nouns;

    IntakeReader(JobPicture picture, TradeLists lists, Nouns nouns) {
        this.picture = picture;
        this.lists = lists;
        this.nouns = nouns;
    }

    /** A finding outside: a region, a kind and how much, in any order; the rest is the remark. */
    Reading outside(String rest, String tail) {
        Optional<Region> region = Optional.empty();
        Optional<ConditionKind> kind = Optional.empty();
        Optional<Severity> severity = Optional.empty();
        StringBuilder remark = new StringBuilder();
        for (String word : rest.split("[ ]+")) {
            String key = word.toLowerCase(Locale.ROOT);
            if (region.isEmpty() && labelled(Region.values(), key).isPresent()) {
                region = labelled(Region.values(), key);
            } else if (kind.isEmpty() && Nouns.near(key, nouns.conditions()).isPresent()) {
                kind = Nouns.near(key, nouns.conditions());
            } else if (severity.isEmpty() && labelled(Severity.values(), key).isPresent()) {
                severity = labelled(Severity.values(), key);
            } else if (!word.isEmpty()) {
                remark.append(remark.isEmpty() ? "" : " ").append(word);
            }
        }
        if (region.isEmpty()) {
            return Replies.asking(
                    "Where? Say, for example, “outside top dent slight, by the winder”.",
                    Arrays.stream(Region.values()).map(Region::label).toList());
        }
        String said = Replies.said(remark.toString(), tail);
        IntakeEntry.ConditionFound found = new IntakeEntry.ConditionFound(
                region.get(), kind.orElse(ConditionKind.OTHER), severity.orElse(Severity.SLIGHT), said);
        return Replies.logged(
                "Outside, " + found.region().label() + ": " + found.severity().label() + " "
                        + found.condition().label() + (said.isEmpty() ? "" : ", " + said),
                found);
    }

    private static <T extends Labelled> Optional<T> labelled(T[] values, String key) {
        return Arrays.stream(values)
                .filter(one -> Arrays.asList(
                                one.label().toLowerCase(Locale.ROOT).split(" "))
                        .contains(key))
                .findFirst();
    }

    Reading sign(String rest, String tail) {
        String said = Replies.said(rest.replaceFirst("(?i)^of (a |an earlier )?visitor:? *", ""), tail);
        if (said.isEmpty()) {
            return Replies.asking(
                    "Which sign of earlier repair?",
                    Arrays.stream(VisitorSignKind.values())
                            .map(VisitorSignKind::label)
                            .toList());
        }
        VisitorSignKind kind = Arrays.stream(said.toLowerCase(Locale.ROOT).split("[ ,]+"))
                .flatMap(word -> Nouns.near(word, nouns.visitorSigns()).stream())
                .findFirst()
                .orElse(VisitorSignKind.OTHER);
        return Replies.logged(
                "Sign of earlier repair: " + said,
                new IntakeEntry.VisitorSign(kind, kind.label().equalsIgnoreCase(said) ? "" : said));
    }

    Reading function(FunctionResult result, String rest, String tail) {
        List<String> functions = FunctionList.of(picture.received(), lists).stream()
                .map(Named::words)
                .toList();
        Optional<String> name = functions.stream()
                .filter(one -> one.equalsIgnoreCase(rest) || one.equalsIgnoreCase("Speed " + rest))
                .findFirst();
        return rest.isEmpty()
                ? Replies.asking("Which function?", functions)
                : Replies.logged(
                        name.orElse(rest) + ": " + result.label(),
                        new IntakeEntry.FunctionChecked(name.orElse(rest), result, tail));
    }

    Reading scope(String said) {
        String what = said.replaceFirst("(?i)^(add|do):? +", "");
        return what.isEmpty()
                ? Replies.asking("What work is to be done?", List.of())
                : Replies.logged("To do: " + what, new IntakeEntry.ScopeAdded(what));
    }

    /** "done seals": an item of the scope, by part of its words; nothing of that name is asked about. */
    Reading done(String rest, String tail) {
        List<String> open = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .map(item -> item.what().words())
                .toList();
        List<String> meant = open.stream()
                .filter(what -> what.toLowerCase(Locale.ROOT).contains(rest.toLowerCase(Locale.ROOT)))
                .toList();
        return rest.isEmpty() || meant.size() != 1
                ? Replies.asking("Which agreed work is done?", meant.isEmpty() ? open : meant)
                : Replies.logged(
                        "Done: " + meant.getFirst(), new IntakeEntry.ScopeSettled(meant.getFirst(), true, tail));
    }
}
