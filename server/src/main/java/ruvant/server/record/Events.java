package ruvant.server.record;

import java.io.IOException;
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
    private final List<SseEmitter> windows = new CopyOnWriteArrayList<>();
    private final List<Consumer<LogName>> others = new CopyOnWriteArrayList<>();

    /** Tells another part of this house of every log that goes on; it must not take long over it. */
    public void also(Consumer<LogName> told) {
        others.add(told);
    }

    /** There is another plan of the shop. */
    public void planned(long number) {
        windows.forEach(window -> send(window, SseEmitter.event().name("plan").data("{\"number\":" + number + "}")));
    }

    /** A stream for one window. */
    public SseEmitter listen() {
        SseEmitter window = new SseEmitter(0L);
        windows.add(window);
        window.onCompletion(() -> windows.remove(window));
        window.onTimeout(() -> windows.remove(window));
        window.onError(problem -> windows.remove(window));
        send(window, SseEmitter.event().comment("listening"));
        return window;
    }

    /** A log goes on to this line now. */
    public void changed(LogName log, long lastSequence) {
        others.forEach(one -> one.accept(log));
        windows.forEach(window -> send(
                window,
                SseEmitter.event()
                        .name("log")
                        .data("{\"log\":\"" + log + "\",\"lastSequence\":" + lastSequence + "}")));
    }

    /** Keeps streams open and finds out which windows are gone. */
    @Scheduled(fixedRate = 15_000)
    void beat() {
        windows.forEach(window -> send(window, SseEmitter.event().comment("here")));
    }

    private void send(SseEmitter window, SseEmitter.SseEventBuilder event) {
        try {
            window.send(event);
        } catch (IOException | IllegalStateException gone) {
            windows.remove(window);
        }
    }
}
