package hingeyard.core.fit.checks;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCheck;
import java.util.ArrayList;
import java.util.List;

/** Every check, in the order in which a match is read. */
public final class FitCheckCatalogue {

    private static final List<FitCheck> ALL = inOrder();

    private FitCheckCatalogue() {
    }

    public static List<FitCheck> all() {
        return ALL;
    }

    private static List<FitCheck> inOrder() {
        List<FitCheck> checks = new ArrayList<>(List.of(
                new ShellStandardCheck(),
                new ShellObstructionCheck(),
                new BracketStackCheck(),
                new MotorClearanceCheck(),
                new ChainringClearanceCheck(),
                new ChainlineCheck(),
                new MotorRotationCheck(),
                new MotorFixingCheck(),
                new LeftClearanceCheck(),
                new GroundClearanceCheck(),
                new RearBrakeCheck(),
                new FrontGearsCheck(),
                new MotorPinsCheck(),
                new FramePassageCheck()));
        for (WheelEnd end : WheelEnd.values()) {
            checks.addAll(List.of(
                    new HubMaterialCheck(end),
                    new HubDropoutCheck(end),
                    new HubSlotCheck(end),
                    new HubWidthCheck(end),
                    new HubRimCheck(end),
                    new HubAxleLengthCheck(end),
                    new HubAxleLoadCheck(end),
                    new HubArmReachCheck(end),
                    new HubWheelSizeCheck(end),
                    new HubTyreCheck(end),
                    new HubRotorCheck(end),
                    new HubCableCheck(end)));
        }
        checks.addAll(List.of(
                new HubCogsCheck(),
                new RotorGearMountCheck(),
                new RotorGearHoseCheck(),
                new RotorGearMeshCheck(),
                new RollerClampCheck(),
                new RollerContactCheck(),
                new ArmPivotCheck(),
                new ArmFoldCheck(),
                new ArmShockCheck(),
                new ArmCableCheck(),
                new BrakeWeldCheck(),
                new BarTubeCheck(),
                new SteererCheck(),
                new PedalSensorCheck(),
                new SpeedSensorCheck(),
                new BrakeCutOffCheck(),
                new BarsCheck(),
                new LeadsCheck(),
                new BatteryBayCheck(),
                new FrameBayCheck(),
                new BatteryHoldCheck(),
                new BatteryPortCheck(),
                new TotalMassCheck(),
                new ControllerVoltageCheck(),
                new CurrentCheck(),
                new ConnectorsCheck(),
                new PolarityCheck(),
                new SupplyWireCheck(),
                new ChargerCheck(),
                new TwoBatteriesCheck(),
                new LightsCheck(),
                new LegalClassCheck()));
        return List.copyOf(checks);
    }
}
