package hingeyard.core.condition;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Every point of the arrival check, in the order of one look round the bike. */
public final class ConditionCatalogue {

    private static final Set<BikeKind> ALL_KINDS = EnumSet.allOf(BikeKind.class);
    private static final Set<BikeKind> ROLLING = EnumSet.complementOf(EnumSet.of(BikeKind.BARE_FRAME));
    private static final Set<JobKind> ELECTRIC_ALREADY = EnumSet.of(JobKind.SECOND_BATTERY, JobKind.DISPLAY_OR_CONTROLLER,
            JobKind.DIAGNOSIS, JobKind.LIGHTS,
            JobKind.BATTERY_MOUNT, JobKind.SERVICE, JobKind.RETORQUE);

    private static final String BATTERY_CASE = "battery-case";

    private static final List<ConditionPoint> POINTS = List.of(
            grave("frame-cracks", "Frame: cracks",
                    "Clean the joints round head tube, bracket, seat cluster and dropouts; look for lines in the paint, rust "
                            + "weeping out, a soft sound when tapped.",
                    "Frame repair by its maker or a licensed welder", 0, List.of(), ALL_KINDS),
            grave("fork-cracks", "Fork: cracks",
                    "Crown, blade ends, steerer above the crown race; on carbon every scratch that catches the nail.",
                    "Fork replaced", 60, List.of(part("fork", 1, "")), ROLLING),
            point("dropout-dents", "Dropouts: dents, bent, worn slots",
                    "Both plates flat and parallel; slot edges straight; no old washer marks cut in.",
                    "Dropouts aligned", 30, List.of(), ALL_KINDS),
            point("headset-play", "Headset: play, notches",
                    "Front brake on, rock it; then turn it lifted: it must neither knock nor index.", "Headset adjusted or renewed", 40,
                    List.of(part("headset", 1, "")), ROLLING),
            point("bracket-play", "Bottom bracket: play, grinding", "Rock both cranks sideways, spin without chain.", "Bracket renewed", 30,
                    List.of(part("bracket bearing", 1, "")), ROLLING),
            point("front-wheel", "Front wheel: true, spokes", "Spin it: side and height within 1 mm; every spoke rings.", "Wheel trued", 25,
                    List.of(), ROLLING),
            point("rear-wheel", "Rear wheel: true, spokes", "Spin it: side and height within 1 mm; every spoke rings.", "Wheel trued", 25,
                    List.of(), ROLLING),
            grave("rim-wear", "Rims: wear, cracks at the eyelets",
                    "Wear groove still there; braking faces not hollow; no cracks round the nipples.", "Rim replaced, wheel built", 90,
                    List.of(part("rim", 1, ""), part("spokes, set", 1, "")), ROLLING),
            point("brake-pads", "Brakes: pads, rotors", "Pads over 1 mm, rotors over their least thickness, nothing oily.", "Pads renewed",
                    20, List.of(part("brake pads, pair", 2, "brake-pads")), ROLLING),
            grave("brake-lines", "Brakes: hoses, cables, levers", "Pull hard: lever firm, nothing weeps, no strand broken, it lets go.",
                    "Hose or cable renewed, bled", 45,
                    List.of(part("brake cable or hose with fluid", 1, "brake-cable")), ROLLING),
            point("chain-wear", "Chain and cogs", "Gauge: under 0.75 %; teeth not hooked.", "Chain renewed, cogs with it", 25,
                    List.of(on("chain", 1, "chain-#", "chain"), on("cogs", 1, "@-#", "cogs")), ROLLING),
            point("tyres", "Tyres: age, cracks, tread", "Side wall without cracks; no thread shows; under six years by its date.",
                    "Tyres and tubes renewed", 30, List.of(on("tyre", 2, "tyre", "tyre"), on("tube", 2, "tube", "tube")), ROLLING),
            point("seized", "Seized bolts, stuck post or cups", "Try each that the job needs, gently: pedals, cranks, cups, post.",
                    "Freed, penetrating oil overnight", 45, List.of(), ALL_KINDS),
            grave("repairs", "Earlier repairs",
                    "Brazed, filled, re-sprayed, straightened? Ask. No motor on a repair that nobody can vouch for.",
                    "Repair checked by its maker", 0, List.of(), ALL_KINDS),
            grave("material", "What fork and frame are made of",
                    "Magnet and eye; when nobody knows, it counts as carbon until it is known.", "Material found out with the maker", 10,
                    List.of(), ALL_KINDS),
            grave("fold-hinge", "Folding joint and latch",
                    "Latch closes with force and holds; no crack in the hinge plates; no play when rocked.", "Latch adjusted or renewed",
                    30, List.of(part("latch", 1, "")),
                    EnumSet.of(BikeKind.FOLDING)),
            grave("fold-arm", "Folding rear arm: pivot, lock", "Arm locks without play; pivot bolts hold; axle straight.",
                    "Pivot bushes renewed", 50, List.of(part("pivot bushes, set", 1, "")),
                    EnumSet.of(BikeKind.STAND_UP_TRIKE)),
            point("suspension", "Shock, pivots, links", "Lift by the saddle: no knock; shock holds its air; seals dry.",
                    "Pivots re-greased or renewed", 60, List.of(part("link bearings, set", 1, "link-bearings")),
                    EnumSet.of(BikeKind.FULL_SUSPENSION)),
            grave("steering-linkage", "Steering rods and joints", "Rod ends without play, lock nuts tight, both wheels point the same way.",
                    "Rod ends renewed, tracked", 45, List.of(part("rod end", 2, "")),
                    EnumSet.of(BikeKind.RECUMBENT_TRIKE, BikeKind.BOX_CARGO, BikeKind.STAND_UP_TRIKE)),
            point("load-carrier", "Rack or box and its fixings", "All bolts there, no cracked weld, rated load to be read.",
                    "Fixings renewed", 20, List.of(new PartWanted("fixing bolts, set", 1, "", "", true)),
                    EnumSet.of(BikeKind.LONG_TAIL, BikeKind.BOX_CARGO, BikeKind.DELTA_TRIKE)),
            point("rear-axle", "Rear axle of the pair", "Both wheels turn free, keys tight, no play along the axle.",
                    "Axle bearings renewed", 70, List.of(part("bearings, set", 1, "")),
                    EnumSet.of(BikeKind.DELTA_TRIKE)),
            point("threads", "Threads and faces", "Bracket, hanger and head clean, not crossed, faces square.", "Threads chased, faces cut",
                    35, List.of(), EnumSet.of(BikeKind.BARE_FRAME)),
            grave(BATTERY_CASE, "Battery on the bike: case, heat, smell",
                    "No dent, swelling, smell or wet. In doubt: do not charge, put it in the quarantine place outside, and call its maker.",
                    "Battery replaced by its maker's own", 15, List.of(part("battery of its maker", 1, "")), ALL_KINDS));

    private ConditionCatalogue() {
    }

    /** The points that a bike of this kind has, in looking order. */
    public static List<ConditionPoint> of(BikeKind bike, JobKind job) {
        return POINTS.stream().filter(p -> p.kinds().contains(bike))
                .filter(p -> !p.key().equals(BATTERY_CASE) || ELECTRIC_ALREADY.contains(job)).toList();
    }

    public static Optional<ConditionPoint> find(String key) {
        return POINTS.stream().filter(p -> p.key().equals(key)).findFirst();
    }

    public static List<ConditionPoint> all() {
        return POINTS;
    }

    private static ConditionPoint point(String key, String title, String look, String work, int minutes, List<PartWanted> parts,
            Set<BikeKind> kinds) {
        return new ConditionPoint(key, title, look, work, minutes, parts, false, kinds);
    }

    private static ConditionPoint grave(String key, String title, String look, String work, int minutes, List<PartWanted> parts,
            Set<BikeKind> kinds) {
        return new ConditionPoint(key, title, look, work, minutes, parts, true, kinds);
    }

    private static PartWanted part(String name, int count, String use) {
        return new PartWanted(name, count, use, "", false);
    }

    private static PartWanted on(String name, int count, String use, String role) {
        return new PartWanted(name, count, use, role, false);
    }
}
