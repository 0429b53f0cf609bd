package hingeyard.core.fit.checks;

import hingeyard.core.bike.CogKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubCogs;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stock.DrawerPart;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * One way of putting cogs on a motor: which, how many, and what washer behind a threaded freewheel. On a thread: washer w ≥ cover + chain
 * allowance −
 * freewheel's recess; w + freewheel + allowance ≤ thread's shoulder to dropout, which grows with the inner washers on the right; five turns
 * of thread left.
 *
 * @param count   how many cogs
 * @param own     whether they are the bike's
 * @param part    which new ones a drawer has
 * @param recess  of a freewheel, from its seat to the back of the largest cog
 * @param washer  behind a freewheel; 0 for none
 * @param answer  which washers those are; empty where none is needed
 * @param allowed what would do behind it
 * @param right   inner washers on the right that leave room for all of it; empty where nothing hangs on them
 */
record CogPlan(int count, boolean own, Optional<DrawerPart> part, Length recess, Length washer, Optional<StackAnswer> answer,
        Optional<Band> allowed, Optional<Length> right) {

    static final String WASHER = "freewheel-washer";
    static final int TURNS_WANTED = 5;
    /** No shop sells a threaded freewheel with more. */
    static final int MOST_THREADED = 8;
    /** A freewheel whose maker states none. */
    private static final Length USUAL_RECESS = Length.ofMillimetres(2);
    /** Beyond this many ways of stacking a washer nothing new comes. */
    private static final int WAYS = 24;
    private static final StackAnswer NONE_THINNER = new StackAnswer(List.of(), 0, Optional.empty(), List.of(), List.of());

    /** What the choice of cogs rests on. */
    static List<Measure> needed(FitCase c, HubDrive hub) {
        if (hub.end() == WheelEnd.FRONT || hub.cogs().isEmpty()) {
            return List.of();
        }
        boolean moves = hub.cogs().get().screwed()
                && c.survey().choice(RearMeasures.COG_KIND).filter(k -> k == CogKind.SCREWED_FREEWHEEL).isPresent();
        return moves ? List.of(RearMeasures.COG_KIND, RearMeasures.COGS_COUNT, RearMeasures.FREEWHEEL_RECESS)
                : List.of(RearMeasures.COG_KIND, RearMeasures.COGS_COUNT);
    }

    /** How many cogs the bike's wheel has that the rider shifts over. */
    static int had(FitCase c) {
        CogKind kind = c.survey().choice(RearMeasures.COG_KIND).orElseThrow();
        return kind == CogKind.GEAR_HUB || kind == CogKind.FIXED ? 1 : c.survey().number(RearMeasures.COGS_COUNT).orElseThrow().intValue();
    }

    /**
     * Every way that is worth trying: the bike's own, else as many new ones as it had and fewer; each with the fewest washers first. Worked
     * out one by one, as they
     * are looked at: the first is nearly always the one. Empty while not measured.
     */
    static Stream<CogPlan> candidates(FitCase c, HubDrive hub) {
        if (hub.cogs().isEmpty() || needed(c, hub).stream().anyMatch(m -> !c.survey().has(m))) {
            return Stream.empty();
        }
        HubCogs cogs = hub.cogs().get();
        CogKind kind = c.survey().choice(RearMeasures.COG_KIND).orElseThrow();
        boolean same = kind == (cogs.screwed() ? CogKind.SCREWED_FREEWHEEL : CogKind.CASSETTE);
        int had = had(c);
        if (!cogs.screwed()) {
            int count = Math.min(had, cogs.mostCogs());
            boolean own = same && count == had;
            return Stream.of(new CogPlan(count, own, own ? Optional.empty() : c.drawers().find("cassette-" + count, 1, p -> true),
                    Length.ZERO, Length.ZERO, Optional.empty(), Optional.empty(), Optional.empty()));
        }
        if (same) {
            return threaded(c, hub, had, true, Optional.empty(),
                    c.survey().length(RearMeasures.FREEWHEEL_RECESS).map(Reading.OfLength::value).orElseThrow());
        }
        return IntStream.iterate(Math.min(had, MOST_THREADED), count -> count >= 1, count -> count - 1).boxed().flatMap(count -> {
            Optional<DrawerPart> part = c.drawers().find("freewheel-" + count, 1, p -> true);
            return threaded(c, hub, count, false, part, part.flatMap(p -> p.facts().length()).orElse(USUAL_RECESS));
        });
    }

    private static Stream<CogPlan> threaded(FitCase c, HubDrive hub, int count, boolean own, Optional<DrawerPart> part, Length recess) {
        HubCogs cogs = hub.cogs().orElseThrow();
        Length least = leastWasher(c, cogs, recess);
        Length thread = cogs.threadPitch().times(Math.max(0, cogs.threadTurns() - TURNS_WANTED));
        if (least.equals(Length.ZERO)) {
            return Stream.of(new CogPlan(count, own, part, recess, Length.ZERO, Optional.empty(), Optional.empty(),
                    Optional.of(right(c, hub, count, Length.ZERO))));
        }
        if (least.isMoreThan(thread)) {
            // Not even the thread holds it: one way, whose own check says so.
            return Stream.of(new CogPlan(count, own, part, recess, least, Optional.empty(), Optional.of(new Band(thread, least)),
                    Optional.of(right(c, hub, count, least))));
        }
        Band allowed = new Band(least, thread);
        StackAnswer best = OneSided.solve(c, WASHER, 1, allowed, least, StackWords.mostPerSide(c));
        return Stream.concat(best.inPlace().map(s -> best).stream(), thinner(c, allowed, best)).map(a -> {
            Length sum = a.inPlace().orElseThrow().sums().get(0);
            return new CogPlan(count, own, part, recess, sum, Optional.of(a), Optional.of(allowed), Optional.of(right(c, hub, count, sum)));
        });
    }

    /** Other sets of washers, each thinner than the one before: more pieces, but less room taken beside the cogs. */
    private static Stream<StackAnswer> thinner(FitCase c, Band allowed, StackAnswer best) {
        return Stream.iterate(best, a -> a.best().isPresent(), a -> thinnerThan(c, allowed, a.best().get().sums().get(0))).skip(1)
                .limit(WAYS);
    }

    private static StackAnswer thinnerThan(FitCase c, Band allowed, Length sum) {
        if (!sum.isMoreThan(allowed.least())) {
            return NONE_THINNER;
        }
        Band below = new Band(allowed.least(), sum.minus(Length.ofMicrometres(1)));
        return OneSided.solve(c, WASHER, 1, below, below.least(), StackWords.mostPerSide(c));
    }

    /** So that the largest cog with its chain clears the motor's cover. */
    static Length leastWasher(FitCase c, HubCogs cogs, Length recess) {
        return cogs.coverBeyond().plus(c.rules().value(LengthRule.CHAIN_TO_COVER)).minus(recess).max(Length.ZERO);
    }

    private static Length right(FitCase c, HubDrive hub, int count, Length washer) {
        return washer.plus(width(count)).plus(c.rules().value(LengthRule.CHAIN_TO_DROPOUT))
                .minus(hub.cogs().orElseThrow().seatToAxleShoulder()).minus(hub.axle().inside(1)).max(Length.ZERO);
    }

    /** A threaded freewheel's width over its cogs: their spacing and one cog. */
    static Length width(int count) {
        return Cogs.spacing(count).times(count - 1L).plus(Length.ofMillimetres(6));
    }

    /** Least inner washers on the right. */
    Optional<Length> rightSide() {
        return right;
    }
}
