package ruvant.core.picture;

import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.intake.IntakePicture;
import ruvant.core.parts.PartsEntry;
import ruvant.core.prove.Streak;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.FunctionResult;
import ruvant.core.treat.Modifications;
import ruvant.core.units.Phrase;

/** Writes the return sheet from a job's picture. */
public final class ReturnSheets {
    private ReturnSheets() {}

    /** The sheet as it would be handed over now. */
    public static ReturnSheet of(JobPicture picture, Shop shop) {
        return new ReturnSheet(
                picture.tag(),
                new ReturnSheet.Head(
                        shop.practice().head().shopName(),
                        picture.intake().receivedAt().orElseThrow(),
                        picture.handover().returnedAt(),
                        picture.sitting().minutes(),
                        shop.practice().head().guaranteeMonths()),
                picture.received(),
                new ReturnSheet.Arrival(arrival(picture)),
                new ReturnSheet.Work(found(picture), done(picture, shop), replaced(picture), changed(picture, shop)),
                new ReturnSheet.Proof(
                        picture.speedsOfTheCamera().stream()
                                .filter(row ->
                                        row.before().isPresent() || row.after().isPresent())
                                .toList(),
                        proofs(picture)),
                new ReturnSheet.After(
                        missing(picture),
                        leftOpen(picture),
                        picture.handover().returned().stream()
                                .flatMap(returned -> returned.passedOver().stream())
                                .map(passed -> passed.what() + ": " + passed.reason())
                                .toList(),
                        picture.handover().advice().stream()
                                .map(advice -> advice.text())
                                .toList(),
                        picture.handover().battery(),
                        picture.received().accessories()));
    }

    private static List<String> replaced(JobPicture picture) {
        return picture.parts().replacements().stream()
                .map(one -> {
                    PartsEntry.Replaced what = one.what();
                    return what.part() + ": " + what.source().label() + ", " + what.from()
                            + (what.pattern().isEmpty() ? "" : " (" + what.pattern() + ")")
                            + (what.dimensions().isEmpty() ? "" : ", " + what.dimensions());
                })
                .toList();
    }

    private static List<String> arrival(JobPicture picture) {
        List<String> arrival = new ArrayList<>();
        picture.intake().findings().stream()
                .map(finding -> finding.found())
                .map(found -> Phrase.capitalised(found.region().label()) + ": "
                        + found.severity().label() + " " + found.condition().label() + with(", ", found.remark()))
                .forEach(arrival::add);
        picture.intake().functions().stream()
                .filter(one -> one.result() != FunctionResult.WORKS && one.result() != FunctionResult.NOT_TRIED)
                .map(one -> one.function() + ": " + one.result().label() + with(", ", one.remark()))
                .forEach(arrival::add);
        picture.notes().missing().stream()
                .map(piece -> "Missing on arrival: " + piece.count() + " × " + piece.what() + with(", ", piece.where()))
                .forEach(arrival::add);
        picture.intake().visitorSigns().stream()
                .map(sign -> "Signs of an earlier repair: " + sign.sign().sign().label())
                .distinct()
                .forEach(arrival::add);
        return arrival;
    }

    /** Places that are not filled, each with the reason where one was given. */
    private static List<String> missing(JobPicture picture) {
        return picture.notes().places().stream()
                .filter(account -> !account.isThePartItself() && account.left() + account.open() > 0)
                .filter(account -> picture.valley()
                        .part(account.place().part())
                        .filter(part -> part.state() != ValleyPart.State.BACK)
                        .isEmpty())
                .map(account -> account.words(account.left() + account.open()) + with(": ", account.because()))
                .toList();
    }

    private static List<String> found(JobPicture picture) {
        List<String> found = new ArrayList<>();
        picture.find().causes().forEach(cause -> found.add("Cause: " + cause.what() + " (" + cause.more() + ")"));
        picture.find().roots().forEach(root -> found.add("Root cause: " + root.more()));
        picture.find().symptoms().forEach(symptom -> found.add("Seen: " + symptom.what()));
        picture.find().found().forEach(thing -> found.add("Found: " + thing.what()));
        picture.notes().surplus().stream()
                .map(piece -> "Found in it and belongs nowhere: " + piece.count() + " × " + piece.what())
                .forEach(found::add);
        return found;
    }

    private static List<String> done(JobPicture picture, Shop shop) {
        List<String> done = new ArrayList<>();
        grouped(picture.treat().cleaned().stream()
                        .map(one -> Map.entry(
                                one.what().part().text(),
                                shop.materials()
                                        .agent(one.what().agent().id())
                                        .map(agent -> agent.label().toLowerCase(Locale.ROOT))
                                        .orElse(one.what().agent().words()))))
                .forEach((part, agents) -> done.add("Cleaned " + part + ": " + agents));
        picture.treat().mended().stream()
                .map(one -> "Mended " + one.what().part() + ": " + one.what().what())
                .forEach(done::add);
        grouped(picture.treat().lubricated().stream()
                        .filter(one -> !one.what().dry())
                        .map(one -> Map.entry(
                                shop.lubrication().label(one.what().lubricant().id()),
                                one.what().point().words())))
                .forEach((lubricant, points) ->
                        done.add("Lubricated with " + lubricant.toLowerCase(Locale.ROOT) + ": " + points));
        picture.adjust().turned().stream()
                .filter(one -> one.turns() != 0)
                .map(one -> "Adjusted " + one.what().name() + ": "
                        + one.what().unit().signed(one.turns()) + " from where it was found")
                .forEach(done::add);
        picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.DONE)
                .map(item -> "Done as agreed: " + item.what())
                .forEach(done::add);
        return done;
    }

    private static Map<String, String> grouped(Stream<Map.Entry<String, String>> pairs) {
        return pairs.collect(Collectors.groupingBy(
                Map.Entry::getKey,
                LinkedHashMap::new,
                Collectors.mapping(
                        Map.Entry::getValue,
                        Collectors.collectingAndThen(
                                Collectors.toList(),
                                values -> values.stream().distinct().collect(Collectors.joining(", "))))));
    }

    private static List<String> changed(JobPicture picture, Shop shop) {
        List<String> changed = new ArrayList<>();
        picture.treat().mended().stream()
                .filter(one -> one.what().modification())
                .forEach(one -> changed.add(one.what().part() + ": "
                        + one.what().what() + agreed(one.what().agreed())));
        Modifications.of(picture.treat().modified()).stream()
                .map(one -> one.words() + agreed(one.agreed()))
                .forEach(changed::add);
        picture.notes().stuck().stream()
                .flatMap(stuck -> stuck.tries().stream())
                .filter(tried -> shop.lists().cannotBeUndone(tried.rung()))
                .map(tried -> tried.part() + ", " + tried.fastener() + ": "
                        + tried.rung().words()
                        + (tried.remark().isEmpty() ? "" : " (" + tried.remark() + ")") + agreed(tried.agreed()))
                .forEach(changed::add);
        picture.valley().parts().stream()
                .filter(part -> part.state() == ValleyPart.State.LEFT_OUT)
                .forEach(part -> changed.add("Left out " + part.name() + ": "
                        + part.settled().leftOutReason().orElse("")));
        return changed;
    }

    private static String agreed(String how) {
        return how.isEmpty() ? "" : "; agreed: " + how;
    }

    private static List<String> proofs(JobPicture picture) {
        List<String> proofs = new ArrayList<>();
        Streak streak = picture.prove().streak();
        if (streak.current() > 0) {
            proofs.add(String.format(
                    Locale.ROOT,
                    "%d firings in a row without a miss (miss rate below %.1f %%, 95 %% sure)",
                    streak.current(),
                    100 * streak.missRateBound()));
        }
        Map<FunctionResult, String> byResult = picture.prove().functions().stream()
                .collect(Collectors.groupingBy(
                        one -> one.result(),
                        java.util.TreeMap::new,
                        Collectors.mapping(one -> one.function().words(), Collectors.joining(", "))));
        byResult.forEach((result, functions) -> proofs.add(functions + ": " + result.label()));
        return proofs;
    }

    private static List<String> leftOpen(JobPicture picture) {
        List<String> open = new ArrayList<>();
        picture.handover().leftOpen().forEach(one -> open.add(one.what() + ": " + one.why()));
        picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.LEFT)
                .forEach(item -> open.add(item.what() + ": " + item.reason()));
        return open;
    }
}
