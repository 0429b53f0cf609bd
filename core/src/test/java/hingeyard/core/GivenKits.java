package hingeyard.core;

import static hingeyard.core.Given.mm;

import hingeyard.core.bike.CaliperMount;
import hingeyard.core.bike.RotorMount;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.BatteryCase;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketBody.Chainring;
import hingeyard.core.kit.BracketBody.FaceAt;
import hingeyard.core.kit.BracketBody.Fixing;
import hingeyard.core.kit.BracketBody.Hold;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.CaseShape;
import hingeyard.core.kit.Charger;
import hingeyard.core.kit.CockpitItem;
import hingeyard.core.kit.CockpitKind;
import hingeyard.core.kit.Controller;
import hingeyard.core.kit.CutOff;
import hingeyard.core.kit.Drive;
import hingeyard.core.kit.Equipment;
import hingeyard.core.kit.FrameDrive;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.HubDrive.AntiTurn;
import hingeyard.core.kit.HubDrive.HubAxle;
import hingeyard.core.kit.HubDrive.HubCogs;
import hingeyard.core.kit.HubDrive.HubRotor;
import hingeyard.core.kit.HubDrive.HubWheel;
import hingeyard.core.kit.KeySide;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.kit.Lead;
import hingeyard.core.kit.LeadRun;
import hingeyard.core.kit.Motor;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.kit.PedalSensing;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.kit.Plug;
import hingeyard.core.kit.PlugKind;
import hingeyard.core.kit.RollerDrive;
import hingeyard.core.kit.RotorGearDrive;
import hingeyard.core.kit.SpeedSensor;
import hingeyard.core.kit.SwingArmDrive;
import hingeyard.core.kit.Wire;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartFacts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Whole kits of every family, each with the figures that a worked case changes by name; and a bike measured from end to end. */
public final class GivenKits {

    /** A steel tourer on which everything is measured. */
    public static final String BIKE = "bracket.standard=iso;bracket.shell-width=68;bracket.obstruction=nothing;bracket.underside=clear;bracket.underside-depth=0;bracket.height=285;"
            + "bracket.sensor-room=9;bracket.spindle=square-taper;bracket.right-stay-60=28;bracket.right-stay-80=31;bracket.right-stay-100=34;bracket.left-stay-60=28;"
            + "bracket.left-stay-80=31;bracket.left-stay-100=34;bracket.down-tube-distance=45;bracket.down-tube-width=38;bracket.front-derailleur=no;"
            + "bracket.pin-spacing=110;bracket.pin-bore=10.2;bracket.passage-width=30;bracket.passage-height=14;bracket.passage-lines=2;"
            + "rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=445;rear.cog-kind=cassette;rear.cogs=8;rear.cog-offset=4;rear.over-locknut=135;rear.dropout-material=steel;"
            + "rear.dropout-kind=open-slot;rear.recess-diameter=0;rear.slot-width=10.1;rear.plate-thickness=7;rear.tie-distance=70;rear.stay-step=0;rear.brake-kind=disc;"
            + "rear.rotor-diameter=160;rear.rotor-mount=six-bolt;rear.caliper-mount=post;rear.native-rotor=160;rear.rotor-plane=15.3;rear.caliper-reach=14;rear.clear-width=56;"
            + "rear.radial-clearance=12;rear.spoke-reach=12;rear.freewheel-recess=2;rear.tread=smooth;rear.mudguard=no;rear.clamp-distance=90;"
            + "front.bead-seat=622;front.tyre-width=40;front.brake-kind=rim;front.fork-material=steel;front.fork-kind=rigid;front.dropout-kind=open-slot;front.recess-diameter=0;"
            + "front.slot-width=10.1;front.over-locknut=100;front.plate-thickness=6;front.tie-distance=80;front.blade-step=0;front.clear-width=56;front.radial-clearance=12;"
            + "triangle.seat-tube=530;triangle.down-tube=640;triangle.top-tube=570;triangle.down-tube-diameter=35;triangle.seat-tube-diameter=28.6;triangle.top-tube-diameter=28.6;"
            + "triangle.down-boss-low=190;triangle.down-boss-high=254;triangle.down-tube-shape=straight;triangle.in-triangle=nothing;bars.straight-length=220;bars.grip-diameter=22.2;bars.clamp-diameter=31.8;"
            + "bars.grip-length=130;bars.lever-clamp-width=15;bars.shifter-width=25;bars.bell-width=14;bars.stem-room=90;bars.brake-actuation=cable;bars.levers-replaceable=yes;"
            + "run.bars-head=350;run.head-bracket=620;run.bars-battery=600;run.battery-motor=350;run.bracket-rear-axle=460;run.bars-front-axle=700;run.head-slack=80;"
            + "bike.mass=14.5;bike.permitted-mass=140;bike.rack-load=25;bike.pack-cells=13;bike.controller-amperes=18;bike.controller-volts=60;bike.lamps=none";

    private final Map<String, String> figures = new LinkedHashMap<>();

    private GivenKits(String tweaks) {
        for (String tweak : tweaks.split(";")) {
            if (!tweak.isBlank()) {
                figures.put(tweak.split("=")[0].strip(), tweak.split("=")[1].strip());
            }
        }
    }

    /** {@code mid teeth=48;limit=25}: a family and what is different about it. */
    public static Kit kit(String said) {
        String[] parts = said.strip().split("\\s+", 2);
        return new GivenKits(parts.length > 1 ? parts[1] : "").build(parts[0]);
    }

    public static List<String> families() {
        return List.of("mid", "frame", "front", "rear-cassette", "rear-thread", "rotor-gear", "roller", "arm", "second", "mount", "discs",
                "bar", "build", "swap");
    }

    private String of(String figure, String usual) {
        return figures.getOrDefault(figure, usual);
    }

    private Length length(String figure, String usual) {
        return mm(of(figure, usual));
    }

    private Current current(String figure, String usual) {
        return Current.ofAmperes(of(figure, usual));
    }

    private Kit build(String family) {
        List<KitItem> contents = new ArrayList<>(List.of(KitItem.of("Motor", 1, "motor"), KitItem.of("Battery", 1, "battery")));
        for (String piece : of("box", "").split("\\+")) {
            if (!piece.isBlank()) {
                String[] p = piece.split(":");
                contents.add(KitItem.piece("Box " + p[0] + " " + p[1], Integer.parseInt(p[2]), p[0],
                        PieceSize.of(p[1], "0.05", p[0].startsWith("axle") ? "12" : "34", p[0].startsWith("axle") ? "24" : "42")));
            }
        }
        if (!of("arms", "1").equals("0")) {
            contents.add(new KitItem("Torque arm", Integer.parseInt(of("arms", "1")), "torque-arm",
                    Optional.of(PieceSize.of("4", "0.1", "12", "30")), Optional.of(length("arm", "90"))));
        }
        boolean motor = !List.of("second", "mount", "discs", "bar", "build", "swap").contains(family);
        return new Kit("T-" + family.toUpperCase(java.util.Locale.ROOT), "Testworks", family, drive(family), controller(family), battery(),
                equipment(family, motor), contents);
    }

    private Drive drive(String family) {
        return switch (family) {
            case "mid" -> mid();
            case "frame" ->
                new FrameDrive(mm("110"), length("pin", "10"), List.of(mm("7"), mm("5"), mm("4")), torque(), true, mm("80"), mm("60"));
            case "front" -> hub(WheelEnd.FRONT, "100", Optional.empty());
            case "rear-cassette" -> hub(WheelEnd.REAR, "135", of("cogs", "yes").equals("no") ? Optional.empty()
                    : Optional.of(new HubCogs(false, Integer.parseInt(of("body", "9")), mm("3"), mm("38"), 8, mm("1.06"))));
            case "rear-thread" ->
                hub(WheelEnd.REAR, "135", Optional.of(new HubCogs(true, 0, length("cover", "1"), length("room", "46"), 9, mm("1.06"))));
            case "rotor-gear" -> new RotorGearDrive(List.of(new RotorGearDrive.MountVariant(CaliperMount.POST, mm("160"), mm("160")),
                    new RotorGearDrive.MountVariant(CaliperMount.IS, mm("160"), mm("180"))), mm("0.1"), mm("0.3"), mm("40"), mm("25"),
                    torque());
            case "roller" -> new RollerDrive(mm("28"), mm("35"), mm("60"), mm("120"), torque());
            case "arm" -> new SwingArmDrive(mm("80"), mm("15"), mm("20"), torque(), mm("80"),
                    Optional.ofNullable(figures.get("eye")).map(Given::mm), Optional.ofNullable(figures.get("cable")).map(Given::mm));
            case "second" -> none(NoDrive.Job.SECOND_BATTERY);
            case "mount" -> none(NoDrive.Job.BATTERY_MOUNT);
            case "discs" -> none(NoDrive.Job.DISC_BRAKES);
            case "bar" -> new NoDrive(NoDrive.Job.BAR_TUBE, Optional.of(length("bar", "31.8")));
            case "build" -> new NoDrive(NoDrive.Job.BUILD_UP, Optional.empty(), Optional.ofNullable(figures.get("steerer"))
                    .map(s -> new NoDrive.Steerer(mm(s), length("bore", "28.6"), length("headset", "24"), length("stem", "40"))));
            case "swap" -> none(NoDrive.Job.DISPLAY_SWAP);
            default -> throw new IllegalArgumentException(family);
        };
    }

    private static NoDrive none(NoDrive.Job job) {
        return new NoDrive(job, Optional.empty());
    }

    private static TorqueRange torque() {
        return TorqueRange.ofNewtonMetres("8", "10");
    }

    private BracketDrive mid() {
        Hold hold = Hold.valueOf(of("hold-by", "tooth_plate").toUpperCase(java.util.Locale.ROOT));
        BracketBody body = new BracketBody(
                List.of(new FaceAt(mm("60"), mm("-2")), new FaceAt(mm("80"), mm("0")), new FaceAt(mm("100"), length("face", "3"))),
                new Chainring(Integer.parseInt(of("teeth", "42")), length("plane", "13"), mm("4")), length("plate-radius", "42"),
                length("right-crank", "46"), length("left-crank", "118"), length("lowest", "95"),
                length("bridge", "44"), new Fixing(hold, mm("30"), mm("40"), mm("62"), mm("18"), mm("8"), length("screw", "25")));
        return new BracketDrive(mm("33.5"), mm("66"), length("thread-to", "96"), mm("0"), mm("4"), mm("9"), length("engagement", "8"),
                torque(), torque(), torque(), torque(), mm("105"), mm("62"),
                figures.containsKey("coaster") ? Optional.of(true) : Optional.empty(),
                of("body", "yes").equals("no") ? Optional.empty() : Optional.of(body));
    }

    private HubDrive hub(WheelEnd end, String width, Optional<HubCogs> cogs) {
        HubAxle axle = new HubAxle(length("shoulders", width), length("rim-offset", "0"), mm("12"), length("flats", "10"),
                length("flat-length", "10"), length("inner-most", "8"), length("axle", "36"), length("axle", "36"), mm("9"), mm("1.25"),
                mm("8"),
                of("lead", "left").equals("right"),
                figures.containsKey("anti-turn")
                        ? Optional.of(new AntiTurn(length("anti-turn", "0"), length("anti-turn-right", of("anti-turn", "0"))))
                        : Optional.empty());
        Optional<HubRotor> rotor = of("rotor", "yes").equals("yes")
                ? Optional.of(new HubRotor(length("rotor-plane", "15.3"), length("cover-radius", "40"), length("cover-face", "32"),
                        of("pattern", "six-bolt").equals("unsaid") ? Optional.empty()
                                : Optional.of(RotorMount
                                        .valueOf(of("pattern", "six-bolt").toUpperCase(java.util.Locale.ROOT).replace('-', '_')))))
                : Optional.empty();
        return new HubDrive(end, axle, new HubWheel(length("bead", "622"), length("rim", "19"), of("track", "yes").equals("yes"), mm("95")),
                rotor, cogs, torque(), torque());
    }

    private static Plug plug(String kind, boolean male, String rating) {
        PlugKind shape = switch (kind) {
            case "blade" -> PlugKind.BLADE_PAIR;
            case "bullet" -> PlugKind.BULLET_PAIR;
            case "ring" -> PlugKind.RING_POST;
            case "barrel" -> PlugKind.BARREL;
            default -> throw new IllegalArgumentException(kind);
        };
        return new Plug(shape, 2, "", male, Current.ofAmperes(rating));
    }

    private Controller controller(String family) {
        return new Controller(List.of(Voltage.ofVolts("36"), Voltage.ofVolts("48")), Voltage.ofVolts(of("max", "60")),
                Voltage.ofVolts(of("low", "39")), current("limit", "18"),
                figures.containsKey("settable") ? Optional.of(current("settable", "10")) : Optional.empty(),
                plug(of("controller-plug", "blade"), true, of("controller-rating", "30")),
                new Wire(Integer.parseInt(of("gauge", "12")), length("supply", "500")),
                figures.containsKey("lights")
                        ? Optional.of(new Controller.LightOutput(Voltage.ofVolts(of("lights", "6")), Current.ofAmperes("0.5")))
                        : Optional.empty(),
                figures.containsKey("fuse") ? Optional.of(current("fuse", "")) : Optional.empty(),
                of("combiner", family.equals("second") ? "yes" : "no").equals("yes"));
    }

    /** {@code key=beside;swing=20;wedge=40}: a wedge is so high at its upper end. */
    private Optional<CaseShape> shape() {
        if (Stream.of("key", "swing", "wedge").noneMatch(figures::containsKey)) {
            return Optional.empty();
        }
        List<CaseShape.Corner> wedge = !figures.containsKey("wedge") ? List.of()
                : List.of(corner("0", "0"), corner("360", "0"), corner("360", of("wedge", "")), corner("0", "88"));
        return Optional.of(new CaseShape(KeySide.valueOf(of("key", "away-from-rail").toUpperCase(java.util.Locale.ROOT).replace('-', '_')),
                Integer.parseInt(of("swing", "0")), wedge));
    }

    private static CaseShape.Corner corner(String along, String up) {
        return new CaseShape.Corner(mm(along), mm(up));
    }

    private Battery battery() {
        int cells = Integer.parseInt(of("cells", "13"));
        String full = Voltage.ofMillivolts(4200L * cells).amount().toPlainString();
        BatteryCase casing = new BatteryCase(BatteryHold.valueOf(of("hold", "rail").toUpperCase(java.util.Locale.ROOT)), mm("92"), mm("12"),
                List.of(mm("80"), mm("144")), mm("20"), mm("4"), mm("40"), true, mm("20"),
                of("port", "capped").equals("capped"), shape());
        return new Battery("T-BAT", "Downtube pack", cells, 14_000, current("continuous", "25"), Voltage.ofVolts(of("own-cut-off", "39")),
                Mass.ofKilograms(of("pack-mass", "3.4")),
                length("pack", "360"), length("pack-height", "88"), casing,
                plug(of("battery-plug", "blade"), false, of("battery-rating", "30")),
                new Charger(Voltage.ofVolts(of("charger", full)), Current.ofAmperes("2"), of("port-fits", "yes").equals("yes")));
    }

    private Equipment equipment(String family, boolean motor) {
        List<CockpitItem> cockpit = new ArrayList<>(
                motor ? List.of(new CockpitItem(CockpitKind.DISPLAY, length("display", "70"), length("display-clamp", "31.8"), true),
                        new CockpitItem(CockpitKind.REMOTE, length("remote", "25"), length("clamp", "22.2"), false)) : List.of());
        if (of("throttle", "no").equals("yes")) {
            cockpit.add(new CockpitItem(CockpitKind.THUMB_THROTTLE, mm("25"), mm("22.2"), false));
        }
        Plug signal = new Plug(PlugKind.MOULDED, 5, "green", true, Current.ofAmperes("3"));
        List<Lead> leads = motor && !of("leads", "yes").equals("no") ? List.of(
                new Lead("display lead", LeadRun.valueOf(of("lead-run", "BARS_TO_BRACKET").toUpperCase(java.util.Locale.ROOT)),
                        length("display-lead", "1150"), signal),
                new Lead("battery lead", LeadRun.BATTERY_TO_MOTOR, mm("500"), signal)) : List.of();
        PedalSensing sensing = new PedalSensing(
                PedalSensing.Kind.valueOf(of("sensing", "").equals("unsaid") ? "NONE"
                        : of("sensing", family.equals("mid") || family.equals("frame") ? "built_in" : "split_ring")
                                .toUpperCase(java.util.Locale.ROOT)),
                length("ring", "7"));
        return new Equipment(
                motor && !of("motor", "yes").equals("no") ? Optional.of(new Motor(Integer.parseInt(of("watts", "250")),
                        Integer.parseInt(of("peak", "500")), Torque.ofNewtonMetres(of("torque", "35")), 5.6,
                        family.equals("mid"), of("regen", "no").equals("yes"), Integer.parseInt(of("speed", "25")),
                        Integer.parseInt(of("walk", "6")))) : Optional.empty(),
                motor && !of("sensing", "").equals("unsaid") ? Optional.of(sensing) : Optional.empty(),
                family.equals("mid") ? Optional.of(new SpeedSensor(mm("4"), mm("15"))) : Optional.empty(),
                motor && !of("cut-off", "").equals("unsaid")
                        ? Optional.of(CutOff.valueOf(of("cut-off", "cable_levers").toUpperCase(java.util.Locale.ROOT))) : Optional.empty(),
                cockpit, leads, List.of(), motor ? Mass.ofKilograms("4.6") : Mass.ZERO, 0);
    }

    /** {@link #BIKE} with some readings changed, and some ({@code -key}) taken away. */
    public static String bike(String changes) {
        Map<String, String> readings = new LinkedHashMap<>();
        Arrays.stream(BIKE.split(";")).forEach(r -> readings.put(r.split("=")[0], r));
        for (String change : changes.split(";")) {
            String one = change.strip();
            if (one.startsWith("-")) {
                readings.remove(one.substring(1));
            } else if (!one.isEmpty()) {
                readings.put(one.split("=")[0], one);
            }
        }
        return String.join(";", readings.values());
    }

    /** {@code NUMBER use free t=1.5 i=12 o=24 len=90 span=0..12 plug=blade>bullet@30}, parted by {@code ;}. */
    public static Drawers drawers(String said) {
        return new Drawers(Arrays.stream(said.split(";")).filter(p -> !p.isBlank()).map(p -> part(p.strip().split("\\s+"))).toList());
    }

    private static DrawerPart part(String[] words) {
        Map<String, String> f = new LinkedHashMap<>();
        Arrays.stream(words).skip(3).forEach(w -> f.put(w.split("=")[0], w.split("=")[1]));
        Optional<PieceSize> size = f.containsKey("t")
                ? Optional.of(PieceSize.of(f.get("t"), "0.05", f.getOrDefault("i", "12"), f.getOrDefault("o", "30"))) : Optional.empty();
        Optional<Band> span = Optional.ofNullable(f.get("span")).map(s -> new Band(mm(s.split("\\.\\.")[0]), mm(s.split("\\.\\.")[1])));
        Optional<Adapter> adapter = Optional.ofNullable(f.get("plug")).map(GivenKits::adapter);
        return new DrawerPart(words[0], words[0], words[1], "C1", Integer.parseInt(words[2]), size,
                new PartFacts(Optional.ofNullable(f.get("len")).map(Given::mm), span, adapter, 0, 0));
    }

    /** Goes onto a battery of the first kind and offers a battery of the second; {@code signal} is the loom's green plug. */
    private static Adapter adapter(String said) {
        String[] ends = said.split("[>@]");
        if (ends[0].equals("signal")) {
            Plug pins = new Plug(PlugKind.MOULDED, 5, "green", true, Current.ofAmperes("3"));
            return new Adapter(pins, pins.counterpart(), Current.ofAmperes("3"));
        }
        return new Adapter(plug(ends[0], true, ends[2]), plug(ends[1], false, ends[2]), Current.ofAmperes(ends[2]));
    }
}
