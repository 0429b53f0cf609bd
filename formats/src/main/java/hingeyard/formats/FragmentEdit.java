package hingeyard.formats;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Changes single numbers in a fragment's text and leaves every other letter, comments too, where its writer put it. */
public final class FragmentEdit {

    private static final Pattern VERSION = Pattern.compile("(?m)^version:[ ]*(\\d+)");

    private FragmentEdit() {
    }

    /**
     * The fragment's next version in which a step takes other minutes.
     *
     * @param step its key; it is looked for as the first line of its entry, as every fragment that ships is written
     * @return nothing when the text is written in another way: then it is changed by hand
     */
    public static Optional<String> minutes(String yaml, int version, String step, int minutes) {
        Pattern of = Pattern.compile("(?ms)^  - key:[ ]*" + Pattern.quote(step) + "[ ]*$(?:(?!^  - key:).)*?^    minutes:[ ]*(\\d+)");
        return replaced(VERSION.matcher(yaml), yaml, version).flatMap(next -> replaced(of.matcher(next), next, minutes));
    }

    private static Optional<String> replaced(Matcher found, String yaml, int number) {
        return found.find() ? Optional.of(yaml.substring(0, found.start(1)) + number + yaml.substring(found.end(1))) : Optional.empty();
    }
}
