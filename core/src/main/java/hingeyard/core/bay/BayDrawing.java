package hingeyard.core.bay;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.Point;
import hingeyard.core.explain.Exhibit;
import java.util.List;

/**
 * A battery in its place, drawn on the bike.
 *
 * @param title        what is shown
 * @param drawing      the bike with the battery
 * @param swept        the way it slides off
 * @param note         how it is held, one sentence
 * @param noteInInches the same for who reads inches; the metric one on drawings of before it was kept
 * @param reach        the room for the hand that turns the key; none on drawings of before it was asked for
 */
public record BayDrawing(String title, BikeDrawing drawing, List<Point> swept, String note, String noteInInches,
        List<Point> reach) implements Exhibit {

    public BayDrawing {
        swept = List.copyOf(swept);
        noteInInches = noteInInches == null ? note : noteInInches;
        reach = reach == null ? List.of() : List.copyOf(reach);
    }

    @Override
    public String exhibit() {
        return "bay-drawing";
    }
}
