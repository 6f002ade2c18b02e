package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Stop;
import ruvant.core.units.TagNumber;
import ruvant.core.warranty.Likeness;
import ruvant.core.warranty.WarrantyEntry;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.said.LogLines;

/** Cameras that came back in the last weeks: the same fault twice, a related one, and one that has nothing to do with it. */
final class DemoCameBack {
    private static final List<Likeness> JUDGED = List.of(Likeness.SAME, Likeness.NEW, Likeness.RELATED, Likeness.SAME);

    private final JobService jobs;
    private final LogLines lines;
    private final ShopService shop;
    private final Instant now;

    DemoCameBack(JobService jobs, LogLines lines, ShopService shop, Instant now) {
        this.jobs = jobs;
        this.lines = lines;
        this.shop = shop;
        this.now = now;
    }

    /** @param closed cameras that went home */
    void tell(List<TagNumber> closed) {
        List<JobPicture> home = closed.stream()
                .map(jobs::picture)
                .filter(job -> job.returned() && !job.received().owner().shopsOwn())
                .sorted(Comparator.comparing(JobPicture::tag).reversed())
                .toList();
        for (int at = 0; at < JUDGED.size(); at++) {
            again(home.get(4 + 3 * at), JUDGED.get(at), now.minus(Duration.ofDays(44 - 9L * at)));
        }
    }

    private void again(JobPicture earlier, Likeness judged, Instant came) {
        IntakeEntry.Received was = earlier.received();
        boolean same = judged == Likeness.SAME;
        String cause = same ? earlier.find().causes().getFirst().what().words() : "dirt on a contact";
        DemoBench bench =
                new DemoBench(jobs, lines, shop, new Random(earlier.tag().number()), "Ines K.", came);
        bench.receive(new IntakeEntry.Received(
                        was.camera(),
                        was.owner(),
                        was.lens(),
                        List.of(),
                        same ? was.complaint() : "It works, then it does not.",
                        was.series(),
                        was.speeds(),
                        null,
                        was.features()))
                .functions(FunctionResult.WORKS, "Advance", "Counter")
                .add(new WarrantyEntry.CameBack(earlier.tag(), null, null, ""))
                .sit(Stop.FIND)
                .pass(14);
        bench.add(new FindEntry.CauseConfirmed(cause, "seen after the first plate"))
                .sit(Stop.CLEAN)
                .pass(22)
                .type("clean contact isopropyl")
                .add(new WarrantyEntry.CameBack(
                        earlier.tag(), judged, judged != Likeness.NEW, same ? "it was not free of old oil" : ""))
                .up();
        bench.pass(60L * 20)
                .sit(Stop.PROVE)
                .functions(FunctionResult.WORKS, "Advance")
                .pass(12)
                .proved()
                .up()
                .add(new HandoverEntry.Advised("Fire it through all speeds once a month."))
                .pass(60L * 24)
                .returned(was.owner().words(), "", "tried at the counter with the owner");
    }
}
