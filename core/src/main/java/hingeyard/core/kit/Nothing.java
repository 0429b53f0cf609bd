package hingeyard.core.kit;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Voltage;
import java.util.List;
import java.util.Optional;

/** Battery and controller of a kit that brings none. No check concerns such a kit, and no step of its work reads a figure of theirs. */
final class Nothing {

    private static final Length SIZE = Length.ofMillimetres(1);
    private static final Current CURRENT = Current.ofAmperes("1");
    private static final Voltage FULL = Voltage.ofMillivolts(42_000);
    private static final Voltage EMPTY = Voltage.ofMillivolts(30_000);
    private static final Plug PLUG = new Plug(PlugKind.BLADE_PAIR, 2, "", false, CURRENT);

    static final Battery BATTERY = new Battery("", "", 10, 1_000, CURRENT, EMPTY, Mass.ZERO, SIZE, SIZE,
            new BatteryCase(BatteryHold.RAIL, SIZE, Length.ZERO, List.of(), SIZE, Length.ZERO, Length.ZERO, true, Length.ZERO, true,
                    Optional.empty()),
            PLUG, new Charger(FULL, CURRENT, true));
    static final Controller CONTROLLER = new Controller(List.of(Voltage.ofMillivolts(36_000)), FULL, EMPTY, CURRENT, Optional.empty(), PLUG,
            new Wire(20, SIZE), Optional.empty(), Optional.empty(), false);

    private Nothing() {
    }
}
