package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bench.TwoBatteries.Answer;
import hingeyard.core.bench.TwoBatteries.End;
import hingeyard.core.bench.TwoBatteries.Input;
import hingeyard.core.bench.TwoBatteries.Load;
import hingeyard.core.bench.TwoBatteries.Sample;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Two packs on a combiner, beside an integration in far finer steps whose circuit is solved by halving an interval. */
class TwoBatteriesTest {

    private static final double FINE_SECONDS = 0.25;

    private static BatteryPack pack(int series, double ampHours, double charge) {
        return new BatteryPack(series, ampHours, charge, Optional.empty(), 30);
    }

    private static Input steady(BatteryPack first, BatteryPack second, double watts, double minutes) {
        return new Input(first, second, first.series() * 3.0, 40, List.of(new Load(minutes, watts)));
    }

    /** What the finer integration found. */
    private record Fine(double minutes, double together, double[] wattHours, double[] charge) {
    }

    /** Volts at the plug at which both packs together, neither of them taking any in, give the power; found by halving. */
    private static double plug(double[] rest, double[] ohms, double watts) {
        double low = Math.max(rest[0], rest[1]) / 2;
        double high = Math.max(rest[0], rest[1]);
        for (int i = 0; i < 80; i++) {
            double volts = (low + high) / 2;
            double amps = Math.max(0, (rest[0] - volts) / ohms[0]) + Math.max(0, (rest[1] - volts) / ohms[1]);
            if (volts * amps > watts) {
                low = volts;
            } else {
                high = volts;
            }
        }
        return (low + high) / 2;
    }

    private static Fine fine(Input in) {
        BatteryPack[] packs = {in.first(), in.second()};
        double[] charge = {in.first().charge(), in.second().charge()};
        double[] wattHours = new double[2];
        double together = -1;
        double seconds = 0;
        for (Load load : in.ride()) {
            for (double t = 0; t < load.minutes() * 60 - 1e-9; t += FINE_SECONDS) {
                double[] rest = new double[2];
                double[] ohms = new double[2];
                for (int i = 0; i < 2; i++) {
                    rest[i] = charge[i] <= 0 ? -1 : packs[i].restVolts(charge[i]) - TwoBatteries.DIODE_DROP;
                    ohms[i] = packs[i].resistance();
                }
                double volts = plug(rest, ohms, load.watts());
                if (volts <= in.cutOffVolts()) {
                    return new Fine(seconds / 60, together, wattHours, charge);
                }
                double[] amps = {Math.max(0, (rest[0] - volts) / ohms[0]), Math.max(0, (rest[1] - volts) / ohms[1])};
                for (int i = 0; i < 2; i++) {
                    wattHours[i] += volts * amps[i] * FINE_SECONDS / 3600;
                    charge[i] = Math.max(0, charge[i] - 100 * amps[i] * FINE_SECONDS / 3600 / packs[i].ampHours());
                }
                together = together < 0 && amps[0] > 1e-6 && amps[1] > 1e-6 ? seconds / 60 : together;
                seconds += FINE_SECONDS;
            }
        }
        return new Fine(seconds / 60, together, wattHours, charge);
    }

    @Test
    void whatFeedsWhenAgreesWithAFarFinerIntegration() {
        Random random = new Random(22);
        int met = 0;
        for (int i = 0; i < 60; i++) {
            List<Load> ride = new ArrayList<>();
            for (int part = 0; part < 6; part++) {
                ride.add(new Load(10 + random.nextInt(30), random.nextInt(4) == 0 ? 20 : 80 + random.nextInt(420)));
            }
            Input in = new Input(pack(13, 8 + random.nextInt(12), 30 + random.nextInt(71)),
                    pack(random.nextInt(3) == 0 ? 14 : 13, 6 + random.nextInt(10), 20 + random.nextInt(81)), 39 + random.nextInt(4), 40,
                    ride);
            Answer told = TwoBatteries.of(in);
            Fine fine = fine(in);
            assertThat(told.minutes()).as("%s", in).isCloseTo(fine.minutes, within(0.5));
            assertThat(told.firstWattHours()).isCloseTo(fine.wattHours[0], within(1.5));
            assertThat(told.secondWattHours()).isCloseTo(fine.wattHours[1], within(1.5));
            assertThat(told.together().orElse(-1.0)).as("%s", in).isCloseTo(fine.together, within(0.6));
            met += told.together().isPresent() ? 1 : 0;
        }
        assertThat(met).as("rides in which levels meet").isGreaterThan(20);
    }

    /** What the packs gave is what the ride asked; and that and the heat are what left them. */
    @Test
    void noEnergyComesFromNowhere() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            double watts = 30 + random.nextInt(500);
            Input in = steady(pack(13, 5 + random.nextInt(15), random.nextInt(101)),
                    pack(13, 5 + random.nextInt(15), 10 + random.nextInt(91)),
                    watts, 20 + random.nextInt(500));
            Answer told = TwoBatteries.of(in);
            double asked = watts * told.minutes() / 60;
            assertThat(told.firstWattHours() + told.secondWattHours()).as("%s", in).isCloseTo(asked, within(1e-6 * Math.max(1, asked)));
            assertThat(told.lostWattHours()).isNotNegative();
            if (told.end() == End.RIDE_OVER && !told.samples().isEmpty()) {
                assertThat(told.minutes()).isCloseTo(in.ride().get(0).minutes(), within(1e-6));
            }
        }
    }

    @Test
    void theHigherOneFeedsAloneUntilLevelsMeetAndThenBothDo() {
        Answer told = TwoBatteries.of(steady(pack(13, 14, 100), pack(13, 10, 60), 250, 600));
        Sample start = told.samples().get(0);
        assertThat(start.first()).isPositive();
        assertThat(start.second()).isZero();
        assertThat(told.together()).isPresent();
        Sample later = told.samples().stream().filter(s -> s.minute() > told.together().get() + 5).findFirst().orElseThrow();
        assertThat(later.first()).isPositive();
        assertThat(later.second()).isPositive();
        // The level of the first has come down to the second's before the second gave anything.
        Sample before = told.samples().stream().filter(s -> s.minute() < told.together().get()).reduce((a, b) -> b).orElseThrow();
        assertThat(before.secondCharge()).isEqualTo(60);
        assertThat(told.end()).isIn(End.CUT_OFF, End.EMPTY);
    }

    @Test
    void equalPacksShareFromTheFirstMinute() {
        Answer told = TwoBatteries.of(steady(pack(13, 10, 90), pack(13, 10, 90), 300, 30));
        assertThat(told.together()).contains(0.0);
        assertThat(told.firstWattHours()).isCloseTo(told.secondWattHours(), within(1e-9));
        assertThat(told.end()).isEqualTo(End.RIDE_OVER);
    }

    @Test
    void anEmptyOneStaysOffAndTheOtherGoesOnAlone() {
        Answer told = TwoBatteries.of(steady(pack(13, 10, 0), pack(13, 10, 80), 200, 20));
        assertThat(told.firstWattHours()).isZero();
        assertThat(told.secondWattHours()).isCloseTo(200 * 20 / 60.0, within(1e-6));
        assertThat(TwoBatteries.of(steady(pack(13, 10, 0), pack(13, 10, 0), 200, 20)).end()).isEqualTo(End.EMPTY);
        assertThat(TwoBatteries.of(steady(pack(13, 10, 0), pack(13, 10, 0), 200, 20)).minutes()).isZero();
    }

    @Test
    void whatIsAboveARatingIsTold() {
        BatteryPack weak = new BatteryPack(13, 10, 100, Optional.empty(), 10);
        Answer told = TwoBatteries.of(new Input(weak, pack(14, 10, 20), 30, 12, List.of(new Load(5, 700))));
        assertThat(told.warnings())
                .anySatisfy(w -> assertThat(w).startsWith("The first battery gives ").endsWith("its maker allows 10.0 A."))
                .anySatisfy(w -> assertThat(w).startsWith("The combiner carries ").contains("12.0 A"))
                .anySatisfy(w -> assertThat(w).contains("54.6 V", "58.8 V"));
        assertThat(TwoBatteries.of(steady(pack(13, 10, 90), pack(13, 10, 90), 100, 5)).warnings()).isEmpty();
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThatThrownBy(() -> pack(6, 10, 90)).isInstanceOf(BenchFaultException.class)
                .hasMessage("series: 6 cells, allowed: 7 to 24 cells");
        assertThatThrownBy(() -> pack(13, Double.NaN, 90)).hasMessageContaining("ampHours: NaN");
        assertThatThrownBy(() -> new Load(0, 10)).hasMessageContaining("minutes");
        assertThatThrownBy(() -> new Input(pack(13, 9, 9), pack(13, 9, 9), 40, 20, List.of())).hasMessageContaining("ride: 0 parts");
        assertThatThrownBy(() -> new Input(pack(13, 9, 9), pack(13, 9, 9), 40, 20, List.of(new Load(1000, 9), new Load(1000, 9))))
                .hasMessageContaining("minutes: 2000");
    }

    /** A pack's voltage read back gives its charge. */
    @Test
    void voltsAndChargeAreOneTable() {
        for (int percent = 0; percent <= 100; percent++) {
            assertThat(CellCharge.percentAt(CellCharge.voltsAt(percent))).isCloseTo(percent, within(1e-9));
        }
    }
}
