package hingeyard.app.demo;

import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the demo's frames measure, as {@code key=value} parted by {@code ;}. A frame's own values stand behind the common ones and win. */
final class DemoSurveys {

    private static final String BARS = "bars.straight-length=215;bars.grip-diameter=22.2;bars.clamp-diameter=31.8;bars.grip-length=125;bars.lever-clamp-width=15;"
            + "bars.shifter-width=25;bars.bell-width=14;bars.stem-room=90;bars.brake-actuation=cable;bars.levers-replaceable=yes;";
    private static final String RUNS = "run.bars-head=340;run.head-bracket=620;run.bars-battery=560;run.battery-motor=330;run.bracket-rear-axle=470;run.bars-front-axle=720;"
            + "run.head-slack=80;";
    private static final String WHOLE = "bike.mass=16;bike.permitted-mass=150;bike.rack-load=25;bike.lamps=own-battery;";
    private static final String TUBES = "triangle.down-tube-diameter=35;triangle.seat-tube-diameter=28.6;triangle.top-tube-diameter=28.6;triangle.in-triangle=nothing;";
    private static final String BRACKET = "bracket.standard=iso;bracket.obstruction=nothing;bracket.underside=clear;bracket.underside-depth=0;bracket.spindle=square-taper;bracket.sensor-room=9;"
            + "bracket.down-tube-distance=44;bracket.down-tube-width=36;bracket.front-derailleur=no;";
    private static final String REAR = "rear.cog-kind=cassette;rear.cogs=9;rear.cog-smallest=11;rear.cog-largest=34;rear.cog-offset=4;rear.spoke-reach=11;rear.dropout-material=steel;"
            + "rear.brake-kind=rim;rear.dropout-kind=open-slot;";
    private static final String FRONT = "front.fork-kind=rigid;front.brake-kind=rim;front.dropout-kind=open-slot;front.recess-diameter=0;front.slot-width=10.1;front.plate-thickness=7;"
            + "front.tie-distance=82;front.blade-step=1;front.clear-width=62;front.radial-clearance=14;";

    private DemoSurveys() {
    }

    private static String shell(String width, int stay) {
        StringBuilder said = new StringBuilder("bracket.shell-width=" + width + ";");
        for (String side : new String[]{"right", "left"}) {
            for (int i = 0; i < 3; i++) {
                said.append("bracket.").append(side).append("-stay-").append(60 + 20 * i).append('=').append(stay + 3 * i).append(';');
            }
        }
        return said.toString();
    }

    private static String common(String width, int stay) {
        return BARS + RUNS + WHOLE + TUBES + BRACKET + REAR + shell(width, stay);
    }

    /** A steel or carbon-forked tourer, rim brakes, bosses on the down tube. */
    static String tourer(String shell, String fork) {
        return common(shell, shell.equals("68") ? 28 : 30) + FRONT
                + "rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=445;rear.over-locknut=135;bracket.height=285;"
                + "triangle.seat-tube=530;triangle.down-tube=640;triangle.top-tube=570;triangle.down-boss-low=190;triangle.down-boss-high=254;triangle.down-tube-shape=straight;front.wheelbase=1062;front.bead-seat=622;"
                + "front.tyre-width=40;front.over-locknut=100;front.fork-material=" + fork;
    }

    static String stepThrough(String shell) {
        return common(shell, 28)
                + "rear.bead-seat=622;rear.tyre-width=42;rear.chainstay=462;rear.over-locknut=135;bracket.height=282;triangle.seat-tube=480;triangle.down-tube=690;"
                + "triangle.top-tube=560;front.wheelbase=1085;front.bead-seat=622;front.tyre-width=42";
    }

    static String longTail() {
        return common("83", 36)
                + "rear.bead-seat=406;rear.tyre-width=55;rear.chainstay=870;rear.over-locknut=135;bracket.height=288;triangle.seat-tube=430;triangle.down-tube=650;"
                + "triangle.top-tube=560;front.wheelbase=1490;front.bead-seat=559;front.tyre-width=55;bike.mass=31;bike.permitted-mass=220;bike.rack-load=60;run.bracket-rear-axle=900;"
                + "run.head-bracket=780";
    }

    static String fatTyre() {
        return common("83", 36)
                + "rear.bead-seat=559;rear.tyre-width=100;rear.chainstay=458;rear.over-locknut=170;bracket.height=308;triangle.seat-tube=480;triangle.down-tube=660;"
                + "triangle.top-tube=575;front.wheelbase=1105;front.bead-seat=559;front.tyre-width=100;triangle.down-tube-diameter=44;rear.tread=blocks;rear.mudguard=no;rear.clamp-distance=190";
    }

    static String trail() {
        return common("73", 29)
                + "rear.bead-seat=584;rear.tyre-width=60;rear.chainstay=438;rear.over-locknut=142;bracket.height=338;triangle.seat-tube=430;triangle.down-tube=720;"
                + "triangle.top-tube=610;front.wheelbase=1205;front.bead-seat=584;front.tyre-width=60;triangle.shock-to-down-tube=140;triangle.down-tube-diameter=50;run.linkage-slack=30;"
                + "bars.brake-actuation=hydraulic-mineral;rear.brake-kind=disc;rear.dropout-kind=thru-axle";
    }

    static String box() {
        return common("73", 30)
                + "rear.bead-seat=559;rear.tyre-width=50;rear.chainstay=462;rear.over-locknut=135;triangle.seat-tube=470;triangle.down-tube=790;triangle.top-tube=640;"
                + "front.wheelbase=1990;front.bead-seat=406;front.tyre-width=50;bracket.height=290;bike.mass=38;bike.permitted-mass=250;bike.rack-load=120;run.bars-head=520;run.head-bracket=700";
    }

    /** A city bike with every measure taken: disc behind, rim brake in front, room for any drive. */
    static String whole() {
        return "bracket.standard=iso;bracket.shell-width=68;bracket.obstruction=nothing;bracket.underside=clear;bracket.underside-depth=0;bracket.height=285;"
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
                + "bike.mass=14.5;bike.permitted-mass=140;bike.rack-load=25;bike.pack-cells=13;bike.controller-amperes=18;bike.controller-volts=60;bike.lamps=none"
                + ";front.wheelbase=1065;front.head-tube=140;triangle.frame-bay-length=382;triangle.frame-bay-width=94";
    }

    /** The same city bike in a size whose down tube is bowed: a rail rocks on it. */
    static String bentTube() {
        return whole() + ";triangle.down-tube-shape=bent;triangle.down-boss-low-gap=3;triangle.down-boss-high-gap=1.5";
    }

    /** A stand-up trike on a folding arm: what a bike has at bracket and triangle it has not. */
    static String standUp() {
        return Arrays.stream(whole().split(";"))
                .filter(r -> Stream.of("bracket.", "rear.cog", "rear.freewheel-recess", "rear.clamp-distance", "triangle.seat-tube=",
                        "triangle.down-tube=", "triangle.top-tube=",
                        "triangle.down-boss", "triangle.down-tube-shape", "triangle.frame-bay").noneMatch(r::startsWith))
                .collect(Collectors.joining(";"))
                + ";bike.seat-ears=180;arm.pivot-width=86;arm.axle-diameter=15;arm.fold-gap=60;arm.shock-eye=8;arm.cable-left=145;arm.cable-right=140";
    }

    /** A folder with wheels of 349 and a fork so narrow that tenths decide. */
    static String folder() {
        return whole()
                + ";front.over-locknut=74;front.bead-seat=349;front.tyre-width=37;rear.bead-seat=349;rear.tyre-width=37;run.fold-slack=60;bracket.height=276;rear.chainstay=392;front.wheelbase=1005";
    }
}
