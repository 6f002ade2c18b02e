package ruvant.core.treat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.house.School;
import ruvant.core.trade.DryRunResult;
import ruvant.core.trade.Family;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * The points of a camera, one under the other, each with what house practice puts there and how far it is: cleaned, dry, oiled.
 * They come from earlier cameras of the model, from the parts of this one, and from what its family has.
 */
public final class OilSheet {
    private OilSheet() {}

    /**
     * A point of earlier cameras of the model.
     *
     * @param jobs on how many of them something was put there, or it was left dry on purpose
     * @param dry on how many of those it was left dry
     */
    public record KnownPoint(PartName part, Named point, String kind, int jobs, int dry) {
        /** The same with what others say of it. */
        public KnownPoint and(KnownPoint other) {
            return new KnownPoint(part, point, kind, jobs + other.jobs, dry + other.dry);
        }

        /** Whether most of them left it dry. */
        public boolean mostlyDry() {
            return 2 * dry > jobs;
        }
    }

    /** Why a point stands on the sheet. */
    public enum Because {
        LOGGED,
        MODEL,
        PARTS,
        FAMILY
    }

    /** What comes next at a point. */
    public enum Next {
        CLEAN,
        WAIT,
        CLEAN_AGAIN,
        OIL,
        DONE
    }

    /**
     * What a school puts on a point.
     *
     * @param lubricant its id; empty where nothing is settled
     */
    public record OfSchool(String lubricant, String words) {}

    /**
     * One point.
     *
     * @param origin why it stands on the sheet
     * @param house what is put there here
     * @param stands how far it is
     * @param put what was put there already
     */
    public record OilRow(
            PartName part, Named point, OilKind kind, Origin origin, OilHouse house, OilStands stands, Put put) {
        /**
         * What kind of point it is.
         *
         * @param id of its kind; empty where the table has none for it
         */
        public record OilKind(String id, String label) {}

        /**
         * @param jobs on how many cameras of the model it was met
         * @param dry on how many of those it was left dry on purpose
         */
        public record Origin(Because because, int jobs, int dry) {}

        /**
         * What house practice puts there.
         *
         * @param lubricant its id; empty where nothing is settled
         * @param words the same in words
         * @param never what must never come there, and why; may be empty
         * @param bySchool what each school would put there
         */
        public record OilHouse(String lubricant, String words, String never, Map<School, OfSchool> bySchool) {}

        /**
         * How far it is.
         *
         * @param cleaned whether its part was cleaned in this job
         * @param dryRun how the part ran dry since
         * @param dryAt when it is dry, while it is not
         */
        public record OilStands(boolean cleaned, Optional<DryRunResult> dryRun, Optional<Instant> dryAt, Next next) {}

        /**
         * What was put there since the part was cleaned.
         *
         * @param with the newest
         * @param times how often something was
         * @param remark what to think of before more is put there; may be empty
         */
        public record Put(Optional<String> with, int times, String remark) {}
    }

    /**
     * The sheet.
     *
     * @param parts the parts that came off this camera
     * @param known points of earlier cameras of the model
     */
    public static List<OilRow> of(
            TreatPicture treat,
            Collection<PartName> parts,
            List<KnownPoint> known,
            Lubrication table,
            School school,
            Family family,
            Instant now) {
        List<Point> points = points(treat, parts, known, table, family);
        return points.stream()
                .map(point -> row(point, treat, table, school, now))
                .sorted(Comparator.comparingInt((OilRow row) -> row.stands().next() == Next.DONE ? 1 : 0))
                .toList();
    }

    private record Point(PartName part, Named point, String kind, Because because, int jobs, int dry) {
        boolean same(PartName otherPart, Named otherPoint, Lubrication table) {
            return table.same(part, otherPart) && point.equals(otherPoint);
        }
    }

    private static List<Point> points(
            TreatPicture treat, Collection<PartName> parts, List<KnownPoint> known, Lubrication table, Family family) {
        List<Point> points = new ArrayList<>();
        known.forEach(one ->
                points.add(new Point(one.part(), one.point(), one.kind(), Because.MODEL, one.jobs(), one.dry())));
        treat.lubricated().stream()
                .map(TreatPicture.Done::what)
                .filter(one -> points.stream().noneMatch(point -> point.same(one.part(), one.point(), table)))
                .forEach(one -> points.add(new Point(one.part(), one.point(), one.pointKind(), Because.LOGGED, 0, 0)));
        for (PartName part : parts) {
            Optional<Lubrication.PointKind> kind = table.guess(part.text());
            boolean met = points.stream().anyMatch(point -> table.same(point.part(), part));
            if (kind.isPresent() && !met) {
                points.add(new Point(part, Named.of(part.text()), kind.get().id(), Because.PARTS, 0, 0));
            }
        }
        Set<String> kinds = new HashSet<>();
        points.forEach(point -> kinds.add(point.kind()));
        for (Lubrication.FamilyPoint one : table.families().getOrDefault(family, List.of())) {
            PartName part = PartName.of(one.part());
            boolean met =
                    kinds.contains(one.kind()) || points.stream().anyMatch(point -> table.same(point.part(), part));
            if (!met) {
                points.add(new Point(part, Named.of(one.point()), one.kind(), Because.FAMILY, 0, 0));
            }
        }
        return points;
    }

    private static OilRow row(Point point, TreatPicture treat, Lubrication table, School school, Instant now) {
        Optional<Lubrication.PointKind> kind =
                table.point(point.kind()).or(() -> table.guess(point.point().words()));
        Optional<Instant> cleanedAt = treat.cleaned().stream()
                .filter(one -> table.same(one.what().part(), point.part()))
                .map(TreatPicture.Done::at)
                .max(Instant::compareTo);
        List<TreatPicture.Done<TreatEntry.Lubricated>> oiled = treat.lubricated().stream()
                .filter(one -> point.same(one.what().part(), one.what().point(), table))
                .filter(one -> cleanedAt.isEmpty() || !one.at().isBefore(cleanedAt.get()))
                .toList();
        Optional<Instant> dryAt = treat.running(now).stream()
                .filter(wait -> wait.part() != null && table.same(point.part(), wait.part()))
                .map(TreatPicture.Wait::endsAt)
                .max(Instant::compareTo);
        Optional<DryRunResult> dryRun = treat.ranDry(point.part()).map(TreatEntry.RunDry::result);
        Next next = next(oiled.isEmpty(), cleanedAt.isPresent(), dryAt.isPresent(), dryRun);
        return new OilRow(
                point.part(),
                point.point(),
                new OilRow.OilKind(
                        kind.map(Lubrication.PointKind::id).orElse(""),
                        kind.map(Lubrication.PointKind::label).orElse("")),
                new OilRow.Origin(point.because(), point.jobs(), point.dry()),
                new OilRow.OilHouse(
                        kind.map(one -> one.suggested().getOrDefault(school, ""))
                                .orElse(""),
                        kind.map(one -> one.bySchool().getOrDefault(school, "")).orElse(""),
                        kind.map(Lubrication.PointKind::neverWhy).orElse(""),
                        kind.map(OilSheet::schools).orElse(Map.of())),
                new OilRow.OilStands(cleanedAt.isPresent(), dryRun, dryAt, next),
                new OilRow.Put(
                        oiled.isEmpty()
                                ? Optional.empty()
                                : Optional.of(table.label(
                                        oiled.getLast().what().lubricant().id())),
                        (int) oiled.stream().filter(one -> !one.what().dry()).count(),
                        remark(oiled, table)));
    }

    private static Next next(boolean bare, boolean cleaned, boolean drying, Optional<DryRunResult> dryRun) {
        if (!bare) {
            return Next.DONE;
        }
        if (drying) {
            return Next.WAIT;
        }
        if (dryRun.isPresent() && dryRun.get() != DryRunResult.FREE) {
            return Next.CLEAN_AGAIN;
        }
        return cleaned ? Next.OIL : Next.CLEAN;
    }

    /** Oil that is added to oil runs where nobody wants it. */
    private static String remark(List<TreatPicture.Done<TreatEntry.Lubricated>> oiled, Lubrication table) {
        List<TreatPicture.Done<TreatEntry.Lubricated>> wet =
                oiled.stream().filter(one -> !one.what().dry()).toList();
        if (wet.isEmpty()) {
            return "";
        }
        String with = table.label(wet.getLast().what().lubricant().id()).toLowerCase(Locale.ROOT);
        return wet.size() == 1
                ? "has its " + with + "; more would creep"
                : "oiled " + wet.size()
                        + " times since it was cleaned. Too much oil creeps to blades and clutches. Clean it again.";
    }

    private static Map<School, OfSchool> schools(Lubrication.PointKind kind) {
        Map<School, OfSchool> schools = new EnumMap<>(School.class);
        for (School school : School.values()) {
            schools.put(
                    school,
                    new OfSchool(
                            kind.suggested().getOrDefault(school, ""),
                            kind.bySchool().getOrDefault(school, "")));
        }
        return schools;
    }
}
