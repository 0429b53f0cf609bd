package hingeyard.formats;

import java.util.Locale;

/** A drawing on paper in millimetres, from its upper left corner; its words are set by the page, in the page's own face. */
final class PaperFigure {

    static final String INK = "#14211d";
    static final String FLOOR_PAINT = "#e2b437";
    static final String RED = "#a83215";
    /** A line of words is so high. */
    static final double LINE = 3.4;
    private static final double WIDEST = 90;

    enum Side {
        BEFORE,
        OVER,
        BEHIND
    }

    private final double width;
    private final StringBuilder shapes = new StringBuilder();
    private final StringBuilder words = new StringBuilder();

    PaperFigure(double width) {
        this.width = width;
    }

    void box(double x, double y, double w, double h, String fill, double stroke) {
        shapes.append(text("<rect x=\"%.3f\" y=\"%.3f\" width=\"%.3f\" height=\"%.3f\" fill=\"%s\" stroke=\"%s\" stroke-width=\"%.2f\"/>",
                x, y, w, h, fill, INK, stroke));
    }

    /** @param dash lengths of dash and gap; empty for a whole line */
    void line(double x1, double y1, double x2, double y2, String colour, String dash) {
        shapes.append(
                text("<line x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\" stroke=\"%s\" stroke-width=\"0.2\"%s/>", x1, y1, x2, y2, colour,
                        dash.isEmpty() ? "" : " stroke-dasharray=\"" + dash + "\""));
    }

    /** Words at a place, before it, over it or behind it. */
    void say(double x, double y, Side side, String said, String colour) {
        double left = switch (side) {
            case BEFORE -> x - WIDEST;
            case OVER -> x - WIDEST / 2;
            case BEHIND -> x;
        };
        String align = switch (side) {
            case BEFORE -> "right";
            case OVER -> "center";
            case BEHIND -> "left";
        };
        words.append(text(
                "<div style=\"position: absolute; left: %.2fmm; top: %.2fmm; width: %.0fmm; text-align: %s; font-size: 7.5pt; line-height: 1; color: %s\">%s</div>",
                left, y, WIDEST, align,
                colour, Paper.escaped(said)));
    }

    String html(double height) {
        return text(
                "<div style=\"position: relative; width: %.1fmm; height: %.1fmm; margin: 1.5mm 0; page-break-inside: avoid\"><svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.1fmm\" height=\"%.1fmm\" "
                        + "viewBox=\"0 0 %.1f %.1f\">%s</svg>%s</div>",
                width, height, width, height, width, height, shapes, words);
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
