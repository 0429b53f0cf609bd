package hingeyard.core.install.library;

import hingeyard.core.made.BenchPlaces;
import hingeyard.core.install.Hazard;
import hingeyard.core.people.Skill;
import hingeyard.core.install.Phase;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;

/** Finds what is wrong with a step library before anybody works by it. */
public final class LibraryLint {

    private static final Pattern KEY = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");
    private static final int SHORTEST_TEXT = 60;
    private static final int LONGEST_TEXT = 1_200;
    private static final int LONGEST_MINUTES = 480;

    /** Two days: what takes longer is done outside the shop. */
    private static final int LONGEST_REST = 2_880;
    private static final int LONGEST_WHY = 80;

    private final Set<String> tools;
    private final List<LibraryFault> faults = new ArrayList<>();

    private LibraryLint(Set<String> tools) {
        this.tools = tools;
    }

    /**
     * Everything that is wrong, in the fragments' order.
     *
     * @param tools every tool the shop names, with its size
     */
    public static List<LibraryFault> of(List<FragmentText> fragments, Set<String> tools) {
        LibraryLint lint = new LibraryLint(tools);
        Map<String, String> keys = new HashMap<>();
        Set<String> ids = new HashSet<>();
        for (FragmentText fragment : fragments) {
            lint.fragment(fragment, ids);
            for (int i = 0; i < fragment.steps().size(); i++) {
                StepText step = fragment.steps().get(i);
                String elsewhere = keys.putIfAbsent(step.key(), fragment.fragment());
                lint.check(elsewhere == null, fragment, i, "key", "'%s' stands in %s already", step.key(), elsewhere);
                lint.step(fragment, i);
            }
            lint.circles(fragment);
        }
        return lint.faults;
    }

    private void check(boolean right, FragmentText fragment, int step, String field, String reason, Object... with) {
        if (!right) {
            faults.add(new LibraryFault(fragment.fragment(), step, step < 0 ? "" : fragment.steps().get(step).key(), field,
                    reason.formatted(with)));
        }
    }

    private void fragment(FragmentText f, Set<String> ids) {
        check(KEY.matcher(f.fragment()).matches(), f, -1, "fragment", "'%s' is no id: small letters, digits and dashes", f.fragment());
        check(ids.add(f.fragment()), f, -1, "fragment", "'%s' stands twice", f.fragment());
        check(f.version() >= 1, f, -1, "version", "%d: counts from 1", f.version());
        check(!f.steps().isEmpty(), f, -1, "steps", "there is none");
        reachable(f, -1, f.when(), f.unless(), Map.of(), Map.of());
    }

    private void step(FragmentText f, int i) {
        StepText s = f.steps().get(i);
        check(KEY.matcher(s.key()).matches(), f, i, "key", "'%s' is no key: small letters, digits and dashes", s.key());
        check(Phase.find(s.phase()).isPresent(), f, i, "phase", "'%s' is no phase; there are %s", s.phase(), Phase.keys());
        check(s.text() != null && s.text().length() >= SHORTEST_TEXT && s.text().length() <= LONGEST_TEXT, f, i, "text",
                "of %d letters; %d to %d tell a mechanic enough",
                s.text() == null ? 0 : s.text().length(), SHORTEST_TEXT, LONGEST_TEXT);
        check(s.minutes() >= 1 && s.minutes() <= LONGEST_MINUTES, f, i, "minutes", "%d: allowed 1 to %d", s.minutes(), LONGEST_MINUTES);
        check(!s.zones().isEmpty(), f, i, "zones", "where on the bike?");
        check(s.skill() == null || Skill.known(s.skill()), f, i, "skill", "'%s' is no skill; there are %s", s.skill(), Skill.all());
        check(s.people() == null || s.people() == 1 || s.people() == 2, f, i, "people", "%d: one or two", s.people());
        check(!s.tools().isEmpty(), f, i, "tools", "name them; 'bare hands' where it takes none");
        s.tools().stream().filter(t -> !tools.contains(t))
                .forEach(t -> check(false, f, i, "tools", "'%s' is no tool of the shop's list", t));
        List<String> before = f.steps().stream().map(StepText::key).toList();
        if (s.after() != null) {
            s.after().stream().filter(a -> !before.contains(a))
                    .forEach(a -> check(false, f, i, "after", "'%s' is no step of this fragment", a));
        }
        rests(f, i, s);
        if (Stream.of(s.when(), s.unless()).allMatch(m -> m.keySet().stream().allMatch(k -> Fact.find(k).isPresent()))
                && Stream.of(f.when(), f.unless()).allMatch(m -> m.keySet().stream().allMatch(k -> Fact.find(k).isPresent()))) {
            reachable(f, i, f.when(), f.unless(), s.when(), s.unless());
        } else {
            unknownFacts(f, i, s.when(), s.unless());
        }
        ReverseLint.of(s, tools).forEach(g -> check(false, f, i, g.field(), "%s", g.reason()));
        GuardLint.of(s).forEach(g -> check(false, f, i, "guards", "%s", g));
        check(s.drawing() == null || Fact.CHECK.possible().contains(s.drawing()), f, i, "drawing", "'%s' is no check", s.drawing());
        s.bench().forEach(b -> check(BenchPlaces.keys().contains(b), f, i, "bench", "'%s' is nothing of the bench; there are %s", b,
                String.join(", ", BenchPlaces.keys())));
        new FastenerLint(this, f, i).check();
        hazards(f, i, s);
    }

    private void rests(FragmentText f, int i, StepText s) {
        if (s.rests() == null) {
            return;
        }
        List<String> before = f.steps().subList(0, i).stream().map(StepText::key).toList();
        check(before.contains(s.rests().since()), f, i, "rests", "'%s' is no step of this fragment before it", s.rests().since());
        check(s.rests().minutes() >= 1 && s.rests().minutes() <= LONGEST_REST, f, i, "rests", "%d minutes: allowed 1 to %d",
                s.rests().minutes(), LONGEST_REST);
        String why = s.rests().why();
        check(why != null && !why.isBlank() && why.length() <= LONGEST_WHY && !why.endsWith("."), f, i, "rests",
                "why: what happens meanwhile, as after 'because', at most %d letters and no full stop", LONGEST_WHY);
    }

    void fault(FragmentText f, int step, String field, String reason, Object... with) {
        check(false, f, step, field, reason, with);
    }

    private void unknownFacts(FragmentText f, int step, Map<String, List<String>> when, Map<String, List<String>> unless) {
        Stream.concat(when.keySet().stream(), unless.keySet().stream()).filter(k -> Fact.find(k).isEmpty())
                .forEach(k -> check(false, f, step, "when", "'%s' is no fact of a job; there are %s", k,
                        Stream.of(Fact.values()).map(Fact::key).collect(Collectors.joining(", "))));
    }

    /** What is asked of one fact is there to be had: known values, and at least one that neither condition rules out. */
    private void reachable(FragmentText f, int step, Map<String, List<String>> when, Map<String, List<String>> unless,
            Map<String, List<String>> alsoWhen, Map<String, List<String>> alsoUnless) {
        unknownFacts(f, step, when, unless);
        Set<String> asked = new TreeSet<>();
        List.of(when, unless, alsoWhen, alsoUnless).forEach(m -> asked.addAll(m.keySet()));
        for (String key : asked) {
            Fact fact = Fact.find(key).orElse(null);
            if (fact == null || fact.possible().isEmpty()) {
                continue;
            }
            List.of(when, unless, alsoWhen, alsoUnless)
                    .forEach(m -> m.getOrDefault(key, List.of()).stream().filter(v -> !fact.possible().contains(v))
                            .forEach(v -> check(false, f, step, "when", "'%s' is never '%s'; it is one of %s", key, v, fact.possible())));
            Set<String> left = new TreeSet<>(fact.possible());
            List.of(when, alsoWhen).stream().filter(m -> m.containsKey(key)).forEach(m -> left.retainAll(m.get(key)));
            List.of(unless, alsoUnless).forEach(m -> m.getOrDefault(key, List.of()).forEach(left::remove));
            check(!left.isEmpty() || !fact.single(), f, step, "when", "no job can have this '%s': the step is never reached", key);
        }
    }

    private void circles(FragmentText f) {
        Graph<String, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        Map<String, Phase> phases = new HashMap<>();
        f.steps().forEach(s -> {
            graph.addVertex(s.key());
            Phase.find(s.phase()).ifPresent(p -> phases.put(s.key(), p));
        });
        StepLibrary.after(f).forEach((key, after) -> after.stream().filter(graph::containsVertex).filter(a -> !a.equals(key))
                .forEach(a -> graph.addEdge(a, key)));
        f.steps()
                .forEach(s -> f.steps().stream()
                        .filter(t -> phases.containsKey(s.key()) && phases.containsKey(t.key())
                                && phases.get(t.key()).before().contains(phases.get(s.key())))
                        .forEach(t -> graph.addEdge(s.key(), t.key())));
        Set<String> circle = new TreeSet<>(new CycleDetector<>(graph).findCycles());
        check(circle.isEmpty(), f, -1, "after", "these steps wait for one another: %s", String.join(", ", circle));
    }

    /** What a step does tells what it must warn of. */
    private enum Danger {
        POWER(Hazard.POWERED_WHEEL, s -> "in".equals(s.battery()) && !"ride".equals(s.phase())),
        RIDE(Hazard.ROAD, s -> "ride".equals(s.phase())),
        PACK(Hazard.BATTERY, s -> s.mounts().contains("battery") || "bench".equals(s.phase()) && "in".equals(s.battery())),
        SOLDER(Hazard.FUMES, s -> tool(s, "soldering iron")),
        CHIPS(Hazard.DRILLING, s -> tool(s, "drill") || tool(s, "tap") || tool(s, "reamer") || tool(s, "file")),
        CUT(Hazard.SHARP, s -> tool(s, "hacksaw") || tool(s, "cable cutter")),
        GRIND(Hazard.SPARKS, s -> tool(s, "grinder")),
        WELD(Hazard.WELDING, s -> "welding".equals(s.skill())),
        BLEED(Hazard.FLUID, s -> tool(s, "bleed kit")),
        PRESS(Hazard.PRESS, s -> tool(s, "press") || tool(s, "sleeve press")),
        DISC(Hazard.ROTOR, s -> s.text() != null && s.text().toLowerCase(java.util.Locale.ROOT).contains("rotor")
                && List.of("brakes", "wheel").contains(s.phase()));

        private final Hazard wanted;
        private final java.util.function.Predicate<StepText> is;

        Danger(Hazard wanted, java.util.function.Predicate<StepText> is) {
            this.wanted = wanted;
            this.is = is;
        }

        private static boolean tool(StepText step, String name) {
            return step.tools().stream().anyMatch(t -> t.equals(name) || t.startsWith(name + " "));
        }
    }

    private void hazards(FragmentText f, int i, StepText s) {
        s.hazards().stream().filter(h -> Hazard.find(h).isEmpty())
                .forEach(h -> check(false, f, i, "hazards", "'%s' is no hazard; there are %s", h,
                        Stream.of(Hazard.values()).map(Hazard::key).toList()));
        for (Danger danger : Danger.values()) {
            check(!danger.is.test(s) || s.hazards().contains(danger.wanted.key()), f, i, "hazards",
                    "'%s' is missing: what the step does is dangerous that way", danger.wanted.key());
        }
    }
}
