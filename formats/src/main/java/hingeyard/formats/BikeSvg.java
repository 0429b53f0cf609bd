package hingeyard.formats;

import hingeyard.core.bay.BayDrawing;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.Shape;
import hingeyard.core.bike.Shape.Ink;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A bike's drawing as SVG, for paper: to scale, in its own paint. */
public final class BikeSvg {

    private static final String INK = "#14211d";
    private static final Map<String, String> PARTS = Map.of("spoke", "#9aa59e", "rim", "#76847d", "shock", "#76847d");

    private BikeSvg() {
    }

    /**
     * @param paint            the frame's colour as {@code #rrggbb}
     * @param widthMm,heightMm what it may take on paper
     */
    public static String write(BikeDrawing drawing, String paint, double widthMm, double heightMm) {
        return write(drawing, paint, widthMm, heightMm, "");
    }

    /** With a battery's way off its rail, dashed, and the room for the hand at its key, dotted. */
    static String withBay(BayDrawing bay, String paint, double widthMm, double heightMm) {
        return write(bay.drawing(), paint, widthMm, heightMm,
                outline(bay.swept(), "24 16", "fill=\"#e2b437\" fill-opacity=\"0.22\"") + outline(bay.reach(), "1 14", "fill=\"none\""));
    }

    private static String outline(List<Point> points, String dash, String fill) {
        return points.isEmpty() ? ""
                : text("<polygon points=\"%s\" %s stroke=\"%s\" stroke-width=\"5\" stroke-linecap=\"round\" stroke-dasharray=\"%s\"/>",
                        points(points), fill, INK, dash);
    }

    private static String write(BikeDrawing drawing, String paint, double widthMm, double heightMm, String over) {
        // A line's own half stands beyond the points it goes through.
        double edge = drawing.shapes().stream().mapToDouble(Shape::width).max().orElse(0) / 2;
        double width = drawing.right() - drawing.left() + 2 * edge;
        double height = drawing.top() - drawing.bottom() + 2 * edge;
        double scale = Math.min(widthMm / width, heightMm / height);
        String shapes = drawing.shapes().stream().map(s -> piece(s, paint)).collect(Collectors.joining());
        return text("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.1fmm\" height=\"%.1fmm\" viewBox=\"%.1f %.1f %.1f %.1f\">%s</svg>",
                width * scale,
                height * scale, drawing.left() - edge, -drawing.top() - edge, width, height, shapes + over);
    }

    private static String piece(Shape shape, String paint) {
        String colour = colour(shape, paint);
        String stroke = text("stroke=\"%s\" stroke-width=\"%.1f\" stroke-linecap=\"round\" stroke-linejoin=\"round\"", colour,
                shape.width());
        Point first = shape.points().get(0);
        return switch (shape.form()) {
            case CIRCLE -> text("<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" %s/>", first.x(), -first.y(), shape.radius(),
                    shape.width() == 0 ? "fill=\"" + colour + "\"" : "fill=\"none\" " + stroke);
            case LINE -> text("<polyline points=\"%s\" fill=\"none\" %s/>", points(shape.points()), stroke);
            case AREA -> text("<polygon points=\"%s\" fill=\"%s\" fill-opacity=\"0.25\" stroke=\"%s\" stroke-width=\"10\"/>",
                    points(shape.points()), colour, colour);
        };
    }

    private static String colour(Shape shape, String paint) {
        if (shape.ink() == Ink.PENCIL) {
            return "#98a39c";
        }
        return shape.part().equals("frame") || shape.part().equals("box") ? paint : PARTS.getOrDefault(shape.part(), INK);
    }

    private static String points(List<Point> points) {
        return points.stream().map(p -> text("%.1f,%.1f", p.x(), -p.y())).collect(Collectors.joining(" "));
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
