package ruvant.core.picture;

import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.album.AlbumEntry;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.handover.Says;
import ruvant.core.handover.SheetLine;
import ruvant.core.intake.IntakePicture;
import ruvant.core.parts.PartsEntry;
import ruvant.core.prove.Streak;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Stop;
import ruvant.core.treat.Modifications;
import ruvant.core.units.Phrase;

/** Writes the return sheet from a job's picture. */
public final class ReturnSheets {
    private static final int PICTURES = 2;

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
                        proofs(picture, shop)),
                new ReturnSheet.After(
                        missing(picture),
                        leftOpen(picture),
                        picture.handover().returned().stream()
                                .flatMap(returned -> returned.passedOver().stream())
                                .map(passed ->
                                        SheetLine.of(Says.BECAUSE, passed.what().words(), passed.reason()))
                                .toList(),
                        picture.find().seen().values().stream()
                                .filter(one -> one.watch())
                                .map(one -> SheetLine.typed((one.part() == null ? "" : one.part() + ": ")
                                        + (one.place().isEmpty() ? "" : one.place() + " ")
                                        + one.condition()))
                                .toList(),
                        picture.handover().advice().stream()
                                .map(advice -> advice.text())
                                .toList(),
                        picture.handover().battery(),
                        picture.handover().comeAgain(),
                        picture.received().accessories()),
                pictures(picture));
    }

    private static ReturnSheet.Pictured pictures(JobPicture picture) {
        List<AlbumEntry.Pictured> before = at(picture, Stop.INTAKE);
        List<AlbumEntry.Pictured> after = new ArrayList<>(at(picture, Stop.PROVE));
        after.addAll(at(picture, Stop.RETURN));
        List<AlbumEntry.Pictured> left = new ArrayList<>(before);
        List<AlbumEntry.Pictured> right = new ArrayList<>();
        // what shows the same stands side by side
        for (AlbumEntry.Pictured one : before) {
            after.stream()
                    .filter(other -> !one.shows().isEmpty() && one.shows().equalsIgnoreCase(other.shows()))
                    .findFirst()
                    .ifPresent(other -> {
                        left.remove(one);
                        left.add(right.size(), one);
                        right.add(other);
                        after.remove(other);
                    });
        }
        right.addAll(after);
        return new ReturnSheet.Pictured(names(left), names(right));
    }

    private static List<AlbumEntry.Pictured> at(JobPicture picture, Stop stop) {
        return picture.album().shots().stream()
                .map(shot -> shot.what())
                .filter(one -> one.at() == stop && one.part() == null)
                .toList();
    }

    private static List<String> names(List<AlbumEntry.Pictured> shots) {
        return shots.stream().limit(PICTURES).map(AlbumEntry.Pictured::name).toList();
    }

    private static List<SheetLine> replaced(JobPicture picture) {
        return picture.parts().replacements().stream()
                .map(one -> {
                    PartsEntry.Replaced what = one.what();
                    return SheetLine.of(
                            Says.REPLACED,
                            what.part().text(),
                            what.source().label(),
                            what.from()
                                    + (what.pattern().isEmpty() ? "" : " (" + what.pattern() + ")")
                                    + (what.dimensions().isEmpty() ? "" : ", " + what.dimensions()));
                })
                .toList();
    }

    private static List<SheetLine> arrival(JobPicture picture) {
        List<SheetLine> arrival = new ArrayList<>();
        picture.intake().findings().stream()
                .map(finding -> finding.found())
                .map(found -> SheetLine.of(
                        Says.OUTSIDE,
                        Phrase.capitalised(found.region().label()),
                        found.severity().label() + " " + found.condition().label() + with(", ", found.remark())))
                .forEach(arrival::add);
        picture.intake().functions().stream()
                .filter(one -> one.result().tried() && one.result() != FunctionResult.WORKS)
                .map(one -> SheetLine.of(
                        Says.FUNCTION, one.function().words(), one.result().label() + with(", ", one.remark())))
                .forEach(arrival::add);
        picture.notes().missing().stream()
                .map(piece -> SheetLine.of(
                        Says.MISSING_ON_ARRIVAL,
                        Integer.toString(piece.count()),
                        piece.what() + with(", ", piece.where())))
                .forEach(arrival::add);
        picture.intake().visitorSigns().stream()
                .map(sign ->
                        SheetLine.of(Says.EARLIER_REPAIR, sign.sign().sign().label()))
                .distinct()
                .forEach(arrival::add);
        return arrival;
    }

    /** Places that are not filled, each with the reason where one was given. */
    private static List<SheetLine> missing(JobPicture picture) {
        return picture.notes().places().stream()
                .filter(account -> !account.isThePartItself() && account.left() + account.open() > 0)
                .filter(account -> picture.valley()
                        .part(account.place().part())
                        .filter(part -> part.state() != ValleyPart.State.BACK)
                        .isEmpty())
                .map(account ->
                        SheetLine.typed(account.words(account.left() + account.open()) + with(": ", account.because())))
                .toList();
    }

    private static List<SheetLine> found(JobPicture picture) {
        List<SheetLine> found = new ArrayList<>();
        picture.find()
                .causes()
                .forEach(
                        cause -> found.add(SheetLine.of(Says.CAUSE, cause.what().words(), cause.more())));
        picture.find().roots().forEach(root -> found.add(SheetLine.of(Says.ROOT_CAUSE, root.more())));
        picture.find()
                .symptoms()
                .forEach(symptom ->
                        found.add(SheetLine.of(Says.SEEN, symptom.what().words())));
        picture.find()
                .found()
                .forEach(
                        thing -> found.add(SheetLine.of(Says.FOUND, thing.what().words())));
        picture.notes().surplus().stream()
                .map(piece -> SheetLine.of(Says.SURPLUS, Integer.toString(piece.count()), piece.what()))
                .forEach(found::add);
        return found;
    }

    private static List<SheetLine> done(JobPicture picture, Shop shop) {
        List<SheetLine> done = new ArrayList<>();
        grouped(picture.treat().cleaned().stream()
                        .map(one -> Map.entry(
                                one.what().part().text(),
                                shop.materials()
                                        .agent(one.what().agent().id())
                                        .map(agent -> agent.label().toLowerCase(Locale.ROOT))
                                        .orElse(one.what().agent().words()))))
                .forEach((part, agents) -> done.add(SheetLine.of(Says.CLEANED, part, agents)));
        picture.treat().mended().stream()
                .map(one -> SheetLine.of(
                        Says.MENDED, one.what().part().text(), one.what().what()))
                .forEach(done::add);
        grouped(picture.treat().lubricated().stream()
                        .filter(one -> !one.what().dry())
                        .map(one -> Map.entry(
                                shop.lubrication().label(one.what().lubricant().id()),
                                one.what().point().words())))
                .forEach((lubricant, points) ->
                        done.add(SheetLine.of(Says.LUBRICATED, lubricant.toLowerCase(Locale.ROOT), points)));
        picture.adjust().turned().stream()
                .filter(one -> one.turns() != 0)
                .map(one -> SheetLine.of(
                        Says.ADJUSTED,
                        one.what().name().words(),
                        one.what().unit().signed(one.turns())))
                .forEach(done::add);
        picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.DONE)
                .map(item -> SheetLine.of(Says.AGREED_DONE, item.what().words()))
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

    private static List<SheetLine> changed(JobPicture picture, Shop shop) {
        List<SheetLine> changed = new ArrayList<>();
        picture.treat().mended().stream()
                .filter(one -> one.what().modification())
                .forEach(one -> changed.add(changed(
                        one.what().part().text(), one.what().what(), one.what().agreed())));
        Modifications.of(picture.treat().modified()).stream()
                .map(one -> changed(one.words(), "", one.agreed()))
                .forEach(changed::add);
        picture.notes().stuck().stream()
                .flatMap(stuck -> stuck.tries().stream())
                .filter(tried -> shop.lists().cannotBeUndone(tried.rung()))
                .map(tried -> changed(
                        tried.part() + ", " + tried.fastener(),
                        tried.rung().words() + (tried.remark().isEmpty() ? "" : " (" + tried.remark() + ")"),
                        tried.agreed()))
                .forEach(changed::add);
        picture.valley().parts().stream()
                .filter(part -> part.state() == ValleyPart.State.LEFT_OUT)
                .forEach(part -> changed.add(SheetLine.of(
                        Says.LEFT_OUT,
                        part.name().text(),
                        part.settled().leftOutReason().orElse(""))));
        return changed;
    }

    private static SheetLine changed(String what, String how, String agreed) {
        String words = what + with(": ", how);
        return agreed.isEmpty() ? SheetLine.typed(words) : SheetLine.of(Says.CHANGED_AGREED, words, agreed);
    }

    private static List<SheetLine> proofs(JobPicture picture, Shop shop) {
        List<SheetLine> proofs = new ArrayList<>();
        Streak streak = picture.prove().streak();
        if (streak.current() > 0) {
            proofs.add(SheetLine.of(
                    Says.STREAK,
                    Integer.toString(streak.current()),
                    String.format(Locale.ROOT, "%.1f", 100 * streak.missRateBound())));
        }
        Map<FunctionResult, String> byResult = picture.prove().functions().stream()
                .collect(Collectors.groupingBy(
                        one -> one.result(),
                        java.util.TreeMap::new,
                        Collectors.mapping(one -> one.function().words(), Collectors.joining(", "))));
        ProofsDue.of(picture, shop.proofs()).stream()
                .filter(due -> due.state() == ProofDue.State.PASSED)
                .map(due -> due.film()
                        .map(film ->
                                SheetLine.of(Says.FILM, Integer.toString(film.good()), Integer.toString(film.frames())))
                        .orElse(SheetLine.of(Says.PROOF_PASSED, due.proof().words())))
                .forEach(proofs::add);
        byResult.forEach((result, functions) -> proofs.add(SheetLine.of(Says.FUNCTION, functions, result.label())));
        return proofs;
    }

    private static List<SheetLine> leftOpen(JobPicture picture) {
        List<SheetLine> open = new ArrayList<>();
        picture.handover().leftOpen().forEach(one -> open.add(SheetLine.of(Says.BECAUSE, one.what(), one.why())));
        picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.LEFT)
                .forEach(item -> open.add(SheetLine.of(Says.BECAUSE, item.what().words(), item.reason())));
        return open;
    }
}
