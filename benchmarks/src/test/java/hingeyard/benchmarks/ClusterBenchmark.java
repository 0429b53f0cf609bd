package hingeyard.benchmarks;

import static org.assertj.core.api.Assumptions.assumeThat;

import hingeyard.app.KillCampaign;
import hingeyard.app.cluster.Cluster;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** A thousand commands to two instances on three nodes, of which ten times one is killed or cut off. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
class ClusterBenchmark {

    @Test
    void nodesKilledAndCutOff(@TempDir Path folder) throws Exception {
        Optional<Cluster> cluster = Cluster.started(folder);
        assumeThat(cluster).as("this machine lets nobody make networks").isPresent();
        try (KillCampaign campaign = new KillCampaign(cluster.orElseThrow(), Long.getLong("cluster.seed", 11))) {
            long began = System.nanoTime();
            System.out.println(campaign.run(Integer.getInteger("cluster.commands", 1_000), Integer.getInteger("cluster.blows", 10)));
            System.out.printf("%d s%n", (System.nanoTime() - began) / 1_000_000_000L);
        }
    }
}
