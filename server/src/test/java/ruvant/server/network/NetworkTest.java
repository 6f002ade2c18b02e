package ruvant.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.NetworkInterface;
import java.net.SocketException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.server.storage.CannotStartException;

class NetworkTest {
    @ParameterizedTest
    @ValueSource(strings = {"", "127.0.0.1", "localhost", "::1"})
    void atItsLoopbackItAnswersToNothingElseAndWantsNobody(String address) {
        Network network = new Network("127.0.0.1", address, 0, new ThisMachine());
        assertThat(network.names()).isEmpty();
        assertThat(network.isOpen()).isFalse();
    }

    @Test
    void listeningEverywhereItIsCalledByEveryAddressOfTheMachine() throws SocketException {
        Network network = new Network("127.0.0.1", "0.0.0.0", 0, new ThisMachine());
        assertThat(network.isOpen()).isTrue();
        NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .map(one -> one.getHostAddress().replaceFirst("%.*", ""))
                .map(one -> one.contains(":") ? "[" + one + "]" : one)
                .forEach(address -> assertThat(network.names()).contains(address));
    }

    @Test
    void withoutEncryptionItListensNowhereElse() {
        assertThatThrownBy(() -> new Network("0.0.0.0", "", 0, new ThisMachine()))
                .isInstanceOfSatisfying(
                        CannotStartException.class,
                        refused -> assertThat(refused.remedy()).contains("--address"));
    }

    @Test
    void anAddressThatIsNoneIsNamed() {
        assertThatThrownBy(() -> new Network("127.0.0.1", "no such place.invalid", 0, new ThisMachine()))
                .isInstanceOf(CannotStartException.class)
                .hasMessageContaining("no such place.invalid");
    }
}
