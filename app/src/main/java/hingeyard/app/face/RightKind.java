package hingeyard.app.face;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** A shop of one's own never opens on the demo's data: its accounts and their passwords are known to everybody. */
@Component
@Profile("!demo")
class RightKind implements ApplicationRunner {

    private final Faces faces;

    RightKind(Faces faces) {
        this.faces = faces;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (faces.now().isDemo()) {
            throw new IllegalStateException(
                    "This database is the demo's. Start it with ./yard up, or open a shop of your own in another folder.");
        }
    }
}
