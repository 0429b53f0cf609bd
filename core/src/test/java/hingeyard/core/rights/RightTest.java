package hingeyard.core.rights;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RightTest {

    /** What can hurt somebody, is private, or answers for the shop is the manager's alone. */
    @ParameterizedTest
    @EnumSource(value = Right.class, names = {"CLEAR_HOLD", "OVERRIDE", "FILE_APPROVAL", "SEE_CODES", "SEND_AWAY", "SEE_CUSTOMERS",
        "PLAN_STEPS",
        "KEEP_LIBRARY", "KEEP_RULES", "KEEP_DOORS", "UNDO_FOR_OTHERS", "CALL_OFF"})
    void someThingsAreTheManagersAlone(Right right) {
        assertThat(Stream.of(Role.values()).filter(right::of)).containsExactly(Role.MANAGER);
    }

    /** The manager stands in for everybody. */
    @ParameterizedTest
    @EnumSource(Right.class)
    void theManagerMayEverything(Right right) {
        assertThat(right.ruling(Set.of(Role.MANAGER)).allowed()).isTrue();
        assertThat(right.ruling(Set.of(Role.MANAGER)).reason()).isEmpty();
    }

    /** A sentence of who may, who asks, and why; and texts that read well in it. */
    @ParameterizedTest
    @EnumSource(Right.class)
    void aRefusalSaysWhoMayAndWhy(Right right) {
        assertThat(right.does()).matches("[a-z].*[a-zA-Z]");
        assertThat(right.because()).matches("[A-Z].*\\.");
        Stream.of(Role.values()).filter(r -> !right.of(r)).map(r -> right.ruling(Set.of(r)).reason()).forEach(reason -> assertThat(reason)
                .startsWith("Only the service manager").contains(" may " + right.does() + "; you are signed in as ")
                .endsWith(right.because()));
    }

    @Test
    void severalRolesAreNamedInOneSentence() {
        assertThat(Right.ORDER.ruling(Set.of(Role.TECHNICIAN)).reason()).isEqualTo(
                "Only the service manager or the stock keeper may order parts and take deliveries in; you are signed in as technician. "
                        + "An order is owed to a supplier.");
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '"', textBlock = """
            copper kettle seven moons, orla,   yes
            83017499201746,            orla,   yes
            Fünf späte Züge,           orla,   yes
            wharf-orla,                orla,   at least 12 signs
            short,                     orla,   at least 12 signs
            aaaaaaaaaaaaaaaa,          orla,   different signs
            abababababababab,          orla,   different signs
            passwordpassword,          orla,   everybody tries first
            Password123456!,           orla,   everybody tries first
            Qwertyuiop2026,            orla,   everybody tries first
            HingeYard2026!!,           orla,   everybody tries first
            ines-ines-ines-1,          ines,   everybody tries first
            1234567890123456,          orla,   everybody tries first
            """)
    void aPasswordIsLongAndNotWhatEverybodyTriesFirst(String password, String username, String wanted) {
        assertThat(PasswordRules.mayBe(password, username)).satisfies(r -> {
            assertThat(r.allowed()).as(r.reason()).isEqualTo(wanted.equals("yes"));
            assertThat(r.allowed() ? "yes" : r.reason()).contains(wanted);
        });
    }

    /** The hash reads 72 bytes; a password that is cut in silence is not the one that was chosen. */
    @Test
    void noPasswordIsCut() {
        String longest = "correct horse ".repeat(5) + "ab";
        assertThat(longest).hasSize(PasswordRules.LONGEST_BYTES);
        assertThat(PasswordRules.mayBe(longest, "orla").allowed()).isTrue();
        assertThat(PasswordRules.mayBe(longest + "c", "orla").reason()).contains("at most 72");
        assertThat(PasswordRules.mayBe("ü".repeat(30) + "abcdefg", "orla").allowed()).isTrue();
        assertThat(PasswordRules.mayBe("ü".repeat(33) + "abcdefg", "orla").reason()).contains("at most 72");
    }
}
