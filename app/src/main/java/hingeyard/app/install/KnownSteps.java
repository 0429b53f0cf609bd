package hingeyard.app.install;

import hingeyard.app.wiring.Remembered;
import hingeyard.core.install.Step;
import hingeyard.formats.SheetJson;

/**
 * Steps as they were read from their stored text, which never changes under them: a stand that is looked at every second reads them once.
 */
final class KnownSteps {

    /** Forty bikes on their stands, with room; a step is about a kilobyte. */
    private static final int MOST = 10_000;
    private static final Remembered<String, String, Step> READ = new Remembered<>(MOST);

    private KnownSteps() {
    }

    static Step of(String body) {
        return READ.of(body, Remembered.EVER, () -> SheetJson.readStep(body));
    }
}
