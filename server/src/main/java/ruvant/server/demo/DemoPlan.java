package ruvant.server.demo;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.hours.DaysOff;
import ruvant.core.hours.HoursEntry;
import ruvant.core.hours.WorkingHours;
import ruvant.core.house.HouseRoom;
import ruvant.core.job.JobEntry;
import ruvant.core.log.NewLine;
import ruvant.core.offer.OfferEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;
import ruvant.core.wish.WishEntry;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;

/**
 * Hours, days off and wishes of the demo shop, so that its week has a real conflict in it: work that only Teo can do is fixed to a
 * morning on which he is away, and a coat that has to harden for a week stands against a date that was promised.
 */
final class DemoPlan {
    private final JobService jobs;
    private final ShopService shop;
    private final Instant now;

    DemoPlan(JobService jobs, ShopService shop, Instant now) {
        this.jobs = jobs;
        this.shop = shop;
        this.now = now;
    }

    void tell() {
        LocalDate today = now.atZone(ZoneId.systemDefault()).toLocalDate();
        LocalDate fair = today.plusDays(3);
        shop.append(
                HouseRoom.LOG,
                "Ines K.",
                0,
                List.of(
                        NewLine.of(new HoursEntry.HoursSet(ines())),
                        NewLine.of(new HoursEntry.HoursSet(teo())),
                        NewLine.of(new HoursEntry.DaysOffSet(
                                List.of(new DaysOff("Teo B.", fair, fair.plusDays(1), "camera fair"))))),
                now.minus(Duration.ofDays(20)));
        Instant away = fair.atTime(10, 30).atZone(ZoneId.systemDefault()).toInstant();
        of("Quillon", "1st pattern")
                .ifPresent(tag -> say(
                        tag,
                        Duration.ofHours(5),
                        new WishEntry.TaskWished(
                                "treat", new Wish(null, "", "electronics", "", null, away, false, false, false))));
        of("Brackwater", "2nd pattern")
                .ifPresent(tag -> say(
                        tag,
                        Duration.ofHours(30),
                        new OfferEntry.OwnerAsked("Fit a pinion from a donor, or wait for a new one?")));
        of("Lumsden", "late")
                .ifPresent(tag -> say(tag, Duration.ofHours(4), new WishEntry.UrgencySet(Urgency.MATTERS)));
    }

    private static WorkingHours ines() {
        List<WorkingHours.WorkStretch> day = List.of(
                new WorkingHours.WorkStretch(LocalTime.of(8, 0), LocalTime.of(12, 0)),
                new WorkingHours.WorkStretch(LocalTime.of(12, 45), LocalTime.of(17, 0)));
        Map<DayOfWeek, List<WorkingHours.WorkStretch>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek one : DayOfWeek.values()) {
            if (one.getValue() <= DayOfWeek.FRIDAY.getValue()) {
                week.put(one, day);
            }
        }
        week.put(DayOfWeek.SATURDAY, List.of(new WorkingHours.WorkStretch(LocalTime.of(9, 0), LocalTime.of(12, 0))));
        return new WorkingHours("Ines K.", week, Set.of("general", "finish"));
    }

    private static WorkingHours teo() {
        List<WorkingHours.WorkStretch> day = List.of(
                new WorkingHours.WorkStretch(LocalTime.of(10, 0), LocalTime.of(13, 30)),
                new WorkingHours.WorkStretch(LocalTime.of(14, 15), LocalTime.of(19, 0)));
        Map<DayOfWeek, List<WorkingHours.WorkStretch>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek one : DayOfWeek.values()) {
            if (one.getValue() <= DayOfWeek.FRIDAY.getValue()) {
                week.put(one, day);
            }
        }
        return new WorkingHours("Teo B.", week, Set.of("general", "electronics"));
    }

    private Optional<TagNumber> of(String maker, String pattern) {
        return jobs.open().stream()
                .filter(job -> job.received().camera().maker().equals(maker)
                        && job.received().camera().pattern().equals(pattern))
                .map(JobPicture::tag)
                .findFirst();
    }

    private void say(TagNumber tag, Duration ago, JobEntry entry) {
        jobs.append(tag, "Ines K.", 0, List.of(NewLine.of(entry)), now.minus(ago));
    }
}
