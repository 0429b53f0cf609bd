package hingeyard.app.wiring;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says in the log that the shop can sign in: what starts the application waits for this line. */
@Component
class ReadyWord {

    private static final Logger LOG = LoggerFactory.getLogger(ReadyWord.class);

    @EventListener
    void ready(ApplicationReadyEvent event) {
        LOG.info("ready for the shop");
    }
}
