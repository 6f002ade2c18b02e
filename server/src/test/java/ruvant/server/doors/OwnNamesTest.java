package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

class OwnNamesTest {
    @Test
    void itAnswersToTheMachineAsItIsCalledNow() {
        AtomicReference<Set<String>> machine = new AtomicReference<>(Set.of("192.168.7.20", "[fd00::7]"));
        OwnNames names = new OwnNames(machine::get, "Bench.local");
        for (String host : Set.of("192.168.7.20:8443", "[fd00::7]:8443", "bench.local", "LOCALHOST:8420")) {
            assertThat(names.has(host)).as(host).isTrue();
        }
        assertThat(names.has("192.168.7.21:8443")).isFalse();
        machine.set(Set.of("192.168.7.21"));
        assertThat(names.has("192.168.7.21:8443")).isTrue();
        assertThat(names.has("192.168.7.20:8443")).isFalse();
        assertThat(names.has("evil.example:8420")).isFalse();
        assertThat(names.has(null)).isFalse();
    }

    @Test
    void aPageIsTheSameOnlyWithItsPort() {
        OwnNames names = new OwnNames(Set::of, "");
        assertThat(names.isSame("http://localhost:8420", "localhost:8420")).isTrue();
        assertThat(names.isSame("http://LOCALHOST:8420", "localhost:8420")).isTrue();
        assertThat(names.isSame("http://localhost:8421", "localhost:8420")).isFalse();
        assertThat(names.isSame("null", "localhost:8420")).isFalse();
        assertThat(names.isSame("http://%zz", "localhost:8420")).isFalse();
    }
}
