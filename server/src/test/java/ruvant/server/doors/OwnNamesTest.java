package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.NetworkInterface;
import java.net.SocketException;
import org.junit.jupiter.api.Test;
import ruvant.server.network.Network;

class OwnNamesTest {
    @Test
    void listeningEverywhereItAnswersToEveryAddressOfTheMachine() throws SocketException {
        OwnNames names = new OwnNames(String.join(",", new Network("127.0.0.1", "0.0.0.0", 0).names()));
        NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .map(one -> one.getHostAddress().replaceFirst("%.*", ""))
                .map(one -> one.contains(":") ? "[" + one + "]" : one)
                .forEach(address ->
                        assertThat(names.has(address + ":8420")).as(address).isTrue());
        assertThat(names.has("evil.example:8420")).isFalse();
    }

    @Test
    void aPageIsTheSameOnlyWithItsPort() {
        OwnNames names = new OwnNames("");
        assertThat(names.isSame("http://localhost:8420", "localhost:8420")).isTrue();
        assertThat(names.isSame("http://LOCALHOST:8420", "localhost:8420")).isTrue();
        assertThat(names.isSame("http://localhost:8421", "localhost:8420")).isFalse();
        assertThat(names.isSame("null", "localhost:8420")).isFalse();
        assertThat(names.isSame("http://%zz", "localhost:8420")).isFalse();
    }
}
