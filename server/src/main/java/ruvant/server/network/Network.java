package ruvant.server.network;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import ruvant.server.storage.CannotStartException;

/** Whether others in the network reach this Ruvant, and by which names. Without encryption it is only ever at the loopback. */
@Component
public final class Network {
    private final String address;
    private final int port;
    private final ThisMachine machine;
    private volatile Set<String> names;

    /**
     * @param loopback where it listens without encryption
     * @param address where it listens for others, with encryption; empty or a loopback address for nowhere
     * @param port of the encrypted way in; 0 for any that is free
     * @throws CannotStartException if it should listen for others without encryption, or at an address that is none
     */
    public Network(
            @Value("${server.address}") String loopback,
            @Value("${ruvant.address:}") String address,
            @Value("${ruvant.secure-port:8443}") int port,
            ThisMachine machine) {
        if (!isLoopback(loopback)) {
            throw new CannotStartException(
                    "Without encryption Ruvant listens to this machine alone, not at " + loopback + ".",
                    "Start it with ./ruvant run --address " + loopback + ", which is encrypted and asks who comes in.");
        }
        this.address = address.isBlank() || isLoopback(address) ? "" : address.strip();
        this.port = port;
        this.machine = machine;
        this.names = machine.names(this.address);
    }

    private static boolean isLoopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException unknown) {
            throw new CannotStartException(
                    "“" + address + "” is not an address of this machine.",
                    "Use --address 0.0.0.0 for all of its addresses, or one of them.");
        }
    }

    /** Whether others in the network can reach it; then everybody has to say who they are. */
    public boolean isOpen() {
        return !address.isEmpty();
    }

    /** The address for others; empty where they cannot reach it. */
    public String address() {
        return address;
    }

    /** The port of the encrypted way in; 0 for any that is free. */
    public int port() {
        return port;
    }

    /** Asks the machine for its names anew: routers hand out other addresses from time to time. */
    void look() {
        names = machine.names(address);
    }

    /** The names and addresses under which others ask for this machine now; none where they cannot reach it. */
    public Set<String> names() {
        return names;
    }
}
