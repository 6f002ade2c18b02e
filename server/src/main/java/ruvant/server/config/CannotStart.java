package ruvant.server.config;

import java.net.BindException;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.context.ConfigurableApplicationContext;
import ruvant.server.storage.CannotStartException;

/** Says in plain words why Ruvant did not start, instead of where in its code that was. */
public class CannotStart implements SpringBootExceptionReporter {
    /** The framework makes one with what it was starting. */
    public CannotStart(ConfigurableApplicationContext context) {}

    @Override
    public boolean reportException(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotStartException known) {
                say(known.getMessage(), known.remedy());
                return true;
            }
            if (cause instanceof BindException taken) {
                say(
                        "Ruvant cannot listen there: " + taken.getMessage() + ".",
                        "Choose another port with --port, or another address with --address.");
                return true;
            }
        }
        return false;
    }

    private static void say(String what, String remedy) {
        System.err.println("\nRuvant did not start.\n" + what + "\n" + remedy + "\n");
    }
}
