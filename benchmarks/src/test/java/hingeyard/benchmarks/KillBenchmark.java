package hingeyard.benchmarks;

import hingeyard.app.KillCampaign;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** The long campaign of kills: 10,000 commands, 40 blows. It fails where something is not as it was answered. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
class KillBenchmark {

    @Test
    void campaign(@TempDir Path folder) throws Exception {
        long from = System.nanoTime();
        try (KillCampaign campaign = new KillCampaign(folder, Long.getLong("kill.seed", 7))) {
            System.out.println(campaign.run(Integer.getInteger("kill.commands", 10_000), Integer.getInteger("kill.blows", 40)));
        }
        System.out.printf("%.0f s%n", (System.nanoTime() - from) / 1e9);
    }
}
