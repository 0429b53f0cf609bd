package hingeyard.core.rules;

import hingeyard.core.explain.LimitKind;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Every threshold that is a length. */
public enum LengthRule implements Rule {
    AXLE_TUBE_CLEARANCE("bracket.axle-tube-clearance", "Clearance round the axle tube", "0.1",
            "Paint and burrs take up to a tenth; tighter, the tube jams half-way."),
    MOTOR_TO_STAY("bracket.motor-to-stay", "Gearbox to chainstay, at least", "2", "Frame and gearbox move under load; nearer, they touch."),
    RING_TO_STAY("bracket.ring-to-stay", "Chainring to chainstay, at least", "3",
            "A chainring bends sideways when one stands on the pedal."),
    CRANK_SYMMETRY("bracket.crank-symmetry", "Cranks off the middle, at most", "4", "More, and knees and hips notice."),
    GROUND_ROAD("bracket.ground-road", "Motor above ground on roads", "150", "Kerbs and ramps."),
    GROUND_OFF_ROAD("bracket.ground-off-road", "Motor above ground off road", "200", "Roots, stones, ruts."),
    NUT_RUN_IN("stack.nut-run-in", "Thread a nut leaves behind it", "0.5",
            "A nut that reaches the end of its thread feels tight and clamps nothing."),
    LOCK_NUT_ENGAGEMENT("stack.lock-nut-engagement", "Lock nut's thread, at least", "6",
            "Less thread than that strips at the torque the nut needs."),
    SPREAD_STEEL("dropout.spread.steel", "Steel eased apart by, at most", "4", "Steel gives that much and springs back."),
    SPREAD_TITANIUM("dropout.spread.titanium", "Titanium eased apart by, at most", "2", "Titanium springs, its welds do not."),
    SPREAD_ALUMINIUM("dropout.spread.aluminium", "Aluminium eased apart by, at most", "2", "Aluminium cracks where it is bent."),
    PULL_IN_STEEL("dropout.pull-in.steel", "Steel pulled in by, at most", "1", "Clamping pulls the dropouts out of parallel."),
    PULL_IN_ALUMINIUM("dropout.pull-in.aluminium", "Aluminium pulled in by, at most", "0.5",
            "Clamping pulls the dropouts out of parallel."),
    SLOT_PLAY("dropout.slot-play", "Play of the flats in the slot, at most", "0.2", "More, and the axle works in its slot at every pull."),
    SLOT_DRESSING("dropout.slot-dressing", "Steel slot dressed by, at most", "0.3",
            "Paint and burr of a steel slot; more would be filing what holds the wheel."),
    SAFETY_WASHER_ROOM("dropout.safety-washer-room", "Room round a safety washer, at most", "1",
            "A washer with more room in its recess can creep out under a loose nut."),
    DISH("wheel.dish", "Rim off the middle, at most", "2", "Up to here the brake can be set to the rim; beyond, the wheel is re-dished."),
    TYRE_SIDE("wheel.tyre-side", "Tyre to blade or stay, at least", "4", "A wheel runs out of true; a stone goes through."),
    TYRE_TOP("wheel.tyre-top", "Tyre to crown or bridge, at least", "6", "A tyre grows with pressure and picks things up."),
    CALIPER_SLOT("brake.caliper-slot", "Caliper's own adjustment, each way", "1.5", "Slots of a post mount; a fixed mount has none."),
    COVER_TO_CALIPER("brake.cover-to-caliper", "Motor cover to caliper, at least", "2", "Covers run out and calipers move."),
    CHAIN_TO_COVER("cogs.chain-to-cover", "Chain to motor cover, at least", "2.5", "Chain and cover bolts."),
    CHAIN_TO_DROPOUT("cogs.chain-to-dropout", "Smallest cog to dropout, at least", "3.5", "The chain stands out beside its cog."),
    BAY_TO_TUBE("bay.to-tube", "Battery to any tube, at least", "5", "Frames flex and packs rattle."),
    BAY_TO_SHOCK("bay.to-shock", "Battery to shock and links, at least", "10", "At any travel, with dirt on it."),
    FOLD_GAP("fold.gap", "Folded wheel to anything, at least", "5", "A fold is slammed sooner or later."),
    RING_SPACERS("cogs.ring-spacers", "Spacers behind a chainring, at most", "3",
            "Further out, its screws run out of thread and the ring bends under load."),
    STEERER_BELOW("bars.steerer-below", "Steerer ends below the stem's top by", "3",
            "The cap must press on the stem, not on the steerer, or the headset is never tight."),
    STEERER_PLAY("bars.steerer-play", "Steerer's length off by, at most", "1",
            "The cap's reach: less than two below, the cap meets the steerer; more than four, the upper bolt clamps nothing."),
    STEERER_SPACERS("bars.steerer-spacers", "Spacers under a stem, at most", "40",
            "More is a lever on the steerer; a carbon one takes less, its maker says how much."),
    SEAT_PLATE_CENTRE("bay.seat-plate-centre", "Plate between the seat's ears, play each side", "1",
            "Equal sides keep the battery over the middle; more play, and the plate works on its bolts."),
    TAPE_OVER_LEAST("wheel.tape-over-least", "Rim tape wider than the rim inside by, at least", "2",
            "Narrower tape wanders and bares a spoke hole."),
    TAPE_OVER_MOST("wheel.tape-over-most", "Rim tape wider than the rim inside by, at most", "4",
            "Wider tape climbs the rim's wall and lifts the tyre's bead."),
    FRAME_BAY_PLAY("bay.frame-play", "Battery shorter than the frame's own bay by, at most", "3",
            "With more its lock bites on nothing and its contacts chatter."),
    STAND_OFF_OVER("bay.stand-off-over", "Stand-off thicker than its gap by, at most", "0.5",
            "Thinner, and the screw pulls the rail bent; much thicker, and the rail rocks on its feet."),
    STAND_OFF_MOST("bay.stand-off-most", "Stand-offs under a rail, at most", "12",
            "Higher feet are levers on the bosses: such a rail is strapped."),
    LEVER_REACH("bars.lever-reach", "Brake lever's clamp from the bar's end, at most", "160", "Further in, the fingers miss the lever."),
    LEAD_LONG("leads.stow-above", "Lead stowed when longer by", "300", "Less than that goes into the loom's wrap."),
    RIM_MIDDLE("wheel.rim-middle", "Rim counts as in the middle, off by at most", "0.5", "A wheel is trued to half a millimetre."),
    REDISH("wheel.redish", "Wheel re-dished by, at most", "6", "Further over, the spokes of one side are too slack to hold."),
    WHEEL_LOWER("wheel.radius-less", "Wheel smaller in radius by, at most", "35",
            "One end drops: the head angle steepens by a degree or two, the pedals come nearer to the ground."),
    BRACKET_LEAST("wheel.bracket-least", "Bracket above the ground, at least", "255",
            "Cranks of 170 with their pedals strike the ground in a bend."),
    WIDTH_TOLERANCE("dropout.width-tolerance", "Usual tolerance of an over-locknut distance", "0.3",
            "A frame is not built to a tenth; no spread and no pull-in mean no more than this."),
    CRANK_SPACER_MOST("bracket.crank-spacer-most", "Crank spacer, at most", "5", "A crank further out has too little of its spindle."),
    CRANKS_APART("bracket.cranks-apart", "Cranks off symmetrical, with consent, at most", "15", "More, and nobody pedals it without pain."),
    TIE_EVERY("bill.tie-every", "One tie for every", "150", "Further apart, a loom hangs and catches.");

    /** Where a wheel, a brake or a steerer hangs on it. */
    private static final Set<LengthRule> GUARDED = EnumSet.of(SPREAD_STEEL, SPREAD_TITANIUM, SPREAD_ALUMINIUM, SLOT_DRESSING,
            SAFETY_WASHER_ROOM, COVER_TO_CALIPER, STEERER_BELOW, STEERER_PLAY, STAND_OFF_MOST);
    private static final Set<LengthRule> NO_LIMITS = EnumSet.of(TIE_EVERY, LEAD_LONG, TAPE_OVER_LEAST, TAPE_OVER_MOST);

    private final String key;
    private final String title;
    private final Length standard;
    private final String reason;

    LengthRule(String key, String title, String millimetres, String reason) {
        this.key = key;
        this.title = title;
        this.standard = Length.ofMillimetres(millimetres);
        this.reason = reason;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String title() {
        return title;
    }

    /** The value the application ships with. */
    public Length standard() {
        return standard;
    }

    @Override
    public String standardText() {
        return standard.text(Units.METRIC);
    }

    @Override
    public String reason() {
        return reason;
    }

    @Override
    public String source() {
        return "bench practice";
    }

    @Override
    public Optional<LimitKind> kind() {
        return NO_LIMITS.contains(this) ? Optional.empty() : Optional.of(GUARDED.contains(this) ? LimitKind.SAFETY : LimitKind.SCREENING);
    }

    @Override
    public String allowed() {
        return "a length " + RuleSpan.of(this).text("mm");
    }

    @Override
    public List<String> ends() {
        RuleSpan span = RuleSpan.of(this);
        return List.of(RuleSpan.plain(span.least()) + " mm", RuleSpan.plain(span.most()) + " mm");
    }
}
