package hingeyard.app.privacy;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A customer, as far as others keep something of theirs.
 *
 * @param bikes theirs
 * @param jobs  of those bikes
 */
public record Whose(long customer, String name, String contact, List<Long> bikes, List<Long> jobs) {

    /** In place of what went. */
    public static final String GONE = "[erased]";

    /** Shorter ones stand in too many words. */
    private static final int PART = 5;

    public Whose {
        bikes = List.copyOf(bikes);
        jobs = List.copyOf(jobs);
    }

    /** A text without name and contact, in whatever letters they were written; parts of longer words stay. */
    public String without(String text) {
        String left = text;
        for (String own : own()) {
            left = whole(own).matcher(left).replaceAll(Matcher.quoteReplacement(GONE));
        }
        return left;
    }

    /** The longest first: the contact as it stands, the name, and each number or address of a contact that names several. */
    public List<String> own() {
        return Stream.concat(Stream.of(contact, name), Stream.of(contact.split("[,;/]")).map(String::strip).filter(p -> p.length() >= PART))
                .filter(own -> !own.isBlank()).distinct().sorted(Comparator.comparingInt(String::length).reversed()).toList();
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
