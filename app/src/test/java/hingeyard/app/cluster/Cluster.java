package hingeyard.app.cluster;

import hingeyard.app.HingeYard;
import hingeyard.app.KillCampaign.Blow;
import hingeyard.app.KillCampaign.Goes;
import hingeyard.app.KillCampaign.Ground;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Two instances of the application on three nodes: each asks a node of its own first, the nodes it asks are struck in turn. */
public final class Cluster implements Ground {

    private static final int MEANWHILE = 10;
    private final Nodes nodes;
    private final ConfigurableApplicationContext here;
    private final ConfigurableApplicationContext there;
    private int turn;

    private Cluster(Nodes nodes) {
        this.nodes = nodes;
        this.here = instance(1);
        this.there = instance(2);
    }

    /** Empty where this machine lets nobody make networks: that takes its administrator. */
    public static Optional<Cluster> started(Path folder) throws IOException, InterruptedException {
        return Nodes.started(folder).map(Cluster::new);
    }

    private ConfigurableApplicationContext instance(int first) {
        return new SpringApplicationBuilder(HingeYard.class).profiles("demo").run(nodes.arguments(first));
    }

    ConfigurableApplicationContext here() {
        return here;
    }

    ConfigurableApplicationContext there() {
        return there;
    }

    Nodes nodes() {
        return nodes;
    }

    @Override
    public List<String> urls() {
        return List.of(TwoInstances.url(here), TwoInstances.url(there));
    }

    @Override
    public String database() {
        return nodes.url(3);
    }

    @Override
    public List<Blow> blows() {
        return List.of(Blow.KILL_NODE, Blow.CUT_CABLE);
    }

    @Override
    public void strike(Blow blow, Goes goes) throws IOException, InterruptedException {
        int node = 1 + turn++ % 2;
        if (blow == Blow.KILL_NODE) {
            nodes.kill(node);
            goes.untilAnswered(MEANWHILE);
            nodes.startAgain(node);
        } else {
            nodes.pullTheCable(node);
            goes.untilOneIsLost();
            goes.untilAnswered(MEANWHILE);
            nodes.putItBack(node);
        }
        // Two that are away at once would stop the third: it cannot know that it is not the one that was cut off.
        nodes.awaitWhole();
    }

    @Override
    public void close() {
        here.close();
        there.close();
        nodes.close();
    }
}
