package retazo.app.live;

import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The pages that listen. */
@Component
class Listeners {

    private static final long FOR_EVER = 0;

    /** How long a page waits before it asks again when the line broke, in milliseconds. */
    private static final long AGAIN_AFTER = 2000;

    private final Set<SseEmitter> pages = ConcurrentHashMap.newKeySet();

    /** A page that listens from now on. */
    SseEmitter listen() {
        SseEmitter page = new SseEmitter(FOR_EVER);
        page.onCompletion(() -> pages.remove(page));
        page.onError(fault -> pages.remove(page));
        pages.add(page);
        send(page, SseEmitter.event().reconnectTime(AGAIN_AFTER).comment("listening"));
        return page;
    }

    /** Something was booked. */
    void tellChanged() {
        pages.forEach(page -> send(page, SseEmitter.event().name("changed").data("")));
    }

    /** Nothing was; who is gone is found out so. */
    void tellAlive() {
        pages.forEach(page -> send(page, SseEmitter.event().comment("alive")));
    }

    void close() {
        pages.forEach(SseEmitter::complete);
    }

    private void send(SseEmitter page, SseEmitter.SseEventBuilder event) {
        try {
            page.send(event);
        } catch (IOException | IllegalStateException gone) {
            pages.remove(page);
        }
    }
}
