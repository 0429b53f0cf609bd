package hingeyard.core.rules;

import hingeyard.core.explain.LimitKind;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Every threshold that is a number with another unit than a length's. */
public enum NumberRule implements Rule {
    CHAINLINE_GOOD("chainline.good", "Chain angle that runs well, up to", "2.8", "°", "Beyond, it is heard."),
    CHAINLINE_WORN("chainline.wearing", "Chain angle that wears, up to", "3.5", "°",
            "Beyond, the cog is not ridden: the chain climbs off."),
    BEARING_STEEL("axle.bearing.steel", "Flat on a steel dropout", "180", "N/mm²", "Screening allowable for the flat's edge."),
    BEARING_TITANIUM("axle.bearing.titanium", "Flat on a titanium dropout", "150", "N/mm²", "Screening allowable for the flat's edge."),
    BEARING_ALUMINIUM("axle.bearing.aluminium", "Flat on an aluminium dropout", "70", "N/mm²", "Screening allowable for the flat's edge."),
    BEARING_MAGNESIUM("axle.bearing.magnesium", "Flat on a magnesium casting", "40", "N/mm²",
            "Screening allowable for the flat's edge; the fork maker's word comes first."),
    ARMS_TWO_ABOVE("axle.two-arms-above", "Two torque arms above a peak of", "1000", "W",
            "Twice the pull, and a start from standing is the worst of it."),
    TYRE_NARROW("wheel.tyre-narrow", "Tyre to rim's inner width, at least", "1.4", "×", "Screening; the rim maker's table wins."),
    TYRE_WIDE("wheel.tyre-wide", "Tyre to rim's inner width, at most", "2.4", "×", "Screening; the rim maker's table wins."),
    PAYLOAD("load.payload", "Rated load to battery's mass, at least", "1.3", "×",
            "A rack is rated for a bag that gives, not for a block that knocks."),
    STRAPS_TWO_UP_TO("load.straps-two-up-to", "Two straps carry up to", "3.5", "kg", "Above, three."),
    MESH_OPENING("gear.mesh-opening", "Gear mesh opens by, for each mm of shim under both studs", "0.73", "mm",
            "Twice the tangent of a pressure angle of 20°."),
    WIRE_DROP("wire.drop", "Voltage lost in the supply lead, at most", "2", "%", "The rest is heat under the tape."),
    CHARGER_WINDOW("wire.charger-percent", "Charger's output off the pack's full voltage, at most", "0.5", "%",
            "Above it ages the cells, below it never fills them."),
    CLASS_A_POWER("class.a-power", "Class A: rated power, up to", "250", "W", "Neutral example: check your local rules."),
    CLASS_A_SPEED("class.a-speed", "Class A: assistance ends at", "25", "km/h", "Neutral example: check your local rules."),
    CLASS_B_POWER("class.b-power", "Class B: rated power, up to", "750", "W", "Neutral example: check your local rules."),
    CLASS_B_SPEED("class.b-speed", "Class B: assistance ends at", "32", "km/h", "Neutral example: check your local rules."),
    CLASS_WALK("class.walk", "Walk assist, up to", "6", "km/h", "Neutral example: check your local rules."),
    STACK_PIECES("stack.pieces", "Pieces on one side of a stack, at most", "4", "pieces",
            "Every face more adds its own error, and loose pieces creep."),
    BATTERY_UNUSED("wire.battery-unused", "Share of a battery left unused, without consent, up to", "10", "%",
            "Up to here nobody notices; beyond, the rider pays for what he cannot ride."),
    RANGE_RESERVE("need.range-reserve", "Range left over the day's distance, at least", "20", "%",
            "Frost, an older battery and a detour each take that much."),
    CARRIED_MOST("need.carried-most", "A bike that is carried gains, at most", "7", "kg",
            "More than a full rucksack in one hand is not carried twice."),
    DISCREET_LEADS("need.discreet-leads", "Leads on a discreet bike, at most", "3", "leads",
            "Up to here they lie together along one tube."),
    STAND_MASS("stand.clamp-mass", "Clamp carries, bike with kit", "30", "kg",
            "Heavier goes on its back with the bars protected, or stays on its wheels."),
    FIRST_CHECK("handover.first-check", "First check after", "4", "weeks", "Spokes, nuts and screws settle in the first weeks."),
    FIRST_CHECK_KM("handover.first-check-km", "First check after, at the latest", "150", "km", "Whichever comes first."),
    LABOUR("bill.labour", "Labour, an hour", "60", "an hour", "Billed by the minutes that the steps are planned with."),
    MACHINE("bill.machine", "Printer or lathe, an hour", "12", "an hour",
            "Material is in it. Billed by the minutes a made part is reckoned with."),
    TAX("bill.tax", "Tax on parts and labour", "20", "%", "Neutral example: check what applies where the shop is."),
    QUOTE_DAYS("bill.quote-days", "A quote stands for", "14", "days", "Prices and drawers move."),
    DEPOSIT("bill.deposit", "Deposit on approval", "30", "%", "Covers what is ordered for one customer only."),
    TIES_AT_ENDS("bill.ties-at-ends", "Ties at the ends of a lead", "2", "ties",
            "A lead is tied where it leaves the loom, never at its plug.");

    /** Where a wheel or a battery hangs on it. */
    private static final Set<NumberRule> GUARDED = EnumSet.of(BEARING_STEEL, BEARING_TITANIUM, BEARING_ALUMINIUM, BEARING_MAGNESIUM,
            ARMS_TWO_ABOVE, PAYLOAD, CHARGER_WINDOW);
    private static final Set<NumberRule> NO_LIMITS = EnumSet.of(MESH_OPENING, FIRST_CHECK, FIRST_CHECK_KM, LABOUR, MACHINE, TAX, QUOTE_DAYS,
            DEPOSIT,
            TIES_AT_ENDS, STRAPS_TWO_UP_TO,
            RANGE_RESERVE, CARRIED_MOST, DISCREET_LEADS);

    private final String key;
    private final String title;
    private final BigDecimal standard;
    private final String unit;
    private final String reason;

    NumberRule(String key, String title, String standard, String unit, String reason) {
        this.key = key;
        this.title = title;
        this.standard = new BigDecimal(standard);
        this.unit = unit;
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

    public String unit() {
        return unit;
    }

    /** The value the application ships with. */
    public BigDecimal standard() {
        return standard;
    }

    @Override
    public String standardText() {
        return standard.toPlainString() + " " + unit;
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
        return "a number " + RuleSpan.of(this).text(unit);
    }

    @Override
    public List<String> ends() {
        RuleSpan span = RuleSpan.of(this);
        return List.of(RuleSpan.plain(span.least()), RuleSpan.plain(span.most()));
    }
}
