package ruvant.server.record;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruvant.core.units.TagNumber;

/** Tells open windows that a job has changed; they ask for it themselves. */
@Component
public class Events {
    private final List<SseEmitter> windows = new CopyOnWriteArrayList<>();

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

    void changed(TagNumber tag, long lastSequence) {
        windows.forEach(window -> send(
                window,
                SseEmitter.event()
                        .name("job")
                        .data("{\"tag\":\"" + tag + "\",\"lastSequence\":" + lastSequence + "}")));
    }

    /** The shop's settings have changed. */
    public void houseChanged() {
        windows.forEach(window -> send(window, SseEmitter.event().name("house").data("{}")));
    }

    /** Something on the shelf has changed. */
    public void shelfChanged() {
        windows.forEach(window -> send(window, SseEmitter.event().name("shelf").data("{}")));
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
