package hingeyard.core.fit;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.HashMap;
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
        this.bike = bike;
        this.kit = kit;
        this.drawers = drawers;
        this.rules = rules;
    }

    /** A diamond frame whose rider has named no need. */
    public FitCase(FrameSurvey survey, Kit kit, Drawers drawers, ShopRules rules) {
        this(new Bike(BikeKind.DIAMOND, survey, RiderNeed.none(), Set.of()), kit, drawers, rules);
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
