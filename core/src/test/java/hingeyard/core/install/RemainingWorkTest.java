package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.JobKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RemainingWorkTest {

    private static StepRun run(StepState state, int minutes, boolean hold) {
        Step.Builder step = Step.called("s", "S").text("Do it.").at(Posture.ANY, Zone.BENCH).work("general", 1, minutes);
        return new StepRun((hold ? step.hold("Second person looks.") : step).step(), state, Optional.empty());
    }

    /** Steps as STATE:minutes, with ! where a second person looks. */
    @ParameterizedTest(name = "steps {0}")
    @CsvSource({"'', 0, 0, 0, 4", "OPEN:120, 0, 1, 120, 1", "OPEN:121, 0, 1, 121, 2", "OPEN:1, 0, 1, 1, 1",
        "DONE:60 OPEN:30 RUNNING:10 PAUSED:5 STUCK:5, 1, 5, 50, 1",
        "DONE!:60 INSPECTED!:30, 1, 2, 60, 1", "SKIPPED:60 DONE:60, 2, 2, 0, 0"})
    void countsWhatIsOpenOnce(String steps, int finished, int all, int minutes, int quarters) {
        List<StepRun> runs = new ArrayList<>();
        for (String step : steps.isEmpty() ? new String[0] : steps.split(" ")) {
            String[] said = step.split(":");
            runs.add(run(StepState.valueOf(said[0].replace("!", "")), Integer.parseInt(said[1]), said[0].endsWith("!")));
        }
        RemainingWork work = RemainingWork.of(runs);
        assertThat(work).isEqualTo(new RemainingWork(finished, all, minutes));
        assertThat(work.quarterDays(JobKind.MID_DRIVE)).isEqualTo(quarters);
    }
}
