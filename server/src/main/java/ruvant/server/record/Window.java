package ruvant.server.record;

import java.io.IOException;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One open window's stream. What it is told waits in a queue of its own, so that a window on a slow network holds up nobody who
 * writes; one that falls far behind is let go, and asks for everything anew when it comes back.
 */
final class Window {
    private static final int MOST_WAITING = 500;
    private static final long IDLE_SECONDS = 60;

    private final SseEmitter emitter;
    private final Consumer<Window> leave;
    private final BlockingQueue<SseEmitter.SseEventBuilder> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
    private volatile boolean gone;

    Window(SseEmitter emitter, Consumer<Window> leave) {
        this.emitter = emitter;
        this.leave = leave;
        Thread.ofVirtual().name("window").start(this::send);
    }

    void tell(SseEmitter.SseEventBuilder event) {
        if (!gone && !waiting.offer(event)) {
            gone();
            emitter.complete();
        }
    }

    void gone() {
        gone = true;
        leave.accept(this);
    }

    private void send() {
        try {
            while (!gone) {
                SseEmitter.SseEventBuilder event = waiting.poll(IDLE_SECONDS, TimeUnit.SECONDS);
                if (event != null) {
                    emitter.send(event);
                }
            }
        } catch (IOException | IllegalStateException closed) {
            gone();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            gone();
        }
    }
}
