package hingeyard.core.booking;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Whether two customers may be the same person: names as one mishears and misspells them, phone numbers as one groups them. */
public final class Likeness {

    /** So many letters may differ before two names are two: a misspelt one has one wrong, a long one perhaps two. */
    private static final int LONG_NAME = 10;
    private static final LevenshteinDistance LETTERS = new LevenshteinDistance(2);

    private Likeness() {
    }

    /** Without accents, case and punctuation, its words in alphabetical order: {@code Kvist, Hédda} is {@code hedda kvist}. */
    public static String nameKey(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{M}", "").toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ");
        return Arrays.stream(plain.strip().split(" ")).sorted().collect(Collectors.joining(" "));
    }

    /** Letters and digits only, lower case. */
    public static String contactKey(String contact) {
        return contact.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}@]+", "");
    }

    /** Whether the names may be one; equal keys always are. */
    public static boolean sameName(String one, String other) {
        String a = nameKey(one);
        String b = nameKey(other);
        return !a.isEmpty() && (a.equals(b) || contactKey(one).equals(contactKey(other)) || misspelt(a, b));
    }

    private static boolean misspelt(String a, String b) {
        int apart = LETTERS.apply(a, b);
        int shorter = Math.min(a.length(), b.length());
        return apart >= 0 && shorter > 4 && apart <= (shorter >= LONG_NAME ? 2 : 1);
    }

    public static boolean sameContact(String one, String other) {
        return !contactKey(one).isEmpty() && contactKey(one).equals(contactKey(other));
    }
}
