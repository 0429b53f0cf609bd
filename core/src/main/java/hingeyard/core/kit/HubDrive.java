package hingeyard.core.kit;

import hingeyard.core.bike.BrakeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.bike.RotorMount;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motor in a wheel's hub.
 *
 * @param end      front or rear
 * @param axle     its axle
 * @param wheel    the wheel it is laced into
 * @param rotor    where its rotor sits; empty when it takes none
 * @param cogs     what turns with the chain; empty for a front hub
 * @param axleNut  torque of the axle nuts
 * @param armScrew torque of the torque arm's clamp
 */
public record HubDrive(WheelEnd end, HubAxle axle, HubWheel wheel, Optional<HubRotor> rotor, Optional<HubCogs> cogs, TorqueRange axleNut,
        TorqueRange armScrew) implements Drive {

    /**
     * Across the bike, positions count from the axle's shoulders.
     *
     * @param shoulderWidth      axle shoulder to axle shoulder
     * @param rimOffset          how far the motor's rim lies from the middle between the shoulders, + to the right
     * @param diameter           thread diameter
     * @param flats              width across the flats
     * @param flatLength         part of the flat that lies in the slot
     * @param innerWashersMost   most washers inside the dropout on one side, so that the nut keeps its thread
     * @param freeLeft,freeRight axle beyond the shoulder
     * @param nutHeight          height of the axle nut
     * @param pitch              of the thread
     * @param lead               diameter of the motor's lead, which leaves through the axle or beside it
     * @param leadRight          the side it leaves on: whether right
     * @param antiTurn           anti-turn washers that their maker puts inside the dropouts; empty where they go outside
     */
    public record HubAxle(Length shoulderWidth, Length rimOffset, Length diameter, Length flats, Length flatLength, Length innerWashersMost,
            Length freeLeft,
            Length freeRight, Length nutHeight, Length pitch, Length lead, boolean leadRight, Optional<AntiTurn> antiTurn) {
        public HubAxle {
            Span.within("axle from shoulder to shoulder", shoulderWidth, 40, 300);
            Span.within("rim's offset", rimOffset, -100, 100);
            Span.within("axle's diameter", diameter, 5, 40);
            Span.within("axle's flats", flats, 4, 40);
            Span.within("flat in the slot", flatLength, 2, 60);
            Span.within("washers inside", innerWashersMost, 0, 60);
            Span.within("axle beyond its left shoulder", freeLeft, 0, 150);
            Span.within("axle beyond its right shoulder", freeRight, 0, 150);
            Span.within("axle nut's height", nutHeight, 2, 40);
            Span.within("thread's pitch", pitch, 0, 4);
            Span.within("motor's lead", lead, 0, 30);
            if (flats.isMoreThan(diameter)) {
                throw new IllegalArgumentException("axle's flats " + flats + ": must not be more than its diameter " + diameter);
            }
            if (nutHeight.plus(pitch).isMoreThan(freeLeft) || nutHeight.plus(pitch).isMoreThan(freeRight)) {
                throw new IllegalArgumentException("axle beyond its shoulders %s and %s: must hold the nut of %s and one pitch of %s"
                        .formatted(freeLeft, freeRight, nutHeight, pitch));
            }
        }

        /** With nothing inside the dropouts. */
        public HubAxle(Length shoulderWidth, Length rimOffset, Length diameter, Length flats, Length flatLength, Length innerWashersMost,
                Length freeLeft, Length freeRight,
                Length nutHeight, Length pitch, Length lead, boolean leadRight) {
            this(shoulderWidth, rimOffset, diameter, flats, flatLength, innerWashersMost, freeLeft, freeRight, nutHeight, pitch, lead,
                    leadRight, Optional.empty());
        }

        /** Anti-turn washer inside one dropout, 0 left and 1 right. */
        public Length inside(int side) {
            return antiTurn.map(a -> side == 0 ? a.left() : a.right()).orElse(Length.ZERO);
        }
    }

    /** @param left,right thickness of the anti-turn washer inside that dropout; 0 for none */
    public record AntiTurn(Length left, Length right) {
        public AntiTurn {
            Span.within("left anti-turn washer", left, 0, 20);
            Span.within("right anti-turn washer", right, 0, 20);
        }
    }

    /**
     * @param beadSeat      bead-seat diameter of the rim
     * @param rimInnerWidth between the hooks
     * @param brakingTrack  whether the rim has one
     * @param shellRadius   radius of the motor
     */
    public record HubWheel(Length beadSeat, Length rimInnerWidth, boolean brakingTrack, Length shellRadius) {
        public HubWheel {
            Span.within("bead seat", beadSeat, 100, 700);
            Span.within("rim's inner width", rimInnerWidth, 8, 150);
            Span.within("motor's radius", shellRadius, 20, 300);
        }
    }

    /**
     * @param plane       middle of the rotor, from the left shoulder
     * @param coverRadius radius of the motor's cover on that side
     * @param coverFace   the cover's outer face, from the left shoulder: a caliper that reaches further in meets it
     * @param mount       how a rotor is held on it; empty where its sheet does not say
     */
    public record HubRotor(Length plane, Length coverRadius, Length coverFace, Optional<RotorMount> mount) {
        public HubRotor {
            Span.within("rotor's plane", plane, -50, 200);
            Span.within("cover's radius", coverRadius, 0, 300);
            Span.within("cover's face", coverFace, -50, 200);
        }
    }

    /**
     * @param screwed            thread for a threaded freewheel, else a cassette body
     * @param mostCogs           cogs a cassette body takes; for a thread what fits is computed
     * @param coverBeyond        how far the motor's cover stands beyond the thread's shoulder at the largest cog
     * @param seatToAxleShoulder thread's shoulder face to the right axle shoulder
     * @param threadTurns        turns of thread for a freewheel
     * @param threadPitch        of that thread
     */
    public record HubCogs(boolean screwed, int mostCogs, Length coverBeyond, Length seatToAxleShoulder, int threadTurns,
            Length threadPitch) {
        public HubCogs {
            if (mostCogs < 0 || mostCogs > 20 || threadTurns < 0 || threadTurns > 40) {
                throw new IllegalArgumentException(
                        "%d cogs, %d turns of thread: must be from 0 to 20 and from 0 to 40".formatted(mostCogs, threadTurns));
            }
            Span.within("cover beyond the thread's shoulder", coverBeyond, -50, 60);
            Span.within("seat to the axle's shoulder", seatToAxleShoulder, -50, 200);
            Span.within("thread's pitch", threadPitch, 0, 4);
        }
    }

    @Override
    public String family() {
        return end == WheelEnd.FRONT ? "front-hub" : cogs.map(HubCogs::screwed).orElse(false) ? "rear-hub-freewheel" : "rear-hub-cassette";
    }

    @Override
    public Optional<HubDrive> hub() {
        return Optional.of(this);
    }

    @Override
    public List<MovedOver> movesOver(FrameSurvey bike) {
        List<MovedOver> over = new ArrayList<>(List.of(new MovedOver("tyre", "Tyre"), new MovedOver("tube", "Tube")));
        if (rotor.isPresent() && bike.choice(end.brakeKind()).filter(b -> b == BrakeKind.DISC).isPresent()) {
            over.add(new MovedOver("rotor", "Brake rotor with its bolts"));
        }
        cogs.ifPresent(c -> over.add(new MovedOver("cogs", c.screwed() ? "Freewheel" : "Cassette")));
        return over;
    }

    @Override
    public Map<String, TorqueRange> torques() {
        return Map.of("axle-nut", axleNut, "arm-screw", armScrew);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        return List.of((end == WheelEnd.FRONT ? "Front" : "Rear") + " wheel with its axle hardware");
    }

    @Override
    public KitOutline outline(Battery battery) {
        double radius = wheel.shellRadius().inMillimetres();
        return new KitOutline(0, 0, end == WheelEnd.FRONT ? radius : 0, end == WheelEnd.REAR ? radius : 0, battery.length().inMillimetres(),
                battery.height().inMillimetres());
    }
}
