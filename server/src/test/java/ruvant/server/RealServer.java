package ruvant.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.nio.file.Path;

/** A whole server in a process of its own, to be killed hard and started again on the same data. */
public final class RealServer implements AutoCloseable {
    private final Path data;
    private final int port;
    private Process process;

    private RealServer(Path data, int port) {
        this.data = data;
        this.port = port;
    }

    /** One that runs, on a port that is free. */
    public static RealServer on(Path data) throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            RealServer server = new RealServer(data, socket.getLocalPort());
            socket.close();
            server.start();
            return server;
        }
    }

    /** Starts it, again on the port it had. */
    public void start() throws IOException {
        process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        RuvantServer.class.getName(),
                        "--ruvant.data=" + data,
                        "--server.port=" + port)
                .redirectErrorStream(true)
                .start();
        BufferedReader said = new BufferedReader(new InputStreamReader(process.getInputStream()));
        StringBuilder all = new StringBuilder();
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            all.append(line).append('\n');
            if (line.contains("Ruvant is ready")) {
                return;
            }
        }
        throw new AssertionError("The server did not start:\n" + all);
    }

    /** As kill −9 does. */
    public void kill() {
        process.destroyForcibly().onExit().join();
    }

    public int port() {
        return port;
    }

    @Override
    public void close() {
        kill();
    }
}
