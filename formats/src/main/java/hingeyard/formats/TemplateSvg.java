package hingeyard.formats;

import hingeyard.core.made.Template;
import hingeyard.core.made.Template.Circle;
import hingeyard.core.made.Template.Kind;
import hingeyard.core.made.Template.Line;
import hingeyard.core.made.Template.Words;
import java.util.Locale;

/** A template as SVG at its true size, with a line of 100 mm to measure. */
public final class TemplateSvg {

    static final String MEASURE = "Measure this line before you use the sheet: 100 mm.";
    private static final double EDGE = 12;
    private static final double FOOT = 20;

    private TemplateSvg() {
    }

    public static String write(Template template) {
        double width = Math.max(template.width(), 110) + 2 * EDGE;
        double height = template.height() + 2 * EDGE + FOOT;
        StringBuilder svg = new StringBuilder(text(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.3f %.3f\"><title>%s</title>",
                width,
                height, width, height, Paper.escaped(template.title())));
        double floor = EDGE + template.height();
        for (Template.Mark mark : template.marks()) {
            if (mark instanceof Line l) {
                svg.append(text("<line x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\" %s/>", EDGE + l.x1(), floor - l.y1(), EDGE + l.x2(),
                        floor - l.y2(), stroke(l.kind())));
            } else if (mark instanceof Circle c) {
                svg.append(text("<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" fill=\"none\" %s/>", EDGE + c.x(), floor - c.y(), c.radius(),
                        stroke(c.kind())));
            } else if (mark instanceof Words w) {
                svg.append(words(EDGE + w.x(), floor - w.y(), w.text()));
            }
        }
        double line = height - 10;
        svg.append(text("<line id=\"control\" x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\" %s/>", EDGE, line, EDGE + 100, line,
                stroke(Kind.CUT)));
        return svg.append(words(EDGE, line - 2, MEASURE)).append("</svg>").toString();
    }

    private static String words(double x, double y, String said) {
        return text("<text x=\"%.3f\" y=\"%.3f\" font-size=\"3.4\" font-family=\"sans-serif\">%s</text>", x, y, Paper.escaped(said));
    }

    private static String stroke(Kind kind) {
        return switch (kind) {
            case CUT -> "stroke=\"#14211d\" stroke-width=\"0.25\"";
            case FOLD -> "stroke=\"#a83215\" stroke-width=\"0.35\" stroke-dasharray=\"3 1.5\"";
            case CENTRE -> "stroke=\"#52605a\" stroke-width=\"0.15\" stroke-dasharray=\"4 1 1 1\"";
            case MARK -> "stroke=\"#14211d\" stroke-width=\"0.15\"";
        };
    }

    private static String text(String form, Object... with) {
        return String.format(Locale.ROOT, form, with);
    }
}
