package ruvant.core.adjust;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.Named;

/**
 * What can be turned on a camera, how far each was, and what came of it.
 *
 * @param adjusters in the order in which they were first spoken of
 * @param results those that are not marked speeds
 * @param settings in the order tried; the last one is how it stands now
 */
public record AdjustPicture(List<Known> adjusters, List<AdjustEntry.ResultDescribed> results, List<Setting> settings) {
    /**
     * An adjuster and where it stands.
     *
     * @param described whether anybody said what it is; else it is only known to have been turned
     * @param turns from where it was first found
     * @param timesTurned how often it was turned
     */
    public record Known(AdjustEntry.AdjusterDescribed what, boolean described, double turns, int timesTurned) {
        String key() {
            return AdjustPicture.key(what.name());
        }
    }

    /**
     * All adjusters as they stood for a while, and what was seen meanwhile.
     *
     * @param turns from first found, by the adjuster's key; none where it was never turned
     * @param afterWork whether other work was done on the mechanism just before: errors from before say nothing any more
     * @param turned the lines that turned it so
     */
    public record Setting(
            Map<String, Double> turns, boolean afterWork, Instant at, List<UUID> turned, List<Shot> shots) {
        double of(Named adjuster) {
            return turns.getOrDefault(key(adjuster), 0.0);
        }
    }

    /** Something seen at a setting; the line that carries it. */
    public sealed interface Shot {
        UUID line();

        Named result();

        /** Whether it comes from no camera. */
        boolean simulated();
    }

    /** Firings at a marked speed, camera level. */
    public record Timed(UUID line, Named result, List<Double> seconds, boolean simulated) implements Shot {}

    /** A figure read, or seen by the stand. */
    public record Read(UUID line, Named result, double value, boolean simulated) implements Shot {}

    /** A result judged. */
    public record Judged(UUID line, Named result, AdjustEntry.Came came) implements Shot {
        @Override
        public boolean simulated() {
            return false;
        }
    }

    /** The same without what comes from no camera: other cameras can learn from this. */
    public AdjustPicture ofTheCamera() {
        return new AdjustPicture(
                adjusters,
                results,
                settings.stream()
                        .map(setting -> new Setting(
                                setting.turns(),
                                setting.afterWork(),
                                setting.at(),
                                setting.turned(),
                                setting.shots().stream()
                                        .filter(shot -> !shot.simulated())
                                        .toList()))
                        .toList());
    }

    /** What an adjuster or a result is told by. */
    public static String key(Named name) {
        return name.id();
    }

    /** The same for one that is only named. */
    public static String key(String name) {
        return Named.of(name).id();
    }

    /** The adjuster of that name. */
    public Optional<Known> adjuster(Named name) {
        return adjusters.stream().filter(one -> one.key().equals(key(name))).findFirst();
    }

    /** The described result of that name. */
    public Optional<AdjustEntry.ResultDescribed> result(Named name) {
        return results.stream().filter(one -> key(one.name()).equals(key(name))).findFirst();
    }

    /** Adjusters that were turned, the one turned last at the end. */
    public List<Known> turned() {
        return adjusters.stream().filter(one -> one.timesTurned() > 0).toList();
    }
}
