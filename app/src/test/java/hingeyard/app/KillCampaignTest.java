package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.KillCampaign.Blow;
import hingeyard.app.KillCampaign.Outcome;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A short campaign; {@code ./yard bench} runs the long one. {@code -Dkill.seed=}, {@code -Dkill.commands=} and {@code -Dkill.blows=} make
 * it
 * another.
 */
class KillCampaignTest {

    @Test
    void whatWasAnsweredIsThereOnce(@TempDir Path folder) throws Exception {
        try (KillCampaign campaign = new KillCampaign(folder, Long.getLong("kill.seed", 20261130))) {
            Outcome outcome = campaign.run(Integer.getInteger("kill.commands", 600), Integer.getInteger("kill.blows", 4));
            System.out.println(outcome);
            assertThat(outcome.blows().keySet()).containsExactlyInAnyOrder(Blow.KILL_APPLICATION, Blow.KILL_DATABASE,
                    Blow.FREEZE_APPLICATION,
                    Blow.FREEZE_DATABASE);
            assertThat(outcome.lost()).as("some of it was not answered at once").isPositive();
        }
    }
}
