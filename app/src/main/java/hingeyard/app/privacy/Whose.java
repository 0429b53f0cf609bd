package hingeyard.app.privacy;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A customer, as far as others keep something of theirs.
 *
 * @param bikes theirs
 * @param jobs  of those bikes
 */
public record Whose(long customer, String name, String contact, List<Long> bikes, List<Long> jobs) {

    /** In place of what went. */
    public static final String GONE = "[erased]";

    public Whose {
        bikes = List.copyOf(bikes);
        jobs = List.copyOf(jobs);
    }

    /** A text without name and contact, in whatever letters they were written; parts of longer words stay. */
    public String without(String text) {
        String left = text;
        for (String own : List.of(contact, name)) {
            if (!own.isBlank()) {
                left = whole(own).matcher(left).replaceAll(Matcher.quoteReplacement(GONE));
            }
        }
        return left;
    }

    /** Whether a text holds the name or the contact. */
    public boolean isIn(String text) {
        return !without(text).equals(text);
    }

    private static Pattern whole(String own) {
        return Pattern.compile("(?<![\\p{L}\\p{N}])" + Pattern.quote(own.toLowerCase(Locale.ROOT)) + "(?![\\p{L}\\p{N}])",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }
}
