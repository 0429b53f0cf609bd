package hingeyard.app.install;

import hingeyard.core.install.Step;
import hingeyard.formats.SheetJson;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Steps as they were read from their stored text, which never changes under them: a stand that is looked at every second reads them once.
 */
final class KnownSteps {

    /** Forty bikes on their stands, with room; a step is about a kilobyte. */
    private static final int MOST = 10_000;
    private static final Map<String, Step> READ = new ConcurrentHashMap<>();

    private KnownSteps() {
    }

    static Step of(String body) {
        Step known = READ.get(body);
        if (known == null) {
            known = SheetJson.readStep(body);
            if (READ.size() >= MOST) {
                READ.clear();
            }
            READ.put(body, known);
        }
        return known;
    }
}
