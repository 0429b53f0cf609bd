package hingeyard.core.install;

import hingeyard.core.fit.FitReport;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;

/**
 * Makes a job's list of steps. The entry of this package. Every step comes after all steps that reach a milestone it needs; where
 * that leaves a choice, the families' own order decides, so equal input gives an equal list.
 */
public final class StepPlanner {

    private final List<StepFamily> families;

    public StepPlanner(List<StepFamily> families) {
        this.families = List.copyOf(families);
    }

    /** @throws IllegalStateException when the families' steps go in a circle or need what none reaches; names the steps */
    public StepPlan plan(FitReport match) {
        List<Step> steps = steps(match);
        Graph<Step, DefaultEdge> graph = graph(steps);
        CycleDetector<Step, DefaultEdge> cycles = new CycleDetector<>(graph);
        if (cycles.detectCycles()) {
            throw new IllegalStateException("these steps wait for one another: "
                    + cycles.findCycles().stream().map(Step::key).sorted().collect(Collectors.joining(", ")));
        }
        Map<Step, Integer> preferred = new HashMap<>();
        steps.forEach(s -> preferred.put(s, preferred.size()));
        List<Step> ordered = new ArrayList<>();
        new TopologicalOrderIterator<>(graph, Comparator.comparing(preferred::get)).forEachRemaining(ordered::add);
        return new StepPlan(ordered);
    }

    private List<Step> steps(FitReport match) {
        return families.stream().filter(f -> f.concerns(match)).flatMap(f -> f.steps(match).stream()).toList();
    }

    /** Expected minutes of all steps of {@link #plan}, whose order does not matter here. */
    public int minutes(FitReport match) {
        return steps(match).stream().mapToInt(Step::minutes).sum();
    }

    private static Graph<Step, DefaultEdge> graph(List<Step> steps) {
        Graph<Step, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        for (Step step : steps) {
            if (!graph.addVertex(step)) {
                throw new IllegalStateException("step '" + step.key() + "' stands twice");
            }
        }
        for (Step step : steps) {
            for (Milestone needed : step.needs()) {
                List<Step> before = steps.stream().filter(s -> s.reaches().contains(needed)).toList();
                if (before.isEmpty()) {
                    throw new IllegalStateException("step '" + step.key() + "' needs that " + needed.label() + ", which no step reaches");
                }
                before.stream().filter(b -> b != step).forEach(b -> graph.addEdge(b, step));
            }
        }
        return graph;
    }
}
