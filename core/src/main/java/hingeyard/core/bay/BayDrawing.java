package hingeyard.core.bay;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.Point;
import hingeyard.core.explain.Exhibit;
import java.util.List;

/**
 * A battery in its place, drawn on the bike.
 *
 * @param title   what is shown
 * @param drawing the bike with the battery
 * @param swept   the way it slides off
 * @param note    how it is held, one sentence
 */
public record BayDrawing(String title, BikeDrawing drawing, List<Point> swept, String note) implements Exhibit {

    public BayDrawing {
        swept = List.copyOf(swept);
    }

    @Override
    public String exhibit() {
        return "bay-drawing";
    }
}
