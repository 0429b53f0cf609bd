package hingeyard.core.condition;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ConditionRulesTest {

    private static Found found(String key, Grade grade, Lift lift) {
        return new Found(ConditionCatalogue.find(key).orElseThrow(), grade, "seen", Optional.ofNullable(lift));
    }

    @Test
    void aStopStopsUntilItIsLifted() {
        List<Found> check = List.of(found("chain-wear", Grade.WITH_JOB, null), found("fork-cracks", Grade.STOPS, null));
        assertThat(ConditionRules.mayGoOn(check).allowed()).isFalse();
        assertThat(ConditionRules.mayGoOn(check).reason()).contains("Fork: cracks (seen)", "manager can lift it");
        assertThat(ConditionRules.mayGoOn(List.of(found("fork-cracks", Grade.STOPS, Lift.MENDED))).allowed()).isTrue();
        assertThat(ConditionRules.mayGoOn(List.of()).allowed()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"fork-cracks, ACCEPTED, new fork fitted today, nobody may wave it through",
        "fork-cracks, MENDED, new fork fitted today, ''",
        "battery-case, ACCEPTED, looks fine to me, nobody may wave it through", "headset-play, ACCEPTED, rider knows and wants it so, ''",
        "headset-play, ACCEPTED, ok, Say why"})
    void whatMayHurtSomebodyIsMendedNeverJustAccepted(String key, Lift lift, String reason, String refusal) {
        var ruling = ConditionRules.mayLift(found(key, Grade.STOPS, null), lift, reason);
        assertThat(ruling.allowed()).isEqualTo(refusal.isEmpty());
        assertThat(ruling.reason()).contains(refusal);
    }

    @Test
    void onlyAStopIsLiftedAndOnlyGoodNeedsNoWords() {
        assertThat(ConditionRules.mayLift(found("tyres", Grade.WITH_JOB, null), Lift.MENDED, "tyres renewed").allowed()).isFalse();
        ConditionPoint tyres = ConditionCatalogue.find("tyres").orElseThrow();
        assertThat(ConditionRules.mayGrade(tyres, Optional.empty(), Grade.GOOD, "", false).allowed()).isTrue();
        assertThat(ConditionRules.mayGrade(tyres, Optional.empty(), Grade.STOPS, " ", false).allowed()).isFalse();
    }

    @Test
    void workIsAddedByWhatGoesWithTheJobAndByWhatWasMended() {
        assertThat(found("tyres", Grade.WITH_JOB, null).addsWork()).isTrue();
        assertThat(found("headset-play", Grade.STOPS, Lift.MENDED).addsWork()).isTrue();
        assertThat(found("headset-play", Grade.STOPS, Lift.ACCEPTED).addsWork()).isFalse();
        assertThat(found("tyres", Grade.GOOD, null).addsWork()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(BikeKind.class)
    void everyKindIsLookedAtForCracksAndHasItsOwnPoints(BikeKind kind) {
        List<String> keys = ConditionCatalogue.of(kind, JobKind.MID_DRIVE).stream().map(ConditionPoint::key).toList();
        assertThat(keys).contains("frame-cracks", "material", "seized").doesNotHaveDuplicates().doesNotContain("battery-case");
        assertThat(keys.contains("fold-hinge")).isEqualTo(kind == BikeKind.FOLDING);
        assertThat(keys.contains("suspension")).isEqualTo(kind == BikeKind.FULL_SUSPENSION);
        assertThat(keys.contains("tyres")).isEqualTo(kind != BikeKind.BARE_FRAME);
        assertThat(ConditionCatalogue.of(kind, JobKind.SECOND_BATTERY)).extracting(ConditionPoint::key).contains("battery-case");
    }

    /** A stop is lifted, never graded away; once lifted, the point is graded like any other. */
    /** Whoever finds the new chain good must not take the chain off the bill. */
    @Test
    void whatIsBeingDoneIsNotGradedGood() {
        ConditionPoint chain = ConditionCatalogue.find("chain-wear").orElseThrow();
        Optional<Found> worn = Optional.of(new Found(chain, Grade.WITH_JOB, "worn", Optional.empty()));
        assertThat(ConditionRules.mayGrade(chain, worn, Grade.GOOD, "", true).reason()).contains("Chain and cogs goes with the job",
                "how the bike came");
        assertThat(ConditionRules.mayGrade(chain, worn, Grade.GOOD, "", false).allowed()).isTrue();
        assertThat(ConditionRules.mayGrade(chain, worn, Grade.WITH_JOB, "worn through", true).allowed()).isTrue();
        assertThat(ConditionRules.mayGrade(chain, worn, Grade.STOPS, "hub cracked", true).allowed())
                .as("what is dangerous is said at any time").isTrue();
    }

    @Test
    void aStopIsNotGradedAway() {
        for (ConditionPoint point : ConditionCatalogue.all()) {
            Found stop = new Found(point, Grade.STOPS, "cracked", Optional.empty());
            assertThat(ConditionRules.mayGrade(point, Optional.of(stop), Grade.GOOD, "", false).reason()).as(point.key())
                    .contains("not graded away");
            assertThat(ConditionRules.mayGrade(point, Optional.of(stop), Grade.WITH_JOB, "new one", false).allowed()).isFalse();
            assertThat(ConditionRules.mayGrade(point, Optional.of(stop), Grade.STOPS, "cracked through", false).allowed())
                    .as("more may be said of it").isTrue();
            Found lifted = new Found(point, Grade.STOPS, "cracked", Optional.of(Lift.MENDED));
            assertThat(ConditionRules.mayGrade(point, Optional.of(lifted), Grade.GOOD, "", false).allowed()).isTrue();
            assertThat(ConditionRules
                    .mayGrade(point, Optional.of(new Found(point, Grade.WITH_JOB, "worn", Optional.empty())), Grade.GOOD, "", false)
                    .allowed()).isTrue();
        }
    }
}
