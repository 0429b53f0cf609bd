package hingeyard.core.rights;

import hingeyard.core.explain.Ruling;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** The people of a shop as far as its doors are concerned: what they may be called, and who must stay. */
public record Accounts(List<Account> everybody) {

    /** Letters of a name; more do not stand on a paper's line. */
    public static final int LONGEST_NAME = 40;

    private static final Pattern SIGN_IN_NAME = Pattern.compile("[a-z][a-z0-9.-]{1,29}");

    /**
     * Somebody.
     *
     * @param username    what they sign in with
     * @param displayName what stands on steps and papers
     */
    public record Account(String username, String displayName, Set<Role> roles, Standing standing) {

        public Account {
            roles = Set.copyOf(roles);
        }

        boolean manages() {
            return standing == Standing.ACTIVE && roles.contains(Role.MANAGER);
        }
    }

    public Accounts {
        everybody = List.copyOf(everybody);
    }

    /** Whether somebody may be called so. */
    public Ruling mayBeCalled(String username) {
        if (!SIGN_IN_NAME.matcher(username).matches()) {
            return Ruling.no("2 to 30 small letters, digits, points or hyphens, a letter first");
        }
        return everybody.stream().anyMatch(a -> a.username.equals(username)) ? Ruling.no("a name that nobody has: somebody signs in as it")
                : Ruling.yes();
    }

    /**
     * Whether this may stand for somebody on steps and papers: nobody else's, those who left included, because what they did keeps their
     * name.
     */
    public Ruling mayStandFor(String displayName) {
        if (displayName.isBlank() || displayName.length() > LONGEST_NAME) {
            return Ruling.no("1 to %d letters".formatted(LONGEST_NAME));
        }
        return everybody.stream().filter(a -> alike(a.displayName, displayName)).findFirst()
                .map(a -> Ruling.no("a name that tells people apart: %s is taken (%s)".formatted(a.displayName, a.standing.label())))
                .orElse(Ruling.yes());
    }

    private static boolean alike(String one, String other) {
        return one.strip().toLowerCase(Locale.ROOT).equals(other.strip().toLowerCase(Locale.ROOT));
    }

    /**
     * Whether somebody may become this: a shop without a manager lets nobody in any more.
     *
     * @param roles    at least one
     * @param standing what they would be
     */
    public Ruling mayBecome(String username, Set<Role> roles, Standing standing) {
        if (roles.isEmpty()) {
            return Ruling.no("at least one of manager, technician and stock keeper");
        }
        boolean managed = everybody.stream().filter(a -> !a.username.equals(username)).anyMatch(Account::manages)
                || standing == Standing.ACTIVE && roles.contains(Role.MANAGER);
        return managed ? Ruling.yes()
                : Ruling.no("another service manager first: without one nobody could add, unlock or pause anybody");
    }
}
