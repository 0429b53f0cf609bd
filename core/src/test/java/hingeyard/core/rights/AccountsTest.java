package hingeyard.core.rights;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.explain.Ruling;
import hingeyard.core.rights.Accounts.Account;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AccountsTest {

    private static final Accounts SHOP = new Accounts(List.of(
            new Account("orla", "Orla M.", Set.of(Role.MANAGER), Standing.ACTIVE),
            new Account("tova", "Tova", Set.of(Role.TECHNICIAN), Standing.ACTIVE),
            new Account("mika", "Mika", Set.of(Role.MANAGER), Standing.PAUSED),
            new Account("jon", "Jon", Set.of(Role.TECHNICIAN), Standing.GONE)));

    @ParameterizedTest
    @CsvSource({"orla, taken", "new.one-2, yes", "x, small letters", "2x, small letters", "Tova, small letters", "ünal, small letters",
        "'a b', small letters", "abcdefghijklmnopqrstuvwxyzabcdef, small letters", "jon, taken"})
    void aNameToSignInWithIsPlainAndNobodyElses(String username, String wanted) {
        says(SHOP.mayBeCalled(username), wanted.replace("taken", "signs in as it"));
    }

    /** What somebody did keeps their name, so nobody after them gets it. */
    @ParameterizedTest
    @CsvSource({"Berit, yes", "tova, Tova is taken (works here)", "' TOVA ', Tova is taken (works here)", "Jon, Jon is taken (let go)",
        "' ', 1 to 40 letters", "An even longer name that no paper has room for, 1 to 40 letters"})
    void aNameOnPapersTellsPeopleApart(String displayName, String wanted) {
        says(SHOP.mayStandFor(displayName), wanted);
    }

    private static void says(Ruling ruling, String wanted) {
        assertThat(ruling.allowed() ? "yes" : ruling.reason()).contains(wanted);
    }

    /** Whatever is changed, in whatever order: as long as every change is asked first, somebody is left who can let others in. */
    @Test
    void aShopIsNeverWithoutAManager() {
        Random random = new Random(26);
        for (int shop = 0; shop < 300; shop++) {
            List<Account> people = new ArrayList<>(List.of(new Account("p0", "P0", Set.of(Role.MANAGER), Standing.ACTIVE)));
            for (int i = 1; i < 4; i++) {
                people.add(new Account("p" + i, "P" + i, roles(random), Standing.values()[random.nextInt(3)]));
            }
            for (int change = 0; change < 40; change++) {
                int who = random.nextInt(people.size());
                Account wanted = new Account(people.get(who).username(), people.get(who).displayName(), roles(random),
                        Standing.values()[random.nextInt(3)]);
                List<Account> after = new ArrayList<>(people);
                after.set(who, wanted);
                boolean managed = after.stream().anyMatch(a -> a.standing() == Standing.ACTIVE && a.roles().contains(Role.MANAGER));
                Ruling ruling = new Accounts(people).mayBecome(wanted.username(), wanted.roles(), wanted.standing());
                assertThat(ruling.allowed()).as("%s of %s: %s", wanted, people, ruling.reason())
                        .isEqualTo(managed && !wanted.roles().isEmpty());
                if (ruling.allowed()) {
                    people = after;
                }
            }
        }
    }

    private static Set<Role> roles(Random random) {
        Set<Role> roles = EnumSet.noneOf(Role.class);
        for (Role role : Role.values()) {
            if (random.nextBoolean()) {
                roles.add(role);
            }
        }
        return roles;
    }

    /** Somebody of several roles may what one of them may, and a refusal names them all. */
    @Test
    void severalRolesMayWhatOneOfThemMay() {
        for (Right right : Right.values()) {
            assertThat(right.of(Set.of(Role.TECHNICIAN, Role.STOCK_KEEPER))).as(right.name())
                    .isEqualTo(right.of(Role.TECHNICIAN) || right.of(Role.STOCK_KEEPER));
            assertThat(right.of(Set.<Role>of())).as(right.name()).isFalse();
        }
        assertThat(Right.CALL_OFF.ruling(Set.of(Role.STOCK_KEEPER, Role.TECHNICIAN)).reason())
                .contains("you are signed in as technician and stock keeper.");
    }

    /** Nothing in it is taken for something else, and two are never the same. */
    @Test
    void aCodeIsReadOffAPieceOfPaper() {
        Set<String> codes = new HashSet<>();
        SecureRandom random = new SecureRandom();
        for (int i = 0; i < 5_000; i++) {
            String code = OneTimeCode.made(random);
            assertThat(code).matches("[2-9A-HJKMNP-TV-Z]{4}-[2-9A-HJKMNP-TV-Z]{4}-[2-9A-HJKMNP-TV-Z]{4}");
            codes.add(code);
        }
        assertThat(codes).hasSize(5_000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"K7PQ-R4XM-29AB", "k7pqr4xm29ab", " K7PQ R4XM 29AB ", "K7PQ–R4XM–29AB"})
    void aCodeIsTypedAsItComes(String typed) {
        // sha256sum of K7PQR4XM29AB, worked out apart.
        assertThat(OneTimeCode.kept(typed)).isEqualTo("5f734f09d0b2cf6cc736aaf143f2b9d6886e940833848d02f69d07eaaa2f14af")
                .isNotEqualTo(OneTimeCode.kept("K7PQ-R4XM-29AC"));
    }
}
