package hingeyard.core.fit;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Reading;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** Everything a check may look at. Lives for one assessment; not for several threads at once. */
public final class FitCase {

    private final Bike bike;
    private final Kit kit;
    private final Drawers drawers;
    private final ShopRules rules;
    private final Map<Class<?>, Object> worked = new HashMap<>();
    private final Known known;
    private Set<String> uses = new HashSet<>();

    /**
     * The bike's side.
     *
     * @param kind      what sort of bike
     * @param survey    what it measures
     * @param need      what its rider needs
     * @param approvals ids of the checks for which a frame or fork maker's written approval is attached to the job
     */
    public record Bike(BikeKind kind, FrameSurvey survey, RiderNeed need, Set<String> approvals) {
        public Bike {
            approvals = Set.copyOf(approvals);
        }
    }

    /**
     * @param kit     the kit in question
     * @param drawers what is free in the drawers
     * @param rules   the shop's thresholds
     */
    public FitCase(Bike bike, Kit kit, Drawers drawers, ShopRules rules) {
        this(bike, kit, drawers, rules, new Known());
    }

    /** @param known what earlier cases of the same bike, drawers and rules found out already */
    public FitCase(Bike bike, Kit kit, Drawers drawers, ShopRules rules, Known known) {
        this.bike = bike;
        this.kit = kit;
        this.drawers = drawers.telling(use -> uses.add(use));
        this.rules = rules;
        this.known = known;
    }

    /** A diamond frame whose rider has named no need. */
    public FitCase(FrameSurvey survey, Kit kit, Drawers drawers, ShopRules rules) {
        this(new Bike(BikeKind.DIAMOND, survey, RiderNeed.none(), Set.of()), kit, drawers, rules);
    }

    /** The same question of a bike that measures otherwise in one thing. What it asks of the drawers counts as asked by this one. */
    public FitCase with(Reading reading) {
        FitCase other = new FitCase(new Bike(bike.kind(), bike.survey().with(reading), bike.need(), bike.approvals()), kit, drawers, rules);
        other.uses = uses;
        return other;
    }

    public Bike bike() {
        return bike;
    }

    public FrameSurvey survey() {
        return bike.survey();
    }

    public Kit kit() {
        return kit;
    }

    public Drawers drawers() {
        return drawers;
    }

    public ShopRules rules() {
        return rules;
    }

    /**
     * Work that many kits of one bike share, done once for all of them: a battery's place, a stack's pieces.
     *
     * @param kind which work
     * @param of   everything of the kit the work depends on, comparable by value
     * @param work must not look at anything else of the kit, and must not keep this case
     */
    public <T> T shared(Class<T> kind, Object of, Function<FitCase, T> work) {
        Known.Found found = known.once(kind, of, () -> foundOut(work));
        uses.addAll(found.uses());
        return kind.cast(found.what());
    }

    /** What the work found, with the uses that it alone asked for. */
    private Known.Found foundOut(Function<FitCase, ?> work) {
        Set<String> before = uses;
        uses = new HashSet<>();
        try {
            return new Known.Found(work.apply(this), Set.copyOf(uses));
        } finally {
            uses = before;
        }
    }

    /** What parts were asked for so far, by use: as long as the same lies there, the answers stay. */
    public Set<String> uses() {
        return Set.copyOf(uses);
    }

    /** Something several checks build on, worked out once: a stack, a plan of an axle. */
    public <T> T once(Class<T> what, Function<FitCase, T> work) {
        Object known = worked.get(what);
        if (known == null) {
            known = work.apply(this);
            worked.put(what, known);
        }
        return what.cast(known);
    }
}
