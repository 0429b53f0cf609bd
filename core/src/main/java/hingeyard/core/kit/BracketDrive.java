package hingeyard.core.kit;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.bike.YesNo;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motor whose axle tube passes through the bottom bracket shell, clamped by a lock nut. Positions are measured along the
 * axle tube from its drive-side shoulder.
 *
 * @param axleTubeDiameter outer diameter of the tube
 * @param threadFrom       where the thread begins (x1)
 * @param threadTo         where the thread ends (x2)
 * @param driveSideLeast   least sum of drive-side spacers the maker wants, so that the gearbox clears the frame
 * @param toothPlate       thickness of the tooth plate
 * @param lockNutHeight    height of the lock nut
 * @param nutEngagement    thread the lock nut needs
 * @param lockNut          torque of the lock nut
 * @param secondNut        torque of the thin nut over it
 * @param plateScrews      torque of the two plate screws
 * @param chainringScrews  torque of the chainring screws
 * @param bodyReach        bracket centre to the centre of the motor's body
 * @param bodyRadius       radius of the body
 * @param coaster          whether it is the version that turns backwards too, for a coaster brake; empty for no
 * @param body             where the motor's outside lies, for clearances; empty when its maker publishes none
 */
public record BracketDrive(Length axleTubeDiameter, Length threadFrom, Length threadTo, Length driveSideLeast,
        Length toothPlate, Length lockNutHeight, Length nutEngagement, TorqueRange lockNut,
        TorqueRange secondNut, TorqueRange plateScrews, TorqueRange chainringScrews, Length bodyReach,
        Length bodyRadius, Optional<Boolean> coaster, Optional<BracketBody> body) implements Drive {

    public BracketDrive {
        Span.within("axle tube's diameter", axleTubeDiameter, 15, 80);
        Span.within("axle tube's thread from", threadFrom, 0, 400);
        Span.within("axle tube's thread to", threadTo, 0, 400);
        Span.within("least on the drive side", driveSideLeast, 0, 60);
        Span.within("tooth plate", toothPlate, 0, 40);
        Span.within("lock nut's height", lockNutHeight, 1, 60);
        Span.within("nut's engagement", nutEngagement, 0, 60);
        Span.within("motor's body from the bracket", bodyReach, 10, 500);
        Span.within("motor's body radius", bodyRadius, 5, 300);
        if (threadTo.minus(threadFrom).isLessThan(nutEngagement)) {
            throw new IllegalArgumentException("axle tube's thread from %s to %s: must be at least as long as its nut's engagement of %s"
                    .formatted(threadFrom, threadTo, nutEngagement));
        }
    }

    @Override
    public String family() {
        return "bracket-mid-drive";
    }

    @Override
    public Optional<BracketDrive> bracket() {
        return Optional.of(this);
    }

    @Override
    public boolean turnsBackwards() {
        return coaster.orElse(false);
    }

    @Override
    public List<MovedOver> movesOver(FrameSurvey bike) {
        return List.of(new MovedOver("pedals", "Pedals"));
    }

    @Override
    public Map<String, TorqueRange> torques() {
        return Map.of("lock-nut", lockNut, "second-nut", secondNut, "plate-screws", plateScrews, "chainring-screws", chainringScrews);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        boolean derailleur = bike.choice(BracketMeasures.FRONT_DERAILLEUR).filter(d -> d == YesNo.YES).isPresent();
        List<String> off = new ArrayList<>(List.of("Bottom bracket cups and spindle", "Crankset with chainrings"));
        if (derailleur) {
            off.add("Front derailleur with shifter and cable");
        }
        return off;
    }

    @Override
    public KitOutline outline(Battery battery) {
        return new KitOutline(bodyReach.inMillimetres(), bodyRadius.inMillimetres(), 0, 0, battery.length().inMillimetres(),
                battery.height().inMillimetres());
    }
}
