package hingeyard.core;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bike.Tool;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.BatteryCase;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Charger;
import hingeyard.core.kit.Controller;
import hingeyard.core.kit.Equipment;
import hingeyard.core.kit.HubDrive.HubAxle;
import hingeyard.core.kit.HubDrive.HubWheel;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.kit.Plug;
import hingeyard.core.kit.PlugKind;
import hingeyard.core.kit.Wire;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Bikes, kits and drawers for tests. */
public final class Given {

    public static final Instant TUESDAY = Instant.parse("2026-03-24T09:00:00Z");

    /** A steel fork that takes a front motor with shoulders of 100 as it is. */
    public static final String FORK = "front.over-locknut=100;front.fork-material=steel;front.bead-seat=622;front.brake-kind=rim;front.dropout-kind=open-slot;"
            + "front.recess-diameter=0;front.slot-width=10.1";

    private Given() {
    }

    /** A survey from {@code key=value} or {@code key=value@TOOL}, parted by {@code ;}. */
    public static FrameSurvey survey(String readings) {
        FrameSurvey survey = FrameSurvey.empty();
        for (String reading : readings.split(";")) {
            if (!reading.isBlank()) {
                String[] keyValue = reading.strip().split("=");
                String[] valueTool = keyValue[1].split("@");
                var measure = MeasureCatalogue.find(keyValue[0]).orElseThrow();
                Tool tool = valueTool.length == 2 ? Tool.valueOf(valueTool[1]) : measure.tool();
                survey = survey.with(MeasureEntry.read(measure, valueTool[0], tool, "Tova", TUESDAY));
            }
        }
        return survey;
    }

    /** A mid-drive kit: thread from x1 to x2, tooth plate 4, engagement 8, spacers of its own as {@code thickness × count}. */
    public static Kit bracketKit(String x1, String x2, String driveLeast, int cells, String maxInput, String... spacers) {
        BracketDrive drive = new BracketDrive(mm("33.5"), mm(x1), mm(x2), mm(driveLeast), mm("4"), mm("9"), mm("8"),
                TorqueRange.ofNewtonMetres("80", "100"), TorqueRange.ofNewtonMetres("40", "50"), TorqueRange.ofNewtonMetres("8", "10"),
                TorqueRange.ofNewtonMetres("7", "9"), mm("105"), mm("62"), Optional.empty(), Optional.empty());
        List<KitItem> contents = new ArrayList<>(List.of(KitItem.of("Motor unit", 1, "motor"), KitItem.of("Lock nut", 1, "lock-nut")));
        for (String spacer : spacers) {
            String[] part = spacer.split("x");
            contents.add(KitItem.piece("Spacer " + part[0], Integer.parseInt(part[1]), "bracket-spacer",
                    PieceSize.of(part[0], "0.05", "34", "42")));
        }
        return new Kit("T-MID", "Testworks", "mid " + x2, drive, controller(maxInput), battery(cells), Equipment.none(), contents);
    }

    /** {@link #bracketKit} whose maker publishes its outside and what comes with it: every check has what it asks of the sheet. */
    public static Kit wholeBracketKit(String x1, String x2, String driveLeast, int cells, String maxInput, String... spacers) {
        Kit kit = bracketKit(x1, x2, driveLeast, cells, maxInput, spacers);
        Kit whole = GivenKits.kit("mid");
        BracketDrive d = (BracketDrive) kit.drive();
        BracketDrive drive = new BracketDrive(d.axleTubeDiameter(), d.threadFrom(), d.threadTo(), d.driveSideLeast(), d.toothPlate(),
                d.lockNutHeight(), d.nutEngagement(), d.lockNut(), d.secondNut(),
                d.plateScrews(), d.chainringScrews(), d.bodyReach(), d.bodyRadius(), d.coaster(), ((BracketDrive) whole.drive()).body());
        return new Kit(kit.code(), kit.maker(), kit.name(), drive, whole.controller(), whole.battery(), whole.equipment(), kit.contents());
    }

    public static Kit frontHubKit(String shoulders) {
        HubDrive hub = new HubDrive(WheelEnd.FRONT,
                new HubAxle(mm(shoulders), mm("0"), mm("12"), mm("10"), mm("10"), mm("8"), mm("36"), mm("36"), mm("9"), mm("1.25"), mm("8"),
                        false),
                new HubWheel(mm("622"), mm("19"), true, mm("95")), Optional.empty(), Optional.empty(),
                TorqueRange.ofNewtonMetres("40", "50"), TorqueRange.ofNewtonMetres("4", "6"));
        return new Kit("T-HUB", "Testworks", "front " + shoulders, hub, controller("60"), battery(10), Equipment.none(),
                List.of(KitItem.of("Motor wheel", 1, "motor-wheel"), KitItem.of("Torque arm", 1, "torque-arm"),
                        KitItem.piece("Washer 1.0", 2, "axle-washer", PieceSize.of("1", "0.05", "12.2", "22"))));
    }

    public static Controller controller(String maxInput) {
        return new Controller(List.of(Voltage.ofVolts("36"), Voltage.ofVolts("48")), Voltage.ofVolts(maxInput), Voltage.ofVolts("31"),
                Current.ofAmperes("18"), Optional.of(Current.ofAmperes("12")),
                blades(true), new Wire(14, mm("500")), Optional.empty(), Optional.empty(), false);
    }

    public static Battery battery(int cells) {
        return new Battery("T-BAT", "Downtube pack", cells, 14_000, Current.ofAmperes("25"),
                Voltage.ofMillivolts(Math.min(30_000L, 3_000L * cells)), Mass.ofKilograms("3.4"), mm("360"), mm("88"),
                casing(BatteryHold.FRAME_BAY), blades(false),
                new Charger(Voltage.ofMillivolts(4_200L * cells), Current.ofAmperes("2"), true));
    }

    public static BatteryCase casing(BatteryHold hold) {
        return new BatteryCase(hold, mm("92"), mm("12"), List.of(mm("60"), mm("124")), mm("20"), mm("4"), mm("40"), true, mm("20"), true,
                Optional.empty());
    }

    /** A blade pair of 30 A. */
    public static Plug blades(boolean male) {
        return new Plug(PlugKind.BLADE_PAIR, 2, "", male, Current.ofAmperes("30"));
    }

    /** Drawers from {@code number:thickness:free}, all spacers for the bracket or washers for a 12 mm axle. */
    public static Drawers drawers(String... parts) {
        return new Drawers(Arrays.stream(parts).filter(p -> !p.isBlank()).map(p -> {
            String[] f = p.strip().split(":");
            boolean washer = f[0].startsWith("W");
            return new DrawerPart(f[0], (washer ? "Axle washer " : "Bracket spacer ") + f[1], washer ? "axle-washer" : "bracket-spacer",
                    "C12",
                    Integer.parseInt(f[2]),
                    Optional.of(washer ? PieceSize.of(f[1], "0.05", "12.2", "22") : PieceSize.of(f[1], "0.05", "34", "42")));
        }).toList());
    }

    public static FitReport report(FrameSurvey survey, Kit kit, Drawers drawers) {
        return new FitAssessor(FitCheckCatalogue.all()).assess(new FitCase(survey, kit, drawers, ShopRules.standard()));
    }

    public static Length mm(String millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
