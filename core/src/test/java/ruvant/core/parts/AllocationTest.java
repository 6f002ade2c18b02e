package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AllocationTest {
    private static Allocation.Offer offer(int need, String slot, String donor, double net) {
        return new Allocation.Offer(need, slot, donor, net);
    }

    private record Case(int needs, List<Allocation.Offer> offers, Map<String, Double> opening) {
        Allocation.Result best() {
            return Allocation.best(needs, offers, opening);
        }
    }

    private static Case random(long seed, int needs, int donors, double density) {
        Random random = new Random(seed);
        List<Allocation.Offer> offers = new ArrayList<>();
        Map<String, Double> opening = new HashMap<>();
        for (int d = 0; d < donors; d++) {
            opening.put("donor " + d, 300 + 2500 * random.nextDouble());
        }
        for (int i = 0; i < needs; i++) {
            String part = "part " + random.nextInt(4);
            for (int d = 0; d < donors; d++) {
                if (random.nextDouble() < density) {
                    offers.add(offer(i, part, "donor " + d, 3000 * random.nextDouble() - 300));
                }
            }
            if (random.nextInt(3) == 0) {
                offers.add(offer(i, "shelf " + random.nextInt(3), "", 1500 * random.nextDouble()));
            }
            if (random.nextInt(2) == 0) {
                offers.add(offer(i, "", "", 900 * random.nextDouble() - 200));
            }
        }
        return new Case(needs, offers, opening);
    }

    /** All ways to serve each need, one after the other. */
    private static double bruteForce(Case one, int need, Set<String> taken, Set<String> opened) {
        if (need == one.needs()) {
            return -opened.stream()
                    .mapToDouble(donor -> one.opening().getOrDefault(donor, 0.0))
                    .sum();
        }
        double best = bruteForce(one, need + 1, taken, opened);
        for (Allocation.Offer offer : one.offers()) {
            String key = offer.donor() + "\n" + offer.slot();
            boolean free = offer.slot().isEmpty() || !taken.contains(key);
            if (offer.need() == need && free) {
                Set<String> then = new HashSet<>(taken);
                then.add(key);
                Set<String> open = new HashSet<>(opened);
                if (!offer.donor().isEmpty()) {
                    open.add(offer.donor());
                }
                best = Math.max(best, offer.net() + bruteForce(one, need + 1, then, open));
            }
        }
        return best;
    }

    private static double valueOf(Case one, Allocation.Result result) {
        Set<String> donors = new HashSet<>();
        Set<String> slots = new HashSet<>();
        double value = 0;
        for (int i = 0; i < one.needs(); i++) {
            Optional<Allocation.Offer> chosen = result.chosen().get(i);
            if (chosen.isPresent()) {
                assertThat(chosen.get().need()).isEqualTo(i);
                value += chosen.get().net();
                assertThat(chosen.get().slot().isEmpty()
                                || slots.add(chosen.get().donor() + "\n"
                                        + chosen.get().slot()))
                        .as("no thing serves twice")
                        .isTrue();
                if (!chosen.get().donor().isEmpty()) {
                    donors.add(chosen.get().donor());
                }
            }
        }
        return value - donors.stream().mapToDouble(one.opening()::get).sum();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void smallCasesComeOutAsByTryingAll(long seed) {
        for (int n = 0; n < 12; n++) {
            Case one = random(seed * 100 + n, 2 + n % 4, 1 + n % 4, 0.7);
            Allocation.Result result = one.best();

            assertThat(result.exact()).isTrue();
            assertThat(result.value()).isCloseTo(bruteForce(one, 0, Set.of(), Set.of()), within(0.01));
            assertThat(valueOf(one, result)).isCloseTo(result.value(), within(0.01));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25, 26})
    void insistingCostsWhatTryingAllWithAndWithoutItSays(long seed) {
        Case one = random(seed, 4, 3, 0.7);
        double free = bruteForce(one, 0, Set.of(), Set.of());
        for (Allocation.Offer insisted : one.offers()) {
            List<Allocation.Offer> onlyThat = one.offers().stream()
                    .filter(other -> other.need() != insisted.need())
                    .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
            double certain = 1e6;
            onlyThat.add(offer(insisted.need(), insisted.slot(), insisted.donor(), insisted.net() + certain));
            double forced = bruteForce(new Case(one.needs(), onlyThat, one.opening()), 0, Set.of(), Set.of()) - certain;
            assertThat(Allocation.insistingCosts(one.needs(), one.offers(), one.opening(), insisted))
                    .isCloseTo(Math.max(0, free - forced), within(0.01));
        }
    }

    @Test
    void takingTheDearestFirstIsWorseThanTheWhole() {
        // one donor serves both once it is open; the better part alone from another would open two
        List<Allocation.Offer> offers = List.of(
                offer(0, "governor", "whole", 1000),
                offer(1, "lens", "whole", 900),
                offer(0, "governor", "other", 1100));
        Case one = new Case(2, offers, Map.of("whole", 600.0, "other", 600.0));

        Allocation.Result result = one.best();

        assertThat(result.value()).isCloseTo(1300, within(0.01));
        assertThat(result.chosen().getFirst().orElseThrow().donor()).isEqualTo("whole");
        assertThat(Allocation.insistingCosts(2, offers, one.opening(), offers.get(2)))
                .isCloseTo(500, within(0.01));
        assertThat(Allocation.insistingCosts(2, offers, one.opening(), offers.get(0)))
                .isCloseTo(0, within(0.01));
    }

    @Test
    void whatGainsNothingIsLeftOpen() {
        Allocation.Result result = Allocation.best(
                2, List.of(offer(0, "pawl", "donor", 100), offer(1, "", "", -50)), Map.of("donor", 400.0));

        assertThat(result.value()).isZero();
        assertThat(result.chosen()).containsOnly(Optional.empty());
        assertThat(Allocation.best(0, List.of(), Map.of()).value()).isZero();
    }

    @Test
    void aPartOfADonorGoesToOneOnly() {
        Allocation.Result result = Allocation.best(
                2, List.of(offer(0, "cell", "a", 500), offer(1, "cell", "a", 700), offer(0, "", "", 100)), Map.of());

        assertThat(result.value()).isCloseTo(800, within(0.01));
        assertThat(result.chosen().getFirst().orElseThrow().slot()).isEmpty();
    }

    @Test
    void largeCasesStateABoundThatHolds() {
        Case one = random(77, 40, 25, 0.3);
        Allocation.Result result = one.best();

        assertThat(result.bound()).isGreaterThanOrEqualTo(result.value() - 0.01);
        assertThat(valueOf(one, result)).isCloseTo(result.value(), within(0.01));
        assertThat(result.exact()).isEqualTo(result.bound() - result.value() < 0.01);
    }
}
