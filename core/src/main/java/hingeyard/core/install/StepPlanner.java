package hingeyard.core.install;

import hingeyard.core.rules.School;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;

/**
 * Makes a job's list of steps. The entry of this package. Every step comes after all those it waits for; of the orders that are left,
 * {@link StepOrder} takes
 * one with the fewest changes of posture, then of wheels, then of the part of the work, then of tools. Equal input gives an equal list.
 */
public final class StepPlanner {

    private final StepSource source;

    public StepPlanner(StepSource source) {
        this.source = source;
    }

    /** @throws IllegalStateException when steps go in a circle, naming them */
    public StepPlan plan(Work work) {
        return ordered(steps(work));
    }

    /**
     * The steps by which a job's kit comes off again.
     *
     * @param runs  every step of the job, in its order
     * @param parts names of what each role is, as a mechanic reads them
     */
    public TakeOff.Plan takeOff(List<StepRun> runs, Map<String, List<String>> parts, Work work) {
        return TakeOff.of(runs, parts, source.takenOff(work));
    }

    /**
     * Steps in the order they are done.
     *
     * @param steps as told
     * @throws IllegalStateException when they go in a circle, naming them
     */
    static StepPlan ordered(List<Step> steps) {
        return StepOrder.of(asTold(steps));
    }

    /** The steps of {@link #plan} in no particular order, without the work of ordering them. */
    public List<Step> steps(Work work) {
        return schooled(source.steps(work), work.match().rules().value(School.DRY_FIT));
    }

    /** What its answers rest on besides the work itself. */
    public Object state() {
        return source.state();
    }

    /** Expected minutes of all steps of {@link #plan}, whose order does not matter here. */
    public int minutes(Work work) {
        return source.minutes(work);
    }

    /**
     * The shop's school decides whether the dry fit comes before the stripping or after it; and a step needs only what some step reaches.
     */
    private static List<Step> schooled(List<Step> steps, String school) {
        boolean fitFirst = school.equals(School.DRY_FIT.standardText());
        Phase later = fitFirst ? Phase.STRIP : Phase.DRY_FIT;
        Milestone first = fitFirst ? Milestone.DRY_FIT_GO : Milestone.WAY_CLEAR;
        Set<Milestone> reached = steps.stream().flatMap(s -> s.reaches().stream()).collect(Collectors.toSet());
        return steps.stream().map(step -> {
            Set<Milestone> needs = new HashSet<>(step.needs());
            if (step.phase().filter(later::equals).isPresent()) {
                needs.add(first);
            }
            needs.retainAll(reached);
            return needs.equals(step.needs()) ? step : step.needing(needs);
        }).toList();
    }

    /** The order in which the library tells them, as far as the hard order lets it. */
    private static List<Step> asTold(List<Step> steps) {
        Graph<Integer, DefaultEdge> graph = graph(steps);
        CycleDetector<Integer, DefaultEdge> cycles = new CycleDetector<>(graph);
        if (cycles.detectCycles()) {
            throw new IllegalStateException("these steps wait for one another: "
                    + cycles.findCycles().stream().map(i -> steps.get(i).key()).sorted().collect(Collectors.joining(", ")));
        }
        List<Step> ordered = new ArrayList<>();
        new TopologicalOrderIterator<>(graph, Comparator.<Integer>naturalOrder()).forEachRemaining(i -> ordered.add(steps.get(i)));
        return ordered;
    }

    /** Steps by their place in the list: a step is long, and hashing it for every edge would take longer than the order. */
    private static Graph<Integer, DefaultEdge> graph(List<Step> steps) {
        Graph<Integer, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        Set<String> keys = new HashSet<>();
        for (int i = 0; i < steps.size(); i++) {
            if (!keys.add(steps.get(i).key())) {
                throw new IllegalStateException("step '" + steps.get(i).key() + "' stands twice");
            }
            graph.addVertex(i);
        }
        for (int i = 0; i < steps.size(); i++) {
            for (int before = 0; before < steps.size(); before++) {
                if (before != i && steps.get(i).waitsFor(steps.get(before))) {
                    graph.addEdge(before, i);
                }
            }
        }
        return graph;
    }
}
