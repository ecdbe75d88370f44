package retazo.app.live;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The line on which open pages hear that something was booked; they then ask for themselves again, with their own rights. */
@RestController
class LiveController {

    private final Listeners listeners;

    LiveController(Listeners listeners) {
        this.listeners = listeners;
    }

    @GetMapping(path = "/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen() {
        return listeners.listen();
    }
}
