package hingeyard.app.bench;

import hingeyard.core.bench.ArmBend;
import hingeyard.core.bench.TruingAnswer;
import hingeyard.core.bench.TwoBatteries;
import java.util.List;
import java.util.Optional;

/** What each calculator answers. */
final class BenchViews {

    private BenchViews() {
    }

    /** @param mm to be taken off; 0 for the one that stays */
    record CutView(int bolt, double angle, double mm) {
    }

    /** @param fitted the tilt alone at each reading, mm */
    record TruingView(TruingAnswer.Verdict verdict, String sentence, double before, double tilt, double highAt, double after,
            List<CutView> cuts, List<Double> fitted, List<String> limits) {
    }

    /** @param setting what the wrench is set to; @param uncorrected what the bolt would get else; N·m */
    record ExtensionView(String sentence, double setting, double uncorrected, double settingFootPounds, double settingInchPounds) {
    }

    /**
     * @param speedError by how much of a hundred the display says more than the truth; @param plausible whether the tyre can be that large
     * @param listed     inches of the size that comes nearest on a display with a list; @param listedOff how much of a hundred it tells too
     *                   much
     * @param pulses     of one magnet on a kilometre
     */
    record RollOutView(String sentence, double marked, double circumference, boolean measured, Optional<Double> speedError,
            boolean plausible, String listed, double listedOff, double pulses) {
    }

    /** @param speed km/h; @param thumb,physics,cold km; @param needs,gives W at the wheel on the level, for long */
    record RangeAt(double speed, double thumb, double physics, double cold, double needs, double gives) {
    }

    /** @param thumbPerKm,physicsPerKm Wh; @param climb steepest slope, % */
    record RangeView(String sentence, double thumb, double thumbPerKm, double physics, double physicsPerKm, double cold, double topSpeed,
            double climb, boolean enough, List<RangeAt> over) {
    }

    record WasherUsed(double thickness, int count) {
    }

    /** @param line,vice mm from the axle's middle; @param angle,bendTo degrees; @param length of the arm to the tie, mm */
    record BendView(ArmBend.Advice advice, String sentence, double packed, List<WasherUsed> pack, double left, double line, double vice,
            double angle, double bendTo, double length) {
    }

    /** @param minute from the beginning; @param first,second A; @param firstCharge,secondCharge per cent */
    record BatterySample(double minute, double volts, double first, double second, double firstCharge, double secondCharge) {
    }

    /**
     * @param together minute in which both began to feed; @param firstWattHours,secondWattHours at the plug; @param mostFirst,mostSecond A
     */
    record BatteriesView(TwoBatteries.End end, String sentence, double minutes, Optional<Double> together, double firstWattHours,
            double secondWattHours, double lostWattHours, double mostFirst, double mostSecond, double mostTogether,
            List<BatterySample> samples, List<String> warnings) {
    }

    /** @param speed km/h; @param metres a turn of the crank; @param bent degrees */
    record GearView(int teeth, double ratio, double speed, double metres, double bent, boolean kept) {
    }

    /** @param width mm over the pins; @param links even; @param wrapped mm */
    record GearsView(String sentence, double width, int links, double wrapped, List<GearView> gears) {
    }

    /** @param wanted,limit,pressure bar */
    record PressureView(String sentence, double wanted, double limit, double pressure, boolean overloaded) {
    }

    /** @param pressure N/mm²; @param force N at the arm's end */
    record AxleView(String sentence, double pressure, double force, List<AxleMaterial> materials) {
    }

    /** @param bears N/mm² by the shop's rules; 0 for what takes no twist at all */
    record AxleMaterial(String material, double bears, boolean holds) {
    }

    /** @param length mm, 0 where none goes; @param torque N·m */
    record FastenerView(String sentence, int length, double engagement, double wanted, double torque, double washer, double washerOuter,
            String locker, List<String> limits) {
    }

    /** @param gauge AWG; @param drop V; @param carries A */
    record WireView(String sentence, int gauge, double drop, double percent, double carries, boolean tooMuch) {
    }

    record StackPieceView(String part, String name, String place, int count, double thickness) {
    }

    /** @param sum mm; @param worstCase whether it holds with every tolerance at its worst */
    record StackSetView(double sum, boolean worstCase, List<StackPieceView> pieces) {
    }

    /** @param make thickness of a piece to make where no drawer does, mm */
    record StackView(String sentence, int count, List<StackSetView> sets, Optional<Double> make) {
    }
}
