package hingeyard.core.booking;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/** Whether two customers may be the same person: names as one mishears and misspells them, phone numbers as one groups them. */
public final class Likeness {

    /** From this on two names are held to be one misspelt; tried on pairs of made-up names. */
    private static final double SAME_NAME = 0.93;
    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

    private Likeness() {
    }

    /** Without accents, case and punctuation, its words in alphabetical order: {@code Kvist, Hédda} is {@code hedda kvist}. */
    public static String nameKey(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{M}", "").toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ");
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
        return !a.isEmpty() && (a.equals(b) || contactKey(one).equals(contactKey(other)) || a.length() > 4 && b.length() > 4 && SIMILARITY.apply(a, b) >= SAME_NAME);
    }

    public static boolean sameContact(String one, String other) {
        return !contactKey(one).isEmpty() && contactKey(one).equals(contactKey(other));
    }
}
