package hingeyard.core.fit.checks;

import hingeyard.core.bike.BrakeKind;
import hingeyard.core.bike.CaliperMount;
import hingeyard.core.bike.ForkKind;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubRotor;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stack.StackWish;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What goes on a hub motor's axle inside and outside its dropouts, with the cogs, the rim's middle and the rotor's plane: solved as one for
 * all checks that build on
 * it. Of what keeps width and thread, the washers win that keep every gear, then those that leave the rim in the middle, then those that
 * spare shims under the
 * rotor or the caliper.
 */
final class HubPlan {

    /** An ordinary flat washer under the nut. */
    static final Length FLAT_WASHER = Length.ofMillimetres("1.5");
    /** Pistons find the rotor by themselves when it is off by this. */
    static final Length PISTONS = Length.ofMicrometres(200);

    private final FitCase fitCase;
    private final WheelEnd end;
    private final HubDrive hub;
    private final Optional<DrawerPart> safetyWasher;
    private final ArmPlan arms;
    private final Optional<HubWidthStack> stack;
    private final Optional<StackAnswer> washers;
    private final Optional<CogPlan> cogs;

    private record Solved(StackAnswer answer, Optional<CogPlan> cogs) {
    }

    private HubPlan(FitCase c) {
        this.fitCase = c;
        this.hub = c.kit().drive().hub().orElseThrow();
        this.end = hub.end();
        this.safetyWasher = findSafetyWasher();
        this.arms = new ArmPlan(c, hub);
        Optional<Reading.OfLength> width = c.survey().length(end.overLocknut());
        this.stack = c.survey().choice(end.material()).map(m -> new HubWidthStack(c, m));
        Optional<Solved> solved = width.flatMap(w -> stack.filter(s -> s.somethingFits(w)).map(s -> solve(s, w)));
        this.washers = solved.map(Solved::answer);
        this.cogs = solved.isPresent() ? solved.get().cogs : CogPlan.candidates(c, hub).findFirst();
    }

    static HubPlan of(FitCase c, WheelEnd end) {
        return c.once(HubPlan.class, HubPlan::new);
    }

    /** What the washers rest on, gathered once for all checks that ask. */
    private record Needed(List<Measure> measures) {
    }

    /** Everything the washers rest on: whatever of it is open leaves them open. */
    static List<Measure> needed(FitCase c, WheelEnd end) {
        return c.once(Needed.class, k -> new Needed(gathered(k, end))).measures;
    }

    private static List<Measure> gathered(FitCase c, WheelEnd end) {
        Stream<Measure> rotor = c.survey().choice(end.brakeKind()).filter(b -> b == BrakeKind.DISC).isPresent()
                ? Stream.of(end.rotorPlane(), end.caliperMount()) : Stream.of();
        HubDrive hub = c.kit().drive().hub().orElseThrow();
        return Stream.of(Stream.<Measure>of(end.overLocknut(), end.material()), rotor, CogPlan.needed(c, hub).stream()).flatMap(s -> s)
                .toList();
    }

    /**
     * The cogs that keep most gears; of equals those that come first: the bike's own, then more cogs before fewer, fewer washers before
     * more.
     */
    private Solved solve(HubWidthStack s, Reading.OfLength width) {
        Solved best = null;
        for (Iterator<CogPlan> ways = CogPlan.candidates(fitCase, hub).iterator(); ways.hasNext();) {
            CogPlan plan = ways.next();
            StackAnswer answer = at(s, width, Optional.of(plan));
            if (answer.possible() && (best == null || isBetter(answer.costs(), best.answer.costs()))) {
                best = new Solved(answer, Optional.of(plan));
            }
            if (best != null && best.answer.costs().stream().allMatch(cost -> cost == 0)) {
                return best;
            }
        }
        return best != null ? best : new Solved(at(s, width, Optional.empty()), CogPlan.candidates(fitCase, hub).findFirst());
    }

    private static boolean isBetter(List<Long> costs, List<Long> than) {
        for (int i = 0; i < costs.size(); i++) {
            if (!costs.get(i).equals(than.get(i))) {
                return costs.get(i) < than.get(i);
            }
        }
        return false;
    }

    /** What leaves the axle long enough too, else what keeps the maker's own limit: then the axle's own check says that it is too short. */
    private StackAnswer at(HubWidthStack s, Reading.OfLength width, Optional<CogPlan> cog) {
        List<StackWish> wishes = wishes(cog, s, width.value());
        List<StackLimit> axle = axleLimits();
        StackAnswer all = s.solve(width, axle, wishes);
        return all.possible() || axle.isEmpty() ? all : s.solve(width, List.of(), wishes);
    }

    private List<StackLimit> axleLimits() {
        Optional<Length> plate = fitCase.survey().length(end.plateThickness()).map(Reading.OfLength::value);
        return plate.map(p -> List.of(axleLimit(0, p), axleLimit(1, p))).orElse(List.of());
    }

    private StackLimit axleLimit(int side, Length plate) {
        Length free = side == 0 ? hub.axle().freeLeft() : hub.axle().freeRight();
        Length most = free.minus(hub.axle().inside(side)).minus(outside(side, plate));
        return StackLimit.nominal("axle long enough on the " + (side == 0 ? "left" : "right"), side == 0 ? List.of(1, 0) : List.of(0, 1),
                new Band(StackLimit.UNBOUNDED.negated(), most));
    }

    private List<StackWish> wishes(Optional<CogPlan> cog, HubWidthStack s, Length width) {
        List<StackWish> wishes = new ArrayList<>();
        cog.flatMap(CogPlan::rightSide).ifPresent(
                least -> wishes.add(StackWish.most("gears kept", List.of(0, 1), List.of(new Band(least, StackLimit.UNBOUNDED)))));
        Length middle = fitCase.rules().value(LengthRule.RIM_MIDDLE).times(2);
        Length offset = rimOffset().times(2).negated();
        wishes.add(StackWish.near("rim in the middle", List.of(1, -1), Band.around(offset, middle)));
        rotorWish().ifPresent(wishes::add);
        wishes.add(StackWish.near("frame not spread", List.of(1, 1),
                new Band(StackLimit.UNBOUNDED.negated(), width.minus(s.shoulders()).plus(s.easeUnder()))));
        return wishes;
    }

    /** Where the rim lies without washers, + to the right: the motor's own offset and what its anti-turn washers shift. */
    Length rimOffset() {
        return hub.axle().rimOffset().plus(hub.axle().inside(0).minus(hub.axle().inside(1)).half());
    }

    private Optional<StackWish> rotorWish() {
        Optional<Reading.OfLength> plane = fitCase.survey().length(end.rotorPlane());
        boolean disc = fitCase.survey().choice(end.brakeKind()).filter(b -> b == BrakeKind.DISC).isPresent();
        return hub.rotor().filter(r -> disc).flatMap(r -> plane.map(p -> StackWish.near("rotor without shims", List.of(1, 0),
                Band.around(p.value().minus(rotorPlane(r)), slot().max(PISTONS)))));
    }

    /** From the left dropout's inner face, without washers. */
    private Length rotorPlane(HubRotor rotor) {
        return rotor.plane().plus(hub.axle().inside(0));
    }

    /** Where the motor's rotor runs with the washers of the plan, from the left dropout's inner face. */
    Length rotorRuns(HubRotor rotor) {
        return rotorPlane(rotor).plus(inner(0));
    }

    /** What the caliper's own slots take up. */
    Length slot() {
        return fitCase.survey().choice(end.caliperMount()).filter(m -> m == CaliperMount.POST).isPresent()
                ? fitCase.rules().value(LengthRule.CALIPER_SLOT) : Length.ZERO;
    }

    private Optional<DrawerPart> findSafetyWasher() {
        Optional<Reading.OfLength> across = fitCase.survey().length(end.recessDiameter());
        Optional<Reading.OfLength> depth = fitCase.survey().length(end.recessDepth());
        if (across.isEmpty() || depth.isEmpty() || flat(fitCase, end)) {
            return Optional.empty();
        }
        Length room = fitCase.rules().value(LengthRule.SAFETY_WASHER_ROOM);
        return fitCase.drawers().find("safety-washer", 2,
                p -> p.size().filter(s -> fills(s, across.get().value(), depth.get().value(), room)).isPresent());
    }

    /** Whether the dropouts' outer faces are flat: no recess across, or none in depth. */
    static boolean flat(FitCase fitCase, WheelEnd end) {
        return Stream.of(end.recessDiameter(), end.recessDepth())
                .anyMatch(m -> fitCase.survey().length(m).filter(r -> r.value().equals(Length.ZERO)).isPresent());
    }

    private boolean fills(PieceSize size, Length across, Length deep, Length room) {
        return !size.outer().isMoreThan(across) && !size.outer().isLessThan(across.minus(room)) && !size.thickness().isLessThan(deep)
                && !size.inner().isLessThan(hub.axle().diameter());
    }

    /** The safety washer from the drawer that fills the recess. */
    Optional<DrawerPart> safetyWasher() {
        return safetyWasher;
    }

    ArmPlan arms() {
        return arms;
    }

    HubWidthStack stack() {
        return stack.orElseThrow();
    }

    /** Inner washers for this width; empty while width or material is not measured, or nothing fits. */
    Optional<StackAnswer> washers() {
        return washers;
    }

    /** Cogs and their washer; empty where the motor takes none or they are not measured. */
    Optional<CogPlan> cogs() {
        return cogs;
    }

    /** Whether the chosen washers leave room for every cog. */
    boolean gearsKept() {
        return cogs.flatMap(CogPlan::rightSide).map(least -> !inner(1).isLessThan(least)).orElse(true);
    }

    /** Sum of the inner washers on one side, 0 left and 1 right, with what has to be bought; nothing while there is no set. */
    Length inner(int side) {
        return washers.flatMap(StackAnswer::inPlace).map(StackSet::sums).map(s -> s.get(side)).orElse(Length.ZERO);
    }

    /**
     * What is on the axle on one side of the shoulder: anti-turn washer, inner washers, plate, safety washer, arm, flat washer, nut and one
     * pitch.
     */
    Length onAxle(int side, Length plate) {
        return hub.axle().inside(side).plus(inner(side)).plus(outside(side, plate));
    }

    private Length outside(int side, Length plate) {
        Length sum = plate.plus(FLAT_WASHER).plus(hub.axle().nutHeight()).plus(hub.axle().pitch()).plus(arms.thickness(side));
        Optional<Reading.OfLength> depth = fitCase.survey().length(end.recessDepth());
        boolean lipped = fitCase.survey().has(end.recessDiameter()) && !flat(fitCase, end);
        // A safety washer lies in its recess: only what stands out over the lip takes thread.
        return lipped ? sum.plus(safetyWasher.map(w -> w.size().orElseThrow().thickness()).orElse(FLAT_WASHER)
                .minus(depth.map(Reading.OfLength::value).orElse(Length.ZERO))
                .max(Length.ZERO)) : sum;
    }

    static boolean sprung(FitCase c, WheelEnd end) {
        return end == WheelEnd.FRONT && c.survey().choice(FrontMeasures.FORK_KIND).filter(k -> k != ForkKind.RIGID).isPresent();
    }

    /** The washers chosen, to be compared with another choice. */
    static Object chosen(FitCase c, WheelEnd end) {
        return of(c, end).washers().flatMap(StackAnswer::inPlace).map(StackSet::sides);
    }

    Optional<Material> material() {
        return fitCase.survey().choice(end.material());
    }
}
