package hingeyard.app.live;

import jakarta.servlet.http.HttpSession;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The stream a screen listens to. */
@RestController
class LiveController {

    private final LiveFeed feed;

    LiveController(LiveFeed feed) {
        this.feed = feed;
    }

    @GetMapping(path = "/api/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(HttpSession session) {
        return feed.open(session.getId());
    }
}
