package hingeyard.core.plan;

import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.Skill;
import hingeyard.core.plan.Cause.Kind;
import hingeyard.core.plan.Cause.Of;
import hingeyard.core.plan.Hands.Room;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Why a leg does not begin earlier, back to the first reason. All other legs stay where they are; a reason is binding when the leg could
 * begin earlier without it. That is worked out anew for each reason, not remembered from planning.
 */
public final class Causes {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    /** A longer chain explains nothing more. */
    private static final int LONGEST = 12;

    private final PlanQuestion question;
    private final Plan plan;
    private final Horizon horizon;
    private final Map<Long, List<PlacedLeg>> byJob;

    private Causes(PlanQuestion question, Plan plan) {
        this.question = question;
        this.plan = plan;
        this.byJob = plan.byJob();
        this.horizon = new Horizon(question.now(), question.days());
    }

    /**
     * @return links from the leg back to the first reason; one that says so where nothing keeps it
     * @throws IllegalArgumentException when that leg is not planned
     */
    public static List<Cause> of(PlanQuestion question, Plan plan, long job, int ordinal) {
        Causes causes = new Causes(question, plan);
        List<Cause> chain = new ArrayList<>();
        Set<Of> met = new HashSet<>();
        Optional<Of> next = Optional.of(new Of(job, ordinal));
        while (next.isPresent() && chain.size() < LONGEST && met.add(next.get())) {
            Cause cause = causes.of(causes.placed(next.get()));
            chain.add(cause);
            next = cause.by();
        }
        return chain;
    }

    /** When a leg could begin if all other legs stay where they are and nothing but these kinds of reason is left out. */
    public static LocalDateTime earliest(PlanQuestion question, Plan plan, long job, int ordinal, Set<Kind> without) {
        Causes causes = new Causes(question, plan);
        return causes.horizon.at(causes.earliest(causes.placed(new Of(job, ordinal)), without));
    }

    private List<PlacedLeg> legs(long job) {
        return byJob.getOrDefault(job, List.of());
    }

    private Optional<PlacedLeg> leg(long job, int ordinal) {
        return legs(job).stream().filter(l -> l.leg().ordinal() == ordinal).findFirst();
    }

    private PlacedLeg placed(Of of) {
        return leg(of.job(), of.ordinal())
                .orElseThrow(() -> new IllegalArgumentException("leg %d of job %d is not planned".formatted(of.ordinal(), of.job())));
    }

    private Cause of(PlacedLeg leg) {
        int start = horizon.minute(leg.start());
        int free = earliest(leg, EnumSet.noneOf(Kind.class));
        if (free < start) {
            return new Cause(Kind.AGREED, leg.job(), leg.leg().ordinal(), leg.start(),
                    "It was agreed for then: %s, in %s's hands. Otherwise it could begin %s; where that is worth the change, it is proposed."
                            .formatted(leg.stand().map(s -> "stand " + s).orElse(leg.leg().place().label()), leg.person(),
                                    TIME.format(horizon.at(free))),
                    Optional.empty(), horizon.at(free));
        }
        Map<Kind, Integer> without = new EnumMap<>(Kind.class);
        for (Kind kind : List.of(Kind.WAIT, Kind.EARLIER_LEG, Kind.STAND, Kind.HANDS, Kind.TOOL, Kind.SAID, Kind.SAME_HANDS,
                Kind.HOURS)) {
            int then = earliest(leg, EnumSet.of(kind));
            if (then < start) {
                without.put(kind, then);
            }
        }
        // A night between two legs is always there; what keeps the leg apart from it is told first.
        Optional<Kind> one = without.entrySet().stream().filter(e -> e.getKey() != Kind.HOURS)
                .min(Map.Entry.<Kind, Integer>comparingByValue().thenComparing(Map.Entry::getKey)).map(Map.Entry::getKey)
                .or(() -> Optional.of(Kind.HOURS).filter(without::containsKey));
        if (one.isPresent()) {
            return told(leg, one.get(), without.get(one.get()));
        }
        return several(leg, start);
    }

    /** Two reasons or more hold it alike: the one that ends last is told, and that it is not alone. */
    private Cause several(PlacedLeg leg, int start) {
        Set<Kind> all = EnumSet.allOf(Kind.class);
        if (earliest(leg, all) >= start || start <= horizon.now()) {
            return new Cause(Kind.NOTHING, leg.job(), leg.leg().ordinal(), leg.start(), "Nothing keeps it: it begins as soon as it can.",
                    Optional.empty(), leg.start());
        }
        if (earliest(leg, EnumSet.of(Kind.TOOL, Kind.SAME_HANDS)) < start) {
            // Somebody else is free, and it is the tool that is not.
            return told(leg, Kind.TOOL, start);
        }
        Set<Kind> needed = EnumSet.complementOf(EnumSet.of(Kind.NOTHING, Kind.AGREED));
        for (Kind kind : List.of(Kind.SAME_HANDS, Kind.HOURS, Kind.SAID, Kind.STAND, Kind.HANDS, Kind.TOOL, Kind.EARLIER_LEG, Kind.WAIT)) {
            Set<Kind> fewer = EnumSet.copyOf(needed);
            fewer.remove(kind);
            if (!fewer.isEmpty() && earliest(leg, fewer) < start) {
                needed = fewer;
            }
        }
        Kind first = needed.stream().min(Comparator.comparing((Kind k) -> k == Kind.HOURS).thenComparing(k -> k)).orElseThrow();
        Cause told = told(leg, first, start);
        String also = needed.stream().filter(k -> k != first).map(k -> told(leg, k, start).sentence())
                .collect(Collectors.joining(" "));
        return also.isEmpty() ? told
                : new Cause(told.kind(), told.job(), told.ordinal(), told.start(), told.sentence() + " " + also, told.by(),
                        leg.start());
    }

    private Cause told(PlacedLeg leg, Kind kind, int without) {
        Optional<Of> by = Optional.empty();
        String sentence;
        switch (kind) {
            case WAIT -> {
                Wait last = leg.leg().waits().stream().max(Comparator.comparing(Wait::until)).orElseThrow();
                sentence = "It waits for %s until %s%s.".formatted(last.what(), TIME.format(last.until()),
                        last.known() ? "" : " (nobody said when: supposed)");
            }
            case EARLIER_LEG -> {
                Optional<LocalDateTime> rested = rested(leg)
                        .filter(r -> r.isAfter(leg(leg.job(), leg.leg().ordinal() - 1).map(PlacedLeg::looked).orElse(r)));
                if (rested.isPresent()) {
                    PlacedLeg since = leg(leg.job(), leg.leg().rest().orElseThrow().since()).orElseThrow();
                    return new Cause(kind, leg.job(), leg.leg().ordinal(), leg.start(),
                            "'%s' is done %s, and until %s it waits because %s.".formatted(since.leg().title(), TIME.format(since.end()),
                                    TIME.format(rested.get()), leg.leg().rest().orElseThrow().why()),
                            Optional.of(new Of(leg.job(), since.leg().ordinal())), horizon.at(without));
                }
                PlacedLeg before = leg(leg.job(), leg.leg().ordinal() - 1).orElseThrow();
                by = Optional.of(new Of(leg.job(), before.leg().ordinal()));
                sentence = before.looked().isAfter(before.end())
                        ? "'%s' is done %s, and somebody who can look at it is in from %s.".formatted(before.leg().title(),
                                TIME.format(before.end()), TIME.format(before.looked()))
                        : "'%s' comes first, until %s.".formatted(before.leg().title(), TIME.format(before.end()));
            }
            case STAND -> {
                Optional<PlacedLeg> holds = holder(leg);
                by = holds.map(h -> new Of(h.job(), h.leg().ordinal()));
                sentence = holds.map(h -> "Stand %d is in use until then (%d, %s), and no other that carries it is free earlier.".formatted(
                        h.stand().orElseThrow(), h.job(), h.leg().title()))
                        .orElse("Every stand that carries it is held by a bike that cannot be planned.");
            }
            case HANDS -> {
                Optional<PlacedLeg> keeps = keeper(leg);
                by = keeps.map(k -> new Of(k.job(), k.leg().ordinal()));
                sentence = keeps.map(k -> "%s is at %d until %s (%s)%s.".formatted(k.person(), k.job(), TIME.format(k.end()),
                        k.leg().title(), others(leg, k.person()))).orElse("Whoever can do it is busy.");
            }
            case TOOL -> {
                Optional<PlacedLeg> has = taker(leg);
                by = has.map(h -> new Of(h.job(), h.leg().ordinal()));
                sentence = has.map(h -> "%s in use until then (%d, %s, until %s).".formatted(named(leg, h), h.job(), h.leg().title(),
                        TIME.format(h.end()))).orElse("A tool that it takes is in use.");
            }
            case SAME_HANDS -> sentence = "It stays in %s's hands; with somebody else it would begin a little earlier and end no sooner."
                    .formatted(leg.person());
            case HOURS -> sentence = hours(leg);
            case SAID -> sentence = "The manager said so: %s.".formatted(said(question.job(leg.job()).pin()));
            default -> throw new IllegalArgumentException(kind.name());
        }
        return new Cause(kind, leg.job(), leg.leg().ordinal(), leg.start(), sentence, by, horizon.at(without));
    }

    private static String said(Pin pin) {
        List<String> parts = new ArrayList<>();
        pin.notBefore().ifPresent(d -> parts.add("not before " + DAY.format(d)));
        pin.person().ifPresent(p -> parts.add("in " + p + "'s hands"));
        pin.stand().ifPresent(s -> parts.add("on stand " + s));
        pin.notBy().ifPresent(p -> parts.add("not by " + p));
        pin.notOn().ifPresent(s -> parts.add("not on stand " + s));
        return String.join(", ", parts);
    }

    /** Whoever else can do it, in words. */
    private String others(PlacedLeg leg, String person) {
        List<String> can = able(leg).stream().map(Worker::name).filter(n -> !n.equals(person)).toList();
        if (!can.isEmpty()) {
            return earliest(leg, EnumSet.of(Kind.SAME_HANDS)) < horizon.minute(leg.start()) ? "; it stays in the same hands"
                    : "; %s %s no sooner free".formatted(String.join(", ", can), can.size() == 1 ? "is" : "are");
        }
        String skills = new TreeSet<>(leg.leg().skills()).stream().map(Skill::label).collect(Collectors.joining(" and "));
        return skills.isEmpty() ? "" : "; nobody else here does %s".formatted(skills);
    }

    private String hours(PlacedLeg leg) {
        LocalDate day = leg.start().toLocalDate();
        LocalDate since = question.now().toLocalDate();
        Optional<String> away = able(leg).stream().flatMap(w -> w.absences().stream()
                .filter(a -> a.to().equals(day.minusDays(1)) || a.to().isBefore(day) && !a.to().isBefore(since))
                .map(a -> "%s is away until %s%s".formatted(w.name(), DAY.format(a.to()), a.why().isBlank() ? "" : " (" + a.why() + ")")))
                .findFirst();
        return away.map(a -> a + ". ").orElse("")
                + "Nobody who can do it has hours left for it before %s.".formatted(TIME.format(leg.start()));
    }

    private List<Worker> able(PlacedLeg leg) {
        return able(leg, question.job(leg.job()).pin());
    }

    private List<Worker> able(PlacedLeg leg, Pin pin) {
        Optional<String> only = leg.leg().doer().or(pin::person);
        return question.workers().stream()
                .filter(w -> leg.leg().doer().filter(w.name()::equals).isPresent() || pin.allowsBy(w.name()))
                .filter(w -> only.isEmpty() ? w.does() : only.get().equals(w.name()))
                .filter(w -> w.learning(leg.leg()).isPresent()).toList();
    }

    /** The leg that ends last before this one among those of whoever does it. */
    private Optional<PlacedLeg> keeper(PlacedLeg leg) {
        return plan.legs().stream().filter(l -> !same(l, leg) && l.person().equals(leg.person()) && !l.end().isAfter(leg.start()))
                .max(Comparator.comparing(PlacedLeg::end))
                .or(() -> plan.legs().stream().filter(l -> !same(l, leg) && able(leg).stream().anyMatch(w -> w.name().equals(l.person()))
                        && !l.end().isAfter(leg.start())).max(Comparator.comparing(PlacedLeg::end)));
    }

    /** The leg that brings back last what this one takes. */
    private Optional<PlacedLeg> taker(PlacedLeg leg) {
        return plan.legs().stream().filter(l -> l.job() != leg.job() && !l.end().isAfter(leg.start())
                && l.leg().tools().stream().anyMatch(t -> few(leg).anyMatch(own -> own.name().equals(t))))
                .max(Comparator.comparing(PlacedLeg::end));
    }

    private Stream<SpecialTool> few(PlacedLeg leg) {
        return question.tools().stream().filter(t -> leg.leg().tools().contains(t.name()));
    }

    /** The tool that both take, as the beginning of a sentence. */
    private String named(PlacedLeg leg, PlacedLeg other) {
        SpecialTool tool = few(leg).filter(t -> other.leg().tools().contains(t.name())).findFirst().orElseThrow();
        return tool.count() == 1 ? "The only %s is".formatted(tool.name()) : "All %d of %s are".formatted(tool.count(), tool.name());
    }

    private Optional<PlacedLeg> holder(PlacedLeg leg) {
        return plan.legs().stream().filter(l -> l.job() != leg.job() && l.stand().isPresent() && l.stand().equals(leg.stand())
                && !l.looked().isAfter(leg.start())).max(Comparator.comparing(PlacedLeg::looked));
    }

    private static boolean same(PlacedLeg a, PlacedLeg b) {
        return a.job() == b.job() && a.leg().ordinal() == b.leg().ordinal();
    }

    /** When it could begin, all other legs where they are, without some reasons. */
    private int earliest(PlacedLeg leg, Set<Kind> without) {
        PlanJob said = question.job(leg.job());
        PlanJob job = without.contains(Kind.SAID) ? said.pinned(Pin.NONE) : said;
        int ready = Math.max(horizon.now(), job.pin().notBefore().map(d -> horizon.minute(d.atStartOfDay())).orElse(0));
        if (!without.contains(Kind.WAIT)) {
            ready = Math.max(ready, leg.leg().waits().stream().mapToInt(w -> horizon.minute(w.until())).max().orElse(0));
        }
        Optional<PlacedLeg> before = leg(leg.job(), leg.leg().ordinal() - 1);
        if (before.isPresent() && !without.contains(Kind.EARLIER_LEG)) {
            ready = Math.max(ready, horizon.minute(before.get().looked()));
        }
        if (!without.contains(Kind.EARLIER_LEG)) {
            ready = Math.max(ready, rested(leg).map(horizon::minute).orElse(0));
        }
        int best = Horizon.END;
        int[] stands = leg.stand().isPresent() && !without.contains(Kind.STAND) && beginsStay(leg, job) ? standFrees(leg, job, ready)
                : new int[]{ready};
        for (int from : stands) {
            best = Math.min(best, byHands(leg, from, without));
        }
        return best;
    }

    /** When what cures or settles before it is done with that. */
    private Optional<LocalDateTime> rested(PlacedLeg leg) {
        return leg.leg().rest().flatMap(r -> leg(leg.job(), r.since()).map(s -> s.end().plusMinutes(r.minutes())));
    }

    /** Whether the stand must be come by first: the bike is not on it already. */
    private boolean beginsStay(PlacedLeg leg, PlanJob job) {
        if (leg.leg().ordinal() == job.legs().get(0).ordinal()) {
            return job.stand().isEmpty();
        }
        PlacedLeg before = leg(leg.job(), leg.leg().ordinal() - 1).orElseThrow();
        return !before.stand().equals(leg.stand()) || !leg.leg().waits().isEmpty() && !onSinceNow(leg, job);
    }

    private boolean onSinceNow(PlacedLeg leg, PlanJob job) {
        return job.stand().isPresent() && legs(leg.job()).stream().filter(l -> l.leg().ordinal() <= leg.leg().ordinal())
                .allMatch(l -> l.stand().equals(job.stand()));
    }

    /** From when on each stand that carries it is free without a break until the leg's own stay ends. */
    private int[] standFrees(PlacedLeg leg, PlanJob job, int ready) {
        int end = horizon.minute(stayEnd(leg, job));
        List<Integer> frees = new ArrayList<>();
        for (Stand stand : question.stands()) {
            if (!stand.mayCarry(job.bike(), job.kit(), List.of()).allowed()
                    || !job.pin().allowsOn(stand.number())) {
                continue;
            }
            int free = ready;
            for (int[] stay : stays(stand.number(), leg.job())) {
                if (stay[0] < end && stay[1] > free) {
                    free = stay[1];
                }
            }
            if (free < end) {
                frees.add(free);
            }
        }
        return frees.stream().mapToInt(Integer::intValue).toArray();
    }

    private LocalDateTime stayEnd(PlacedLeg leg, PlanJob job) {
        LocalDateTime end = leg.looked();
        for (PlacedLeg next : legs(job.number())) {
            if (next.leg().ordinal() > leg.leg().ordinal()) {
                if (!next.stand().equals(leg.stand()) || !next.leg().waits().isEmpty()) {
                    break;
                }
                end = next.looked();
            }
        }
        return end;
    }

    /** What is on a stand beside this job's bike, by beginning: pairs of from and to. */
    private List<int[]> stays(int stand, long but) {
        List<int[]> stays = new ArrayList<>();
        for (PlanJob job : question.jobs()) {
            List<PlacedLeg> legs = legs(job.number());
            if (job.number() == but) {
                continue;
            }
            if (job.stand().filter(s -> s == stand).isPresent() && (legs.isEmpty() || legs.get(0).stand().isEmpty())) {
                // It stays where it is until it is ridden, or nobody knows how long.
                stays.add(new int[]{0, legs.isEmpty() ? Horizon.END : Math.max(1, horizon.minute(legs.get(0).start()))});
            }
            PlacedLeg first = null;
            for (PlacedLeg leg : legs) {
                if (leg.stand().filter(s -> s == stand).isEmpty()) {
                    first = null;
                    continue;
                }
                boolean since = onSinceNow(leg, job);
                boolean begins = first == null || !since && !leg.leg().waits().isEmpty();
                first = begins ? leg : first;
                int from = since ? 0 : horizon.minute(first.start());
                stays.add(new int[]{from, horizon.minute(leg.looked())});
            }
        }
        stays.sort(Comparator.comparingInt(s -> s[0]));
        return stays;
    }

    private int byHands(PlacedLeg leg, int ready, Set<Kind> without) {
        int best = Horizon.END;
        boolean anybody = without.contains(Kind.SAME_HANDS);
        Pin pin = question.job(leg.job()).pin();
        boolean freed = without.contains(Kind.SAID) && (pin.person().isPresent() || pin.notBy().isPresent());
        for (Worker worker : able(leg, freed ? Pin.NONE : pin)) {
            if (!anybody && !freed && !without.contains(Kind.HANDS) && !without.contains(Kind.HOURS)
                    && !worker.name().equals(leg.person())) {
                continue;
            }
            Set<Skill> learned = worker.learning(leg.leg()).orElse(Set.of());
            Hands hands = without.contains(Kind.HOURS) ? Hands.always() : Hands.of(worker, horizon);
            if (!without.contains(Kind.HANDS)) {
                plan.legs().stream().filter(l -> l.person().equals(worker.name()) && !same(l, leg))
                        // Where the leg before it would not keep it, neither do the hands that are at that.
                        .filter(l -> l.job() != leg.job() || !without.contains(Kind.EARLIER_LEG))
                        .sorted(Comparator.comparing(PlacedLeg::start))
                        .forEach(l -> hands.take(new Room(horizon.minute(l.start()), horizon.minute(l.end()))));
            }
            Room room = withTools(hands, leg, ready, Worker.minutes(leg.leg().minutes(), learned), without);
            if (room != null) {
                best = Math.min(best, room.start());
            }
        }
        return best;
    }

    private Room withTools(Hands hands, PlacedLeg leg, int ready, int minutes, Set<Kind> without) {
        List<ToolBoard> boards = without.contains(Kind.TOOL) ? List.of() : few(leg).map(t -> {
            ToolBoard board = new ToolBoard(t.count());
            plan.legs().stream().filter(l -> l.leg().tools().contains(t.name()) && l.job() != leg.job())
                    .forEach(l -> board.take(horizon.minute(l.start()), horizon.minute(l.end())));
            return board;
        }).toList();
        int at = ready;
        while (true) {
            Room room = hands.room(at, minutes, leg.leg().doer().isPresent());
            int until = room == null ? -1
                    : boards.stream().mapToInt(b -> b.takenUntil(room.start(), room.end())).max().orElse(-1);
            if (until < 0) {
                return room;
            }
            at = until;
        }
    }
}
