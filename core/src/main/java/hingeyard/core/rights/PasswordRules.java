package hingeyard.core.rights;

import hingeyard.core.explain.Ruling;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * What a password may be. Length makes it hard to guess; no signs of this or that kind are asked for, and none is refused. What everybody
 * tries first is refused however long it is.
 */
public final class PasswordRules {

    /** Signs; fewer are tried through in days by whoever gets hold of the hash. */
    public static final int SHORTEST = 12;
    /** Bytes: the hash reads no more, so that more would only look safer. */
    public static final int LONGEST_BYTES = 72;
    /** Different signs; a word of one or two letters repeated is no longer than the word. */
    private static final int FEWEST_DIFFERENT = 5;
    /** What is left of a password without the words that stand in every guesser's list must still be this long. */
    private static final int SHORTEST_REST = 6;

    private static final List<String> GUESSED_FIRST = List.of("password", "passwort", "passcode", "passphrase", "secret", "welcome",
            "letmein",
            "iloveyou", "qwertyuiop", "qwertzuiop", "azertyuiop", "qwerty", "qwertz", "azerty", "asdfghjkl", "asdfgh", "zxcvbnm", "yxcvbnm",
            "1q2w3e4r5t", "1q2w3e4r", "1qaz2wsx", "administrator", "admin", "manager", "master", "monkey", "dragon", "sunshine", "princess",
            "football", "baseball", "superman", "batman", "trustno1", "changeme", "default", "abcdefghij", "abcdef", "abc123", "1234567890",
            "0987654321", "123456", "654321", "summer", "winter", "spring", "autumn", "monday", "friday", "january", "december", "hello",
            "hingeyard", "hinge", "yard", "workshop", "bicycle", "ebike", "bikes", "bike", "shop", "test");

    /** Years and exclamation marks are what everybody puts behind such a word. */
    private static final Pattern BEHIND_A_WORD = Pattern.compile("(19|20)\\d\\d|[!?.,;:#*_\\-\\s]");

    private PasswordRules() {
    }

    /**
     * Whether this may become somebody's password.
     *
     * @param username whose; their name in it is no secret
     */
    public static Ruling mayBe(String password, String username) {
        if (password.codePointCount(0, password.length()) < SHORTEST) {
            return Ruling.no("at least %d signs: four words in a row do".formatted(SHORTEST));
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES) {
            return Ruling.no("at most %d signs".formatted(LONGEST_BYTES));
        }
        if (password.codePoints().distinct().count() < FEWEST_DIFFERENT) {
            return Ruling.no("at least %d different signs".formatted(FEWEST_DIFFERENT));
        }
        String rest = password.toLowerCase(Locale.ROOT);
        for (String word : GUESSED_FIRST) {
            rest = rest.replace(word, "");
        }
        String own = username.toLowerCase(Locale.ROOT);
        rest = own.isEmpty() ? rest : rest.replace(own, "");
        rest = BEHIND_A_WORD.matcher(rest).replaceAll("");
        return rest.codePoints().count() >= SHORTEST_REST ? Ruling.yes()
                : Ruling.no("%d signs more beside names, years and words that everybody tries first".formatted(SHORTEST_REST));
    }
}
