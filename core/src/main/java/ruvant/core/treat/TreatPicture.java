package ruvant.core.treat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What was cleaned, mended and oiled, and what waits. */
public record TreatPicture(
        List<Done<TreatEntry.Cleaned>> cleaned,
        List<Wait> waits,
        List<Done<TreatEntry.Mended>> mended,
        List<Done<TreatEntry.Lubricated>> lubricated,
        List<Shown> cautions,
        List<Done<TreatEntry.RunDry>> dryRuns,
        List<Done<TreatEntry.Modified>> modified,
        List<Done<TreatEntry.Probed>> probed,
        List<Done<TreatEntry.Finished>> finished,
        Map<PartName, List<String>> madeOf) {

    /** How a part ran dry since it was last cleaned; empty where nobody tried since. */
    public Optional<TreatEntry.RunDry> ranDry(PartName part) {
        Optional<Instant> last = cleaned.stream()
                .filter(one -> one.what().part().equals(part))
                .map(Done::at)
                .max(Instant::compareTo);
        return dryRuns.stream()
                .filter(one -> one.what().part().equals(part))
                .filter(one -> last.isEmpty() || !one.at().isBefore(last.get()))
                .reduce((earlier, later) -> later)
                .map(Done::what);
    }

    /** How often the glass of a part was gone over. */
    public int passes(PartName part, java.util.Set<String> opticsSoils) {
        return (int) cleaned.stream()
                .filter(one -> one.what().part().equals(part)
                        && opticsSoils.contains(one.what().soil()))
                .count();
    }

    /** A caution that was shown, and to whom. */
    public record Shown(Instant at, String by, String caution) {}

    /** A thing done, with its line and time. */
    public record Done<E extends TreatEntry>(UUID id, Instant at, E what) {}

    /**
     * A wait on the wall clock.
     *
     * @param part null when the whole camera waits
     * @param latestAt from when on it is too late to go on as if nothing were; empty where it never is
     * @param station what it holds until it is ended; empty for none
     * @param late what to do then; may be empty
     * @param endedAt when it was seen to be over or cut short
     */
    public record Wait(
            UUID id,
            @ruvant.core.units.MayBeNull PartName part,
            Named what,
            Instant startedAt,
            Instant endsAt,
            Optional<Instant> latestAt,
            String station,
            String late,
            Optional<Instant> endedAt) {
        /** Whether it still holds work up at this moment. */
        public boolean runs(Instant now) {
            return endedAt.isEmpty() && now.isBefore(endsAt);
        }

        /** Whether its time is up and nobody has said so yet. */
        public boolean over(Instant now) {
            return endedAt.isEmpty() && !now.isBefore(endsAt);
        }

        /** Whether its window went by and nobody took it further. */
        public boolean late(Instant now) {
            return endedAt.isEmpty()
                    && latestAt.filter(latest -> !now.isBefore(latest)).isPresent();
        }
    }

    /** Parts that were cleaned, mended or oiled, as often as that was. */
    public Stream<PartName> workedOn() {
        return Stream.of(
                        cleaned.stream().map(one -> one.what().part()),
                        mended.stream().map(one -> one.what().part()),
                        modified.stream().map(one -> one.what().part()),
                        lubricated.stream().map(one -> one.what().part()))
                .flatMap(parts -> parts);
    }

    /** Waits that hold work up now, first to end first. */
    public List<Wait> running(Instant now) {
        return waits.stream()
                .filter(wait -> wait.runs(now))
                .sorted(java.util.Comparator.comparing(Wait::endsAt))
                .toList();
    }

    /** Waits whose time is up and that nobody has taken note of. */
    public List<Wait> over(Instant now) {
        return waits.stream().filter(wait -> wait.over(now)).toList();
    }
}
