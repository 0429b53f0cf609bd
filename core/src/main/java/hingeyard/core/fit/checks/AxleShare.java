package hingeyard.core.fit.checks;

import hingeyard.core.bay.BayPlace;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Drive;
import hingeyard.core.quantity.Mass;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How much of it all rests on the front wheel: moments about the rear axle, Σ m·x / (Σ m · wheelbase). Nobody measures where rider, load
 * and bike weigh; taken
 * as usual are a rider over the bracket, a load over the rear axle (in a box before the rider, over the middle) and 45 % of the bike's own
 * mass in front.
 */
final class AxleShare {

    private static final Set<BikeKind> THREE_WHEELS = EnumSet.of(BikeKind.DELTA_TRIKE, BikeKind.RECUMBENT_TRIKE, BikeKind.STAND_UP_TRIKE);
    private static final double BIKE_IN_FRONT = 0.45;
    static final String HOW = "moments about the rear axle; rider over the bracket, load behind, 45 % of the bike in front";

    private final double rear;
    private final double front;
    private final List<Point> joints;

    private AxleShare(List<Point> joints) {
        this.joints = joints;
        this.rear = joints.get(0).x();
        this.front = joints.get(1).x();
    }

    /** From 0 to 1; empty for what stands on three wheels. */
    static Optional<Double> of(FitCase c, Mass bike, Mass rider, Mass cargo) {
        if (THREE_WHEELS.contains(c.bike().kind())) {
            return Optional.empty();
        }
        return Optional.of(c.shared(AxleShare.class, HOW, k -> new AxleShare(BikeGeometry.joints(k.bike().kind(), k.survey()))).share(c,
                bike, rider, cargo));
    }

    private double share(FitCase c, Mass bike, Mass rider, Mass cargo) {
        double middle = (rear + front) / 2;
        Mass motor = c.kit().equipment().mass();
        Mass battery = BatteryBayCheck.bringsBattery(c.kit()) ? c.kit().battery().mass() : Mass.ZERO;
        double moments = bike.grams() * BIKE_IN_FRONT * (front - rear) + rider.grams() * (bracket() - rear)
                + motor.grams() * (motorAt(c.kit().drive()) - rear)
                + battery.grams() * (batteryAt(c) - rear)
                + cargo.grams() * ((c.bike().kind() == BikeKind.BOX_CARGO ? middle : rear) - rear);
        return moments / ((bike.grams() + rider.grams() + cargo.grams() + motor.grams() + battery.grams()) * (front - rear));
    }

    private double bracket() {
        return joints.get(2).x();
    }

    private double motorAt(Drive drive) {
        if (drive.bracket().isPresent() || drive.frameMade().isPresent()) {
            return bracket();
        }
        return drive.hub().filter(h -> h.end() == WheelEnd.FRONT).isPresent() ? front : rear;
    }

    private double batteryAt(FitCase c) {
        return switch (c.kit().battery().casing().hold()) {
            case RAIL -> onTheTube(c);
            case STRAPS, FRAME_BAY -> downTube();
            case RACK -> rear;
            case SEAT_PLATE -> joints.get(5).x();
            case BAG -> joints.get(4).x();
        };
    }

    private double onTheTube(FitCase c) {
        boolean measured = BayPlan.needed(c).stream().allMatch(c.survey()::has);
        return measured ? BayPlan.of(c).answer().place().map(BayPlace::massCentre).map(Point::x).orElseGet(this::downTube) : downTube();
    }

    private double downTube() {
        return (bracket() + joints.get(3).x()) / 2;
    }
}
