package hingeyard.benchmarks;

import hingeyard.core.bench.ArmBend;
import hingeyard.core.bench.BatteryPack;
import hingeyard.core.bench.ChainAndGears;
import hingeyard.core.bench.RideLog;
import hingeyard.core.bench.Truing;
import hingeyard.core.bench.TruingAnswer;
import hingeyard.core.bench.TruingInput;
import hingeyard.core.bench.TwoBatteries;
import hingeyard.core.made.MadePart;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The tools of the bench: two batteries over a ride of five hours, and the largest of the others. */
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@State(Scope.Thread)
public class ToolsMeasured {

    private final TwoBatteries.Input ride = ride();
    private final TruingInput rotor = rotor();
    private final List<RideLog.Point> track = track();

    /** Five hours in 300 parts of another power each, both packs large enough to last. */
    private static TwoBatteries.Input ride() {
        List<TwoBatteries.Load> loads = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            loads.add(new TwoBatteries.Load(1, 60 + i * 37 % 300));
        }
        return new TwoBatteries.Input(new BatteryPack(13, 20, 100, Optional.empty(), 30), new BatteryPack(13, 14, 80, Optional.empty(), 30),
                30,
                40, loads);
    }

    private static TruingInput rotor() {
        List<TruingInput.Reading> readings = new ArrayList<>();
        for (int i = 0; i < 72; i++) {
            readings.add(new TruingInput.Reading(i * 5, Math.cos(Math.toRadians(i * 5.0)) + i % 3 * 0.01));
        }
        return new TruingInput(6, 44, 150, readings);
    }

    /** Five hours, a point a second. */
    private static List<RideLog.Point> track() {
        List<RideLog.Point> points = new ArrayList<>();
        Instant start = Instant.parse("2026-05-04T08:00:00Z");
        for (int s = 0; s < 18_000; s++) {
            points.add(new RideLog.Point(50 + s * 5 / 111_195.0, 8, Optional.of(100 + 40 * Math.sin(s / 900.0)), start.plusSeconds(s)));
        }
        return points;
    }

    @Benchmark
    public TwoBatteries.Answer twoBatteriesOverFiveHours() {
        return TwoBatteries.of(ride);
    }

    @Benchmark
    public TruingAnswer aRotorOfSeventyTwoReadings() {
        return Truing.of(rotor);
    }

    @Benchmark
    public ArmBend.Answer anArmWithTwelveKindsOfWashers() {
        List<ArmBend.Washer> washers = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            washers.add(new ArmBend.Washer(i * 0.25, 4));
        }
        return ArmBend.of(new ArmBend.Input(25, 120, 4, 24, 20, washers));
    }

    @Benchmark
    public ChainAndGears.Answer thirteenGears() {
        return ChainAndGears
                .of(new ChainAndGears.Input(44, List.of(10, 11, 12, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44), 440, 2_200, 70, true,
                        48, 60, 2.5));
    }

    @Benchmark
    public RideLog.Answer aRideOfFiveHours() {
        return RideLog.of(track, Optional.empty(), Optional.empty());
    }

    @Benchmark
    public double aSleeve() {
        return new MadePart.Sleeve(31.8, 35, 60, 2).mesh().volume();
    }
}
