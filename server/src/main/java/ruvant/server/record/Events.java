package ruvant.server.record;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruvant.core.log.LogName;

/** Tells open windows which log has changed; they ask for what they show themselves. */
@Component
public class Events {
    private final List<Window> windows = new CopyOnWriteArrayList<>();
    private final List<Consumer<LogName>> others = new CopyOnWriteArrayList<>();

    /** Tells another part of this house of every log that goes on; it must not take long over it. */
    public void also(Consumer<LogName> told) {
        others.add(told);
    }

    /** There is another plan of the shop. */
    public void planned(long number) {
        tell("plan", "{\"number\":" + number + "}");
    }

    /** A phone was paired or is so no longer, or a bench that phones may follow shows something else. */
    public void phones() {
        tell("phones", "{}");
    }

    /** A phone wants something done at its bench. */
    public void pressed(String bench, String what) {
        tell("pressed", "{\"bench\":\"" + bench.replaceAll("[^\\w-]", "") + "\",\"what\":\"" + what + "\"}");
    }

    /** A stream for one window. */
    public SseEmitter listen() {
        SseEmitter emitter = new SseEmitter(0L);
        Window window = new Window(emitter, windows::remove);
        windows.add(window);
        emitter.onCompletion(window::gone);
        emitter.onTimeout(window::gone);
        emitter.onError(problem -> window.gone());
        window.tell(SseEmitter.event().comment("listening"));
        return emitter;
    }

    /** A log goes on to this line now. */
    public void changed(LogName log, long lastSequence) {
        others.forEach(one -> one.accept(log));
        tell("log", "{\"log\":\"" + log + "\",\"lastSequence\":" + lastSequence + "}");
    }

    private void tell(String name, String data) {
        windows.forEach(window -> window.tell(SseEmitter.event().name(name).data(data)));
    }

    /** Keeps streams open and finds out which windows are gone. */
    @Scheduled(fixedRate = 15_000)
    void beat() {
        windows.forEach(window -> window.tell(SseEmitter.event().comment("here")));
    }

    /** How many windows listen. */
    int listening() {
        return windows.size();
    }
}
