package hingeyard.app.cluster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import hingeyard.app.KillCampaign;
import hingeyard.app.KillCampaign.Blow;
import hingeyard.app.KillCampaign.Outcome;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is promised on one node of a cluster is promised on all; {@code ./yard bench} runs the long campaign. */
class ClusterTest extends TwoInstances {

    private Optional<Cluster> cluster = Optional.empty();

    @BeforeAll
    void start(@TempDir Path folder) throws Exception {
        cluster = Cluster.started(folder);
        assumeThat(cluster).as("this machine lets nobody make networks").isPresent();
        here = cluster.orElseThrow().here();
        there = cluster.orElseThrow().there();
    }

    @AfterAll
    void stop() {
        cluster.ifPresent(Cluster::close);
    }

    /** The nodes the instances write to are killed and cut off while people work. */
    @Test
    void nothingThatWasAnsweredIsLostWithANode() throws Exception {
        // Not closed: its nodes serve the other stories, too.
        Outcome outcome = new KillCampaign(cluster.orElseThrow(), Long.getLong("cluster.seed", 20261202))
                .run(Integer.getInteger("cluster.commands", 120), Integer.getInteger("cluster.blows", 2));
        System.out.println(outcome);
        assertThat(outcome.blows().keySet()).containsExactlyInAnyOrder(Blow.KILL_NODE, Blow.CUT_CABLE);
        Nodes nodes = cluster.orElseThrow().nodes();
        for (String table : List.of("stock_movement", "job", "step_event", "bill", "command_receipt", "reservation")) {
            String count = "SELECT COUNT(*) FROM " + table;
            assertThat(List.of(nodes.of(2).queryForObject(count, Long.class), nodes.of(3).queryForObject(count, Long.class)))
                    .as("%s on every node", table).containsOnly(nodes.of(1).queryForObject(count, Long.class));
        }
    }
}
