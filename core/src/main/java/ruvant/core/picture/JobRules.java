package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import ruvant.core.handover.ReturnStops;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakePicture;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Folding;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.Standing;
import ruvant.core.log.StandingOf;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.refit.RefitPicture;
import ruvant.core.sitting.MayWork;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.Trays;
import ruvant.core.strip.Valley;
import ruvant.core.trade.Stop;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.Stations;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

/** Whether lines may be added to the log of a job as it and its shop stand now. */
public final class JobRules {
    private final Shop shop;
    private final Function<JobPicture, LearnedChecks> learned;
    private final Supplier<List<Stations.Held>> waiting;
    private final Instant now;

    /** @param now the moment for which waits are judged */
    public JobRules(Shop shop, Instant now) {
        this(shop, picture -> LearnedChecks.NONE, List::of, now);
    }

    /**
     * @param learned what earlier jobs of the model of a job learned to look at; asked for only when a part comes off or goes back
     * @param waiting what lies in the stations of the shop, all jobs; asked for only when a wait wants one
     * @param now the moment for which waits are judged
     */
    public JobRules(
            Shop shop,
            Function<JobPicture, LearnedChecks> learned,
            Supplier<List<Stations.Held>> waiting,
            Instant now) {
        this.shop = shop;
        this.learned = learned;
        this.waiting = waiting;
        this.now = now;
    }

    /** Why these lines cannot be added, in this order, as one; empty when they can. */
    public Optional<Refusal> refusal(Log<JobEntry> log, List<Line> added) {
        return kernel(JobLog.tag(log)).refusal(log, added);
    }

    /** The kernel that adds lines to this job under these rules. */
    public Kernel kernel(TagNumber tag) {
        return new Kernel(JobRooms.ALL, folding -> standing(folding, tag));
    }

    /** What a rule may look at. */
    private Standing standing(Folding folding, TagNumber tag) {
        Supplier<JobPicture> logged = once(() -> JobPicture.of(folding, tag, 0, shop.practice()));
        Supplier<LearnedChecks> taught = once(() -> learned.apply(logged.get()));
        Supplier<JobPicture> picture =
                once(() -> logged.get().ordered(taught.get().order(), shop.plans(), shop.adjusters()));
        Supplier<RefitAnswers> refit = once(() -> picture.get().refit(taught.get(), shop.lists(), now));
        return new StandingOf(now)
                .with(HousePractice.class, shop::practice)
                .with(Materials.class, shop::materials)
                .with(Lubrication.class, shop::lubrication)
                .with(TradeLists.class, shop::lists)
                .with(IntakePicture.class, () -> logged.get().intake())
                .with(TreatPicture.class, () -> logged.get().treat())
                .with(StripNotes.class, () -> logged.get().notes())
                .with(RefitPicture.class, () -> logged.get().refitting())
                .with(Valley.class, () -> picture.get().valley())
                .with(Trays.class, () -> Trays.of(logged.get().valley(), shop.practice()))
                .with(RefitAnswers.class, refit)
                .with(
                        ReturnStops.class,
                        () -> () -> OutstandingList.of(picture.get(), refit.get(), taught.get(), shop, now).stream()
                                .filter(Outstanding::holds)
                                .map(Outstanding::asStop)
                                .toList())
                .with(MayWork.class, () -> stop -> overLimit(logged.get(), stop))
                .with(Stations.InUse.class, () -> inUse(logged.get()));
    }

    /** What goes further into the camera waits for the owner; closing it and handing it back does not. */
    private Optional<Refusal> overLimit(JobPicture job, Stop stop) {
        CostSoFar cost = CostSoFar.of(job, shop.pricing(), now);
        boolean further = stop.compareTo(Stop.INTAKE) > 0 && stop.compareTo(Stop.REFIT) < 0;
        return further && cost.over()
                ? cost.limit()
                        .map(limit -> new Refusal(
                                "overLimit",
                                "The owner agreed to " + CurrencyHere.words(limit.limitMinor(), cost.currency())
                                        + ", and " + CurrencyHere.words(cost.minor(), cost.currency())
                                        + " is spent.",
                                "Ask the owner, and log the answer under Options. Until then the camera can be"
                                        + " put back together and returned."))
                : Optional.empty();
    }

    /** Of this job what was just added counts as well. */
    private Stations.InUse inUse(JobPicture own) {
        List<Stations.Held> all = new ArrayList<>(waiting.get().stream()
                .filter(one -> !one.tag().equals(own.tag()))
                .toList());
        own.treat().waits().forEach(wait -> all.add(new Stations.Held(own.tag(), wait)));
        return () -> all;
    }

    private static <T> Supplier<T> once(Supplier<T> made) {
        return new Supplier<>() {
            private T known;

            @Override
            public T get() {
                known = known == null ? made.get() : known;
                return known;
            }
        };
    }
}
