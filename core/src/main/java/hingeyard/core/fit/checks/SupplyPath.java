package hingeyard.core.fit.checks;

import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Plug;
import hingeyard.core.kit.PlugKind;
import hingeyard.core.rules.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The way from the battery's plug to the controller's, worked out once for connectors and polarity.
 *
 * @param direct whether the two go together as they are
 * @param path   the adapters between them; empty where they go together, or where the lead is re-terminated
 * @param joints kinds of the joints on the way, in order
 */
record SupplyPath(boolean direct, Optional<PlugPath.Path> path, List<PlugKind> joints) {

    static SupplyPath of(FitCase c) {
        return c.once(SupplyPath.class, SupplyPath::find);
    }

    private static SupplyPath find(FitCase c) {
        Plug battery = c.kit().battery().plug();
        Plug controller = c.kit().controller().plug();
        if (battery.mates(controller)) {
            return new SupplyPath(true, Optional.empty(), List.of(battery.kind()));
        }
        Optional<PlugPath.Path> path = c.rules().value(School.PLUG_MISMATCH).equals("terminate") ? Optional.empty()
                : PlugPath.find(battery, controller, c.drawers().usedAs("plug-adapter"), Draw.of(c));
        List<PlugKind> joints = new ArrayList<>();
        Plug open = battery;
        for (var adapter : path.map(PlugPath.Path::adapters).orElse(List.of())) {
            joints.add(open.kind());
            open = adapter.facts().adapter().orElseThrow().openEnd(open);
        }
        // Re-terminated, the battery's lead gets the controller's kind of plug.
        joints.add(controller.kind());
        return new SupplyPath(false, path, joints);
    }
}
