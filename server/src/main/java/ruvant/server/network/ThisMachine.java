package ruvant.server.network;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** The names and addresses under which others in the network may ask for this machine. */
@Component
class ThisMachine {
    /** Some machines are called what no certificate may say. */
    private static final String AS_IN_CERTIFICATES = "[A-Za-z0-9]([A-Za-z0-9.-]*[A-Za-z0-9])?";

    /**
     * Those that Ruvant answers to when it listens on an address.
     *
     * @param listensOn an address of this machine, "0.0.0.0" or "::" for all of them; empty for its loopback alone
     */
    Set<String> names(String listensOn) {
        Set<String> names = new TreeSet<>();
        try {
            InetAddress address = InetAddress.getByName(listensOn.isBlank() ? "127.0.0.1" : listensOn);
            if (address.isLoopbackAddress()) {
                return names;
            }
            if (address.isAnyLocalAddress()) {
                NetworkInterface.networkInterfaces()
                        .flatMap(NetworkInterface::inetAddresses)
                        .forEach(one -> names.add(written(one)));
            } else {
                names.add(written(address));
            }
            String own = InetAddress.getLocalHost().getHostName();
            if (own.matches(AS_IN_CERTIFICATES)) {
                names.add(own);
            }
            // as machines of one network call each other without a server of names
            String first = own.replaceFirst("\\..*", "");
            if (first.matches(AS_IN_CERTIFICATES)) {
                names.add(first + ".local");
            }
        } catch (UnknownHostException | SocketException unknown) {
            names.add(listensOn);
        }
        return names;
    }

    private static String written(InetAddress address) {
        String text = address.getHostAddress().replaceFirst("%.*", "");
        return text.contains(":") ? "[" + text + "]" : text;
    }
}
