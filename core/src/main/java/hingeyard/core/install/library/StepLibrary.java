package hingeyard.core.install.library;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepSource;
import hingeyard.core.install.Work;
import hingeyard.core.kit.KitItem;
import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every fragment in force. The entry of this package. Its content never changes; may be shared by threads. */
public final class StepLibrary implements StepSource {

    /** A mounted role of the library: all roles that no other step of the job mounts. */
    static final String REST = "*";

    /** The fragment of every kit that comes off again; no job asks for it by its facts. */
    static final String TAKEN_OFF = "taken-off";

    private static final Fact[] ASKED = Fact.values();
    private static final int MOST_KNOWN = 2_000;

    /** A fragment made ready: its conditions read. */
    private record Ready(FragmentText text, Condition condition, List<ReadyStep> steps) {
    }

    private record ReadyStep(StepText text, Condition condition) {
    }

    private record BikeFacts(FitCase.Bike bike, ShopRules rules, List<Set<String>> facts) {
    }

    private final List<FragmentText> fragments;
    private final List<Ready> ready;
    private final Optional<Ready> takenOff;
    private final Set<String> checksSpoken;
    private final Set<String> pointsSpoken;
    private final Map<List<Object>, Integer> minutesKnown = new ConcurrentHashMap<>();
    /** Of the bike asked about last. */
    private volatile BikeFacts lastBike;

    /**
     * @param fragments in the order told
     * @param tools     every tool the shop names, with its size
     * @throws IllegalArgumentException with every fault that {@link LibraryLint} finds
     */
    public StepLibrary(List<FragmentText> fragments, Set<String> tools) {
        List<LibraryFault> faults = LibraryLint.of(fragments, tools);
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(faults.stream().map(LibraryFault::text).collect(Collectors.joining("\n")));
        }
        this.fragments = List.copyOf(fragments);
        List<Ready> all = fragments.stream().map(f -> new Ready(f, Condition.of(f.when(), f.unless()),
                f.steps().stream().map(s -> new ReadyStep(s, Condition.of(s.when(), s.unless()))).toList())).toList();
        this.ready = all.stream().filter(r -> !r.text.fragment().equals(TAKEN_OFF)).toList();
        this.takenOff = all.stream().filter(r -> r.text.fragment().equals(TAKEN_OFF)).findFirst();
        this.checksSpoken = spoken(Fact.CHECK);
        this.pointsSpoken = spoken(Fact.ARRIVAL);
    }

    /** What of a fact some step is about. */
    private Set<String> spoken(Fact fact) {
        return ready.stream().flatMap(f -> f.steps.stream().map(ReadyStep::condition).map(Condition::when))
                .flatMap(w -> w.getOrDefault(fact, Set.of()).stream()).collect(Collectors.toSet());
    }

    public List<FragmentText> fragments() {
        return fragments;
    }

    /** Fragments that the manager may add to a job. */
    public List<FragmentText> addable() {
        return fragments.stream().filter(FragmentText::addable).toList();
    }

    public Optional<FragmentText> find(String id) {
        return fragments.stream().filter(f -> f.fragment().equals(id)).findFirst();
    }

    @Override
    public List<Step> steps(Work work) {
        Condition.Facts facts = new Condition.Facts(work);
        List<Step> steps = new ArrayList<>();
        for (Ready fragment : ready) {
            boolean added = fragment.text.addable() && work.added().contains(fragment.text.fragment());
            if (added || fragment.condition.holds(facts)) {
                steps.addAll(steps(fragment, facts));
            }
        }
        steps.addAll(RemedySteps.of(work.match(), checksSpoken));
        steps.addAll(ArrivalSteps.of(work.withJob(), pointsSpoken));
        return withTheRest(steps, work);
    }

    @Override
    public List<Step> takenOff(Work work) {
        return takenOff.map(r -> steps(r, new Condition.Facts(work))).orElse(List.of());
    }

    /**
     * Without making the steps, and once for all jobs that are alike in everything the library asks: thousands of matches ask for one
     * shortlist.
     */
    @Override
    public int minutes(Work work) {
        Condition.Facts facts = new Condition.Facts(work);
        List<Object> alike = new ArrayList<>(ASKED.length + 2);
        alike.add(ofBike(facts));
        for (Fact fact : ASKED) {
            if (!fact.ofBike()) {
                alike.add(facts.of(fact));
            }
        }
        Set<String> roles = roles(work);
        alike.add(roles);
        alike.add(work.added());
        Integer known = minutesKnown.get(alike);
        if (known == null) {
            known = minutes(facts, new HashSet<>(roles));
            if (minutesKnown.size() >= MOST_KNOWN) {
                minutesKnown.clear();
            }
            minutesKnown.put(alike, known);
        }
        return known + RemedySteps.minutes(work.match(), checksSpoken)
                + ArrivalSteps.of(work.withJob(), pointsSpoken).stream().mapToInt(Step::minutes).sum();
    }

    /** What bike and rules tell; of the matches of one shortlist it is the same. */
    private List<Set<String>> ofBike(Condition.Facts facts) {
        FitReport match = facts.work().match();
        BikeFacts known = lastBike;
        if (known == null || known.bike != match.bike() || known.rules != match.rules()) {
            known = new BikeFacts(match.bike(), match.rules(), Stream.of(ASKED).filter(Fact::ofBike).map(facts::of).toList());
            lastBike = known;
        }
        return known.facts;
    }

    private int minutes(Condition.Facts facts, Set<String> unmounted) {
        int minutes = 0;
        int rest = 0;
        for (Ready fragment : ready) {
            if (!(fragment.text.addable() && facts.work().added().contains(fragment.text.fragment())) && !fragment.condition.holds(facts)) {
                continue;
            }
            for (ReadyStep step : fragment.steps) {
                if (!step.condition.holds(facts)) {
                    continue;
                }
                boolean forTheRest = step.text.mounts().contains(REST);
                int expected = step.text.minutes();
                rest += forTheRest ? expected : 0;
                minutes += forTheRest ? 0 : expected;
                step.text.mounts().forEach(unmounted::remove);
            }
        }
        return minutes + (unmounted.isEmpty() ? 0 : rest);
    }

    private static List<Step> steps(Ready fragment, Condition.Facts facts) {
        Map<String, StepText> texts = fragment.text.steps().stream().collect(Collectors.toMap(StepText::key, Function.identity()));
        Set<String> wanted = fragment.steps.stream().filter(s -> s.condition.holds(facts)).map(s -> s.text.key())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Map<String, List<String>> after = after(fragment.text);
        StepMaker maker = new StepMaker(facts);
        return wanted.stream().map(key -> maker.step(texts.get(key), there(after.get(key), after, wanted))).toList();
    }

    /** By key, what each step comes after: the one above it where nothing is written, within the same phase. */
    static Map<String, List<String>> after(FragmentText fragment) {
        Map<String, List<String>> after = new HashMap<>();
        Map<String, String> above = new HashMap<>();
        for (StepText step : fragment.steps()) {
            after.put(step.key(),
                    step.after() != null ? step.after() : Optional.ofNullable(above.get(step.phase())).map(List::of).orElse(List.of()));
            above.put(step.phase(), step.key());
        }
        return after;
    }

    /** What is left out is stepped over to what it came after itself. */
    private static Set<String> there(List<String> keys, Map<String, List<String>> after, Set<String> wanted) {
        Set<String> there = new HashSet<>();
        for (String key : keys) {
            if (wanted.contains(key)) {
                there.add(key);
            } else {
                there.addAll(there(after.getOrDefault(key, List.of()), after, wanted));
            }
        }
        return there;
    }

    /** The step of the rest mounts every role of box and remedies that no other step mounts; it is left out when there is none. */
    private static List<Step> withTheRest(List<Step> steps, Work work) {
        Set<String> roles = roles(work);
        steps.forEach(s -> roles.removeAll(s.mounts()));
        List<Step> all = new ArrayList<>();
        for (Step step : steps) {
            if (!step.mounts().contains(REST)) {
                all.add(step);
            } else if (!roles.isEmpty()) {
                all.add(step.mounting(Set.copyOf(roles)));
            }
        }
        return all;
    }

    /** What box and remedies bring to be mounted. */
    private static Set<String> roles(Work work) {
        Set<String> roles = new HashSet<>();
        for (KitItem item : work.match().kit().contents()) {
            if (item.piece().isEmpty()) {
                roles.add(item.role());
            }
        }
        for (Finding finding : work.match().findings()) {
            for (Remedy remedy : finding.remedies()) {
                remedy.part().ifPresent(p -> roles.add(p.role()));
            }
        }
        roles.remove("");
        return roles;
    }
}
