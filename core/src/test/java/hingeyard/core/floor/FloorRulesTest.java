package hingeyard.core.floor;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.explain.Ruling;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FloorRulesTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "GATE  | RACK  | false | false | false | false | ",
        "GATE  | STAND | false | false | false | false | no bill yet",
        "RACK  | STAND | true  | false | false | false | ",
        "STAND | STAND | true  | false | false | false | ",
        "STAND | RAIL  | true  | false | true  | false | Steps are still open",
        "STAND | RAIL  | true  | false | true  | true  | ",
        "STAND | STRIP | true  | false | false | false | no first power",
        "STAND | STRIP | true  | false | true  | false | ",
        "STAND | RACK  | true  | true  | false | false | A step is running",
        "RACK  | GATE  | false | false | false | false | does not go back",
        "RACK  | RACK  | false | false | false | false | already",
        "GATE  | GONE  | false | false | false | false | ",
        "RACK  | GONE  | false | false | false | false | ",
        "RACK  | GONE  | true  | false | false | false | take the bill back first",
        "STAND | GONE  | true  | false | true  | true  | hang it on the rail",
        "RAIL  | GONE  | true  | false | true  | true  | ",
        "GONE  | RACK  | false | false | false | false | Book it in again"})
    void saysWhichWayABikeMayBeMovedAndWhyNot(Place from, Place to, boolean billed, boolean running, boolean powered, boolean finished,
            String refusal) {
        Ruling ruling = FloorRules.mayMove(from, to, new JobProgress(true, billed, running, powered, finished, false, Ruling.yes()));
        assertThat(ruling.allowed()).isEqualTo(refusal == null);
        if (refusal != null) {
            assertThat(ruling.reason()).contains(refusal);
        }
    }

    /**
     * A kit that comes off is not powered, wants a stand even where the arrival check stops the job, and keeps the bike until it is
     * settled.
     */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "RACK  | STAND | false | true  | ",
        "STAND | STRIP | false | true  | it gets no power any more",
        "STAND | RAIL  | false | true  | Steps are still open",
        "STAND | RAIL  | true  | true  | ",
        "RAIL  | GONE  | true  | true  | record the returns and settle the last bill",
        "RACK  | GONE  | true  | true  | record the returns and settle the last bill",
        "RACK  | GONE  | true  | false | "})
    void aKitThatComesOffKeepsTheBikeUntilItIsSettled(Place from, Place to, boolean finished, boolean comingOff, String refusal) {
        Ruling ruling = FloorRules.mayMove(from, to,
                new JobProgress(true, comingOff, false, true, finished, comingOff, Ruling.no("stopped at the arrival check")));
        assertThat(ruling.allowed()).isEqualTo(refusal == null);
        if (refusal != null) {
            assertThat(ruling.reason()).contains(refusal);
        }
    }

    @ParameterizedTest
    @CsvSource({"RACK,STAND,false", "STAND,STRIP,false", "STAND,RAIL,false", "STAND,RACK,true", "GATE,RACK,true", "GATE,GONE,true"})
    void whatTheArrivalCheckStopsGoesNoFurther(Place from, Place to, boolean allowed) {
        Ruling stopped = Ruling.no("The arrival check stops this job: fork cracks.");
        Ruling ruling = FloorRules.mayMove(from, to, new JobProgress(true, from != Place.GATE, false, true, true, false, stopped));
        assertThat(ruling.allowed()).isEqualTo(allowed);
        if (!allowed) {
            assertThat(ruling).isEqualTo(stopped);
        }
    }
}
