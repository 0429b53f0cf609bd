package hingeyard.core.kit.form;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What each figure of a kit's sheet is called, what it is and how it is found, and which checks rest on it. Figures are named by the record
 * of {@link hingeyard.core.kit} that holds them and its component: {@code HubAxle.flats}.
 */
public final class SheetWords {

    /** Figure, title, what it is, its letter on the family's drawing, what it is for besides the checks. */
    private static final String TABLE = """
            Kit.code | Code | The shop’s own short code, as it stands on the box. Letters, digits, points and dashes; at most 19. |  | NAME
            Kit.maker | Maker | Who makes it. |  | NAME
            Kit.name | Name | What it is called, with what tells it from its sisters. |  | NAME
            Kit.drive | Drive | What pushes the bike, or what the kit is for where nothing does. |  |
            Kit.controller | Controller | Its ratings, from the label or the maker’s sheet. |  |
            Kit.battery | Battery | The pack it comes with. |  |
            Kit.equipment | Motor, sensors, bars and leads | What it brings besides drive, controller and battery. |  |
            Kit.contents | In the box | Every piece, as the box is counted when it comes in. |  |
            BracketDrive.axleTubeDiameter | Axle tube, outside | Outer diameter of the tube that passes through the bracket shell. | A |
            BracketDrive.threadFrom | Thread begins | Along the axle tube, from its drive-side shoulder. | B |
            BracketDrive.threadTo | Thread ends | Along the axle tube, from its drive-side shoulder. | C |
            BracketDrive.driveSideLeast | Least on the drive side | Spacers the maker wants there at least, so that the gearbox clears the frame; 0 for none. | D |
            BracketDrive.toothPlate | Tooth plate’s thickness | Measured with a calliper. | E |
            BracketDrive.lockNutHeight | Lock nut’s height | Measured with a calliper. | F |
            BracketDrive.nutEngagement | Thread the nut needs | How much of it the lock nut needs to hold. |  |
            BracketDrive.lockNut | Lock nut’s torque | From the maker’s sheet. |  | STEPS
            BracketDrive.secondNut | Second nut’s torque | Of the thin nut over the lock nut. |  | STEPS
            BracketDrive.plateScrews | Plate screws’ torque | Of the two screws that hold the tooth plate. |  | STEPS
            BracketDrive.chainringScrews | Chainring screws’ torque | From the maker’s sheet. |  | STEPS
            BracketDrive.bodyReach | Bracket to motor | From the bracket’s centre to the centre of the motor’s body. | G | DRAWING
            BracketDrive.bodyRadius | Motor’s radius | Of the round body. | H | DRAWING
            BracketDrive.coaster | Turns backwards too | Whether it is the version for a coaster brake. |  |
            BracketDrive.body | Outside of the motor | Where its faces lie; without it, clearances are told by trial. |  |
            BracketBody.faces | Gearbox’s inner face | How far it stands out from the shoulder, at some radii from the bracket’s centre. |  |
            BracketBody.ring | Chainring | The one it comes with. |  |
            BracketBody.plateRadius | Tooth plate’s reach | From the bracket’s centre to the plate’s outermost point. |  |
            BracketBody.rightCrank | Right crank’s inner face | From the drive-side shoulder, outwards. |  |
            BracketBody.leftCrank | Left crank’s inner face | From the drive-side shoulder, to the left. |  |
            BracketBody.lowest | Lowest point | Below the bracket’s centre, motor swung up. |  |
            BracketBody.bridge | Block’s least height | Swung up until it stops at a clear tube: the height that a block bridges the rest with. |  |
            BracketBody.fixing | What holds it from turning | Plate, bracket or band, and its screws. |  |
            FaceAt.radius | At radius | From the bracket’s centre. |  |
            FaceAt.offset | Inner face | From the shoulder; outwards is plus, inwards minus. |  |
            Chainring.teeth | Teeth | Counted. |  |
            Chainring.plane | Plane of its teeth | Their middle, from the drive-side shoulder; outwards is plus. |  |
            Chainring.boltReach | Bolts inwards | How far its bolts stand inwards of that plane. |  |
            Fixing.hold | Held by | The maker’s own way. |  |
            Fixing.tubeLeast | Tube from | Thinnest tube that a bracket or band goes round. |  |
            Fixing.tubeMost | Tube up to | Thickest tube that a bracket or band goes round. |  |
            Fixing.clamped | Clamped thickness | What the screws pass through before they reach the motor. |  |
            Fixing.tapDepth | Tapped depth | Usable depth of the tapped holes in the motor. |  |
            Fixing.screw | Screw’s diameter | Nominal diameter: 8 mm for M8. |  |
            Fixing.supplied | Screw in the box | Its length under the head. |  |
            FrameDrive.pinSpacing | Pins apart | Front pin to rear pin, middle to middle. | A |
            FrameDrive.pinDiameter | Pin’s diameter | Measured with a calliper. | B |
            FrameDrive.lines | Leads of its own | Diameter of each lead that shares the passage under the motor. |  |
            FrameDrive.pins | Pins’ torque | Of the pins’ bolts. |  | STEPS
            FrameDrive.leftHandNut | Left-hand sprocket nut | Whether the drive sprocket’s nut has a left-hand thread. |  | STEPS
            FrameDrive.bodyReach | Bracket to motor | From the bracket’s centre to the centre of the motor’s body. | C | DRAWING
            FrameDrive.bodyRadius | Motor’s radius | Of the body. | D | DRAWING
            HubDrive.end | Wheel | Front or rear. | | KIND
            HubDrive.axle | Axle | Positions across the bike count from the axle’s shoulders. |  |
            HubDrive.wheel | Wheel it is laced into | As it comes in the box. |  |
            HubDrive.rotor | Brake rotor’s seat | Leave it out where the hub takes no rotor. |  |
            HubDrive.cogs | Cogs | What turns with the chain; leave it out for a front hub. |  |
            HubDrive.axleNut | Axle nut’s torque | From the maker’s sheet. |  | STEPS
            HubDrive.armScrew | Torque arm’s screw | Torque of the arm’s clamp. |  | STEPS
            HubAxle.shoulderWidth | Shoulder to shoulder | What goes between the dropouts, bare. | A |
            HubAxle.rimOffset | Rim off the middle | From the middle between the shoulders to the rim’s middle; to the right is plus. | B |
            HubAxle.diameter | Axle’s diameter | Over its thread. | C |
            HubAxle.flats | Across the flats | Width of the flattened axle. | D |
            HubAxle.flatLength | Flat in the slot | Length of flat that lies in the dropout’s slot. |  |
            HubAxle.innerWashersMost | Washers inside, at most | Together on one side, so that the nut keeps its thread. |  |
            HubAxle.freeLeft | Axle beyond, left | From the left shoulder to the axle’s end. | E |
            HubAxle.freeRight | Axle beyond, right | From the right shoulder to the axle’s end. | F |
            HubAxle.nutHeight | Axle nut’s height | Measured with a calliper. | G |
            HubAxle.pitch | Thread’s pitch | From one thread to the next. |  |
            HubAxle.lead | Motor’s lead | Diameter of the lead that leaves at the axle. |  |
            HubAxle.leadRight | Lead leaves right | Whether it leaves on the right. |  |
            HubAxle.antiTurn | Anti-turn washers inside | Leave it out where they go outside the dropouts. |  |
            AntiTurn.left | Left | Thickness; 0 for none. |  |
            AntiTurn.right | Right | Thickness; 0 for none. |  |
            HubWheel.beadSeat | Bead seat | The rim’s diameter as the tyre is marked: 622 mm for 28 inches. | H |
            HubWheel.rimInnerWidth | Rim, inside | Between the hooks. |  |
            HubWheel.brakingTrack | Braking track | Whether rim brakes may work on it. |  |
            HubWheel.shellRadius | Motor’s radius | Of the hub shell. | I | DRAWING
            HubRotor.plane | Rotor’s plane | Middle of the rotor, from the left shoulder. |  |
            HubRotor.coverRadius | Cover’s radius | Of the motor’s cover on that side. |  |
            HubRotor.coverFace | Cover’s face | Its outer face, from the left shoulder. |  |
            HubRotor.mount | Rotor held by | Leave it out where the maker does not say. |  |
            HubCogs.screwed | Threaded freewheel | Yes for a thread, no for a cassette body. |  |
            HubCogs.mostCogs | Cogs, at most | A cassette body takes so many; 0 for a thread, where it is computed. |  |
            HubCogs.coverBeyond | Cover beyond the seat | How far the motor’s cover stands beyond the thread’s shoulder at the largest cog. |  |
            HubCogs.seatToAxleShoulder | Seat to shoulder | Thread’s shoulder to the axle’s right shoulder. |  |
            HubCogs.threadTurns | Turns of thread | For a freewheel; 0 for a cassette body. |  |
            HubCogs.threadPitch | Pitch of that thread | Usually 1.06 mm; 0 for a cassette body. |  |
            RotorGearDrive.mounts | Brackets | Each frame mount there is a bracket for, and the rotor that comes of it. |  |
            RotorGearDrive.backlashLeast | Backlash from | The gear’s play at rest, at least. | A |
            RotorGearDrive.backlashMost | Backlash up to | The gear’s play at rest, at most. | B |
            RotorGearDrive.hoseSlack | Hose it takes | How much of the hose’s slack the moved caliper uses. | C |
            RotorGearDrive.sweep | Stands beyond the caliper | What linkage and hose must pass. | D | STEPS
            RotorGearDrive.studs | Studs’ torque | From the maker’s sheet. |  | STEPS
            MountVariant.caliperMount | Caliper mount | On the frame. |  |
            MountVariant.nativeRotor | Mount’s own rotor | Diameter it takes without an adapter. |  |
            MountVariant.rotor | Rotor it makes | Diameter with the kit’s bracket. |  |
            RollerDrive.tubeLeast | Tube from | Thinnest seat tube that the clamp takes. | A |
            RollerDrive.tubeMost | Tube up to | Thickest seat tube that the clamp takes. | B |
            RollerDrive.armLeast | Arm from | Top of the tyre to the clamp, at the wanted contact, at least. | C |
            RollerDrive.armMost | Arm up to | Top of the tyre to the clamp, at the wanted contact, at most. | D |
            RollerDrive.clamp | Clamp’s torque | Of its rods. |  | STEPS
            SwingArmDrive.pivotWidth | Pivot’s width | Between the faces the arm turns in. | A |
            SwingArmDrive.axle | Pivot axle’s diameter | Measured with a calliper. | B |
            SwingArmDrive.foldTakes | Taken from the fold | What the battery’s mount uses of the gap beside the folded wheel. |  |
            SwingArmDrive.pivot | Pivot’s torque | Of its bolts. |  | STEPS
            SwingArmDrive.shellRadius | Motor’s radius | Of the hub shell. | C | DRAWING
            SwingArmDrive.shockEye | Shock’s bolt | Diameter of the bolt it takes over; leave it out for an arm without a shock. |  |
            SwingArmDrive.steerCable | Steering cable | Bare cable it wants of each hand, from the last stop; leave it out for an arm that does not steer. |  |
            NoDrive.job | What it is for | Decides which checks and steps it has. | | KIND
            NoDrive.barClamp | Bar at the stem | Diameter, for a bar. |  |
            NoDrive.steerer | Steerer | The fork’s steerer and what goes round it, for a build-up. |  |
            Steerer.length | Length | From the crown race’s seat to its end, uncut. |  |
            Steerer.diameter | Diameter | Where spacers and stem go. |  |
            Steerer.headset | Headset | Height of both cups with their races, head tube not counted. |  |
            Steerer.stem | Stem | Height of its clamp. |  |
            Controller.rated | Rated for | The voltages it is sold for: 36, 48, 52 V. |  |
            Controller.maximumInput | Never above | The most it may ever see at its plug. |  |
            Controller.lowCutOff | Stops below | Where it stops drawing. |  |
            Controller.limit | Draws up to | The most it draws. |  |
            Controller.settableTo | Can be set down to | The lowest limit its display sets; leave it out where none can be set. |  |
            Controller.plug | Supply plug | At its own end. |  |
            Controller.supply | Supply lead | From battery to controller. |  |
            Controller.lights | Light output | Leave it out where it has none. |  |
            Controller.fuse | Fuse | The weakest fuse or switch between battery and controller; leave it out where there is none. |  |
            Controller.combiner | Joins two batteries | Whether it joins two packs through diodes and drives no motor. |  |
            LightOutput.voltage | Voltage | What it gives to the lights. |  |
            LightOutput.most | Current, at most | What it gives to the lights. |  |
            Battery.code | Part number | It is stocked under. |  | NAME
            Battery.name | Name | What it is called. |  | NAME
            Battery.cellsInSeries | Cells in series | 10 for 36 V, 13 for 48 V, 14 for 52 V. |  |
            Battery.milliampereHours | Capacity | From its label: 13 Ah are 13,000 mAh. |  | RIDE
            Battery.continuous | Gives for good | The current it may give for as long as it lasts. |  |
            Battery.cutOff | Switches off below | Where its own electronics switch off. |  |
            Battery.mass | Mass | With its case. |  |
            Battery.length | Length | Side outline along the tube. |  |
            Battery.height | Height | Side outline across the tube. |  |
            Battery.casing | Case | How it is held, and what it needs round it. |  |
            Battery.plug | Supply plug | At the battery’s end. |  |
            Battery.charger | Charger | The one it comes with. |  |
            BatteryCase.hold | Held by | The maker’s own way. |  |
            BatteryCase.width | Width | Across the bike. |  |
            BatteryCase.railHeight | Rail’s height | From the tube’s surface to the underside of the case; 0 without a rail. |  |
            BatteryCase.railSlots | Rail’s slots | Middle of each, from the case’s lower end. |  |
            BatteryCase.slotLength | Slot’s length | Screws may sit anywhere in it. |  |
            BatteryCase.screwHead | Screw’s head | Height that passes under the case. |  |
            BatteryCase.slideOff | Slides off by | How far it slides along the tube before it lifts. |  |
            BatteryCase.slidesUp | Slides upwards | Yes away from the bracket, no towards it. |  |
            BatteryCase.keyRoom | Room for key and port | Free room they need beside the case. |  |
            BatteryCase.portCapped | Port sheltered | Whether the charge port looks down or has a cap. |  |
            BatteryCase.shape | Shape of its side | Leave it out for a plain rectangle that slides off, its key on the side away from the rail. |  |
            CaseShape.keySide | Key and port | Where they are. |  |
            CaseShape.swing | Swings out by | How far its upper end swings from the tube before it comes off, in degrees; 0 for none. |  |
            CaseShape.outline | Corners | Of its side, in order; none for a plain rectangle. |  |
            Corner.along | Along | From the lower end of the case. |  |
            Corner.up | Up | From the underside of the case. |  |
            Charger.output | Stops at | Its output voltage. |  |
            Charger.current | Gives | Its charging current. |  | RIDE
            Charger.fits | Fits the port | Whether its plug goes into the battery’s charge port. |  |
            Equipment.motor | Motor | Leave it out for a kit without one. |  |
            Equipment.sensing | Pedal sensing | How it learns that the rider pedals; leave it out where the kit has nothing to do with it. |  |
            Equipment.speedSensor | Speed sensor | Leave it out where the motor measures the speed itself. |  |
            Equipment.cutOff | Brake cut-off | How a pulled brake stops the motor; leave it out where the kit has nothing to do with it. |  |
            Equipment.cockpit | On the bars | What the kit puts there. |  |
            Equipment.leads | Leads | Every lead of its loom. |  |
            Equipment.pages | Display’s settings | Page by page, from the maker’s sheet. |  | STEPS
            Equipment.mass | Mass without battery | Of everything that stays on the bike. |  |
            Equipment.priceMinor | Price | Box with battery, as the shop sells it. |  | BILL
            Motor.ratedWatts | Rated power | Continuous, at the shaft. |  |
            Motor.peakWatts | Peak power | Not below the rated power. |  |
            Motor.peakTorque | Peak torque | At the wheel’s axle for a hub, at the chainring for a mid-drive. |  |
            Motor.turnsPerVolt | Turns for each volt | In a minute, without load: of the wheel for a hub, of the chainring for a mid-drive. |  | RIDE
            Motor.throughGears | Through the gears | Whether its power passes the bike’s gears. |  | RIDE
            Motor.regenerates | Brakes into the battery | Whether it gives power back. |  |
            Motor.cutOffSpeed | Pushes up to | Speed above which it gives no power, as set at the factory. |  |
            Motor.walkSpeed | Walk assist | Its speed; 0 without one. |  |
            PedalSensing.kind | Felt by | How pedalling is felt. |  |
            PedalSensing.room | Room on the spindle | Ring with its gap; 0 where it takes none. |  |
            SpeedSensor.least | Gap from | How near the spoke may pass the stay. |  |
            SpeedSensor.greatest | Gap up to | How far from the stay the spoke may pass. |  |
            CockpitItem.kind | What it is | Throttle, remote, lever or display. |  |
            CockpitItem.width | Takes of the bar | Its width along the bar. |  |
            CockpitItem.clamp | For a bar of | Diameter it is made for. |  |
            CockpitItem.stem | At the stem | Whether it sits at the stem instead of beside a grip. |  |
            Lead.name | Name | What it joins. |  | NAME
            Lead.run | Way | From where to where. |  |
            Lead.length | Length | As supplied, plug to plug. |  |
            Lead.plug | Far plug | At its far end; an extension has the same. |  |
            DisplayPage.page | Page | Its mark on the display. |  | STEPS
            DisplayPage.meaning | Sets | What it is for. |  | STEPS
            DisplayPage.allowed | Allowed | The values it takes. |  | STEPS
            DisplayPage.usual | Usual | What it is left at when nothing asks for another. |  | STEPS
            KitItem.name | Name | What it is. |  | NAME
            KitItem.count | Pieces | How many the box holds. |  | BILL
            KitItem.role | Mounted as | In lower case with dashes: the step that mounts it uses it. |  | STEPS
            KitItem.piece | Spacer’s size | Where it is a spacer, washer or shim. |  |
            KitItem.length | Arm’s length | Where it is a torque arm. |  |
            PieceSize.thickness | Thickness | Measured with a calliper. |  |
            PieceSize.plusMinus | Give or take | How much the thickness varies. |  |
            PieceSize.inner | Bore | Inner diameter. | | BILL
            PieceSize.outer | Outside | Outer diameter. | | BILL
            Plug.kind | Shape | As it looks. |  |
            Plug.pins | Contacts | Counted. |  |
            Plug.colour | Colour | Of a moulded signal plug; nothing elsewhere. |  |
            Plug.male | With the pins | Yes for the half that carries the pins, no for the sockets. |  |
            Plug.rating | Carries | Without heating. |  |
            Wire.gauge | Gauge | AWG, from its print: 8 to 22. |  |
            Wire.length | Length | One way. |  |
            """;

    /**
     * One figure.
     *
     * @param key    {@code Record.component}
     * @param title  as it stands beside its field
     * @param what   what it is, or how it is found
     * @param letter on the drawing of its family; empty where it is not drawn
     * @param uses   what it is for besides the checks
     * @param checks ids of the checks whose answer rests on it, in order of the alphabet
     */
    public record Word(String key, String title, String what, Optional<String> letter, Set<SheetUse> uses, Set<String> checks) {
    }

    private static final Map<String, Word> WORDS = table();

    private SheetWords() {
    }

    private static Map<String, Word> table() {
        Map<String, Set<String>> checks = checks();
        return TABLE.lines().map(line -> word(line, checks)).collect(Collectors.toMap(Word::key, Function.identity(), (a, b) -> {
            throw new IllegalStateException(a.key() + " stands twice");
        }, LinkedHashMap::new));
    }

    private static Word word(String line, Map<String, Set<String>> checks) {
        String[] cells = line.split("\\|", -1);
        String key = cells[0].strip();
        return new Word(key, cells[1].strip(), cells[2].strip(), Optional.of(cells[3].strip()).filter(l -> !l.isEmpty()),
                cells.length < 5 || cells[4].isBlank() ? Set.of()
                        : Arrays.stream(cells[4].strip().split(",")).map(u -> SheetUse.valueOf(u.strip())).collect(Collectors.toSet()),
                checks.getOrDefault(key, Set.of()));
    }

    /**
     * Found out by changing each figure and looking which answers change; a test finds it out anew and holds this list against it.
     */
    private static Map<String, Set<String>> checks() {
        ResourceBundle list = ResourceBundle.getBundle("hingeyard.core.kit.form.figure-checks", Locale.ROOT);
        return list.keySet().stream().collect(Collectors.toMap(Function.identity(),
                figure -> new TreeSet<>(Arrays.stream(list.getString(figure).split(",")).map(String::strip).toList())));
    }

    /** Every figure, in the order of the sheet. */
    public static List<Word> all() {
        return List.copyOf(WORDS.values());
    }

    /** @throws IllegalArgumentException when there is no such figure */
    public static Word of(Class<?> holder, String component) {
        String key = holder.getSimpleName() + "." + component;
        return Optional.ofNullable(WORDS.get(key)).orElseThrow(() -> new IllegalArgumentException("no words for " + key));
    }
}
