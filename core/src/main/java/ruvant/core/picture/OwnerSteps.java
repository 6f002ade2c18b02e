package ruvant.core.picture;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import ruvant.core.money.Terms;
import ruvant.core.offer.OfferPicture;

/** What is to be done about the owner of a camera: ask, ask again, wait, hand it over. */
final class OwnerSteps {
    private OwnerSteps() {}

    /** @param cost so far, and what the owner allowed */
    static List<NextStep> of(JobPicture picture, CostSoFar cost, Terms terms, Instant now) {
        List<NextStep> steps = new ArrayList<>();
        if (picture.returned()) {
            return steps;
        }
        cost.limit()
                .filter(limit -> limit.state() != CostSoFar.State.WITHIN)
                .map(limit -> new NextStep.OverLimit(
                        cost.minor(),
                        limit.leftMinor(),
                        limit.limitMinor(),
                        cost.currency(),
                        limit.state() == CostSoFar.State.OVER))
                .ifPresent(steps::add);
        for (OfferPicture.Question one : picture.offer().unanswered()) {
            int days = (int) Duration.between(one.askedLast(), now).toDays();
            steps.add(new NextStep.OwnerAnswers(one.id(), one.question(), days, days >= terms.remindDays()));
        }
        picture.offer().toldReady().ifPresent(told -> {
            LocalDate until = told.what().day().plusDays(terms.collectDays());
            // the shop's own day may differ by one, which does not matter after weeks
            steps.add(new NextStep.Collect(
                    told.what().day(), until, until.isBefore(LocalDate.ofInstant(now, ZoneOffset.UTC))));
        });
        return steps;
    }
}
