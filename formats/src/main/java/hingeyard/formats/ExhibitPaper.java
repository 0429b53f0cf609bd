package hingeyard.formats;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSection.Layer;
import hingeyard.core.stack.StackSection.Mark;
import hingeyard.core.stack.StackSection.Role;
import hingeyard.core.stack.StackSection.Span;
import hingeyard.core.stack.StackSection.SpanKind;
import hingeyard.formats.PaperFigure.Side;
import java.util.List;
import java.util.Map;

/** The drawings of a match on paper, to scale, their pieces numbered and named below: the same that screen and stand show. */
final class ExhibitPaper {

    private static final double WIDTH = 180;
    private static final double TALLEST = 20;
    /** Bodies larger than this are cut off: what matters lies near the axle. */
    private static final double CUT = 31;
    private static final double NUMBER = 3.6;
    private static final double BAR_HEIGHT = 7;
    private static final Map<Role, String> FILL = Map.of(Role.BODY, "#a9b5ac", Role.SPACER, PaperFigure.FLOOR_PAINT, Role.FRAME, "#d3dcd4",
            Role.PLATE, "#8fa096", Role.NUT, "#6b7d75", Role.APART, "#ffffff");

    private ExhibitPaper() {
    }

    /** @param paint the frame's colour, {@code #rrggbb} */
    static String html(Exhibit exhibit, String paint) {
        if (exhibit instanceof StackSection stack) {
            return titled(stack.title(), stack.note()) + section(stack) + pieces(stack);
        }
        if (exhibit instanceof BayDrawing bay) {
            return titled(bay.title(), bay.note()) + BikeSvg.withBay(bay, paint, 110, 62);
        }
        return exhibit instanceof BarDrawing bars ? titled(bars.title(), bars.note()) + bars(bars) : "";
    }

    private static String titled(String title, String note) {
        return "<p><b>" + Paper.escaped(title) + ".</b> " + Paper.escaped(note) + "</p>";
    }

    /** In half section above its axle's centre line. */
    private static String section(StackSection stack) {
        double from = mm(stack.layers().stream().map(Layer::from).reduce(stack.axleFrom(), Length::min));
        double to = mm(stack.layers().stream().map(l -> l.from().plus(l.thickness())).reduce(stack.axleTo(), Length::max));
        double reach = Math.min(CUT, stack.layers().stream().mapToDouble(l -> mm(l.outer()) / 2).max().orElse(CUT));
        double scale = Math.min((WIDTH - 1) / (to - from), TALLEST / reach);
        double top = 2 * NUMBER + 1;
        double base = top + reach * scale;
        PaperFigure figure = new PaperFigure(WIDTH);
        double axle = mm(stack.axle()) / 2 * scale;
        figure.box((mm(stack.axleFrom()) - from) * scale, base - axle, mm(stack.axleTo().minus(stack.axleFrom())) * scale, axle, "#f7f8f3",
                0.2);
        int number = 0;
        double lastAt = -NUMBER;
        boolean raised = false;
        for (Layer l : stack.layers()) {
            double x = (mm(l.from()) - from) * scale;
            double w = mm(l.thickness()) * scale;
            double high = Math.min(CUT, mm(l.outer()) / 2) * scale;
            boolean whole = l.role() == Role.BODY || l.role() == Role.APART;
            if (l.role() == Role.APART) {
                figure.box(x, base - axle - 1, w, axle + 2, FILL.get(l.role()), 0);
                continue;
            }
            figure.box(x, base - high, w, high - (whole ? 0 : axle), FILL.get(l.role()), Math.min(0.2, w / 5));
            number++;
            double middle = x + w / 2;
            raised = middle - lastAt < NUMBER && !raised;
            lastAt = middle;
            double row = raised ? 0 : NUMBER;
            figure.line(middle, row + NUMBER - 0.6, middle, base - high, "#7c8a82", "");
            figure.say(middle, row, Side.OVER, Integer.toString(number), PaperFigure.INK);
        }
        figure.line(0, base, (to - from) * scale, base, PaperFigure.INK, "3 1 0.8 1");
        double y = base + 1.2;
        for (Span span : stack.spans()) {
            span(figure, span, (mm(span.from()) - from) * scale, (mm(span.to()) - from) * scale, y);
            y += PaperFigure.LINE;
        }
        for (Mark mark : stack.marks()) {
            double x = (mm(mark.at()) - from) * scale;
            figure.line(x, top - 1, x, y + PaperFigure.LINE, PaperFigure.RED, "1 0.7");
            beside(figure, x, x, y, mark.name(), PaperFigure.RED);
            y += PaperFigure.LINE;
        }
        return figure.html(y + 1);
    }

    private static void span(PaperFigure figure, Span span, double from, double to, double y) {
        boolean wanted = span.kind() == SpanKind.WANTED;
        figure.box(from, y + 0.7, Math.max(0.3, to - from), 1.4, wanted ? "#bcd5d2" : PaperFigure.INK, 0.15);
        beside(figure, from, to, y, span.name(), PaperFigure.INK);
    }

    /** On the side that has more room. */
    private static void beside(PaperFigure figure, double from, double to, double y, String said, String colour) {
        boolean before = from > WIDTH - to;
        figure.say(before ? from - 1.5 : to + 1.5, y, before ? Side.BEFORE : Side.BEHIND, said, colour);
    }

    private static String pieces(StackSection stack) {
        StringBuilder said = new StringBuilder("<p class=\"soft\">");
        int number = 0;
        for (Layer l : stack.layers()) {
            if (l.role() != Role.APART) {
                number++;
                said.append(number == 1 ? "" : " · ").append("<b>").append(number).append("</b> ").append(Paper.escaped(l.name()))
                        .append(l.place().isEmpty() ? "" : Paper.escaped(", " + l.place()));
            }
        }
        return said.append("</p>").toString();
    }

    /** Both halves as the rider sees them, one below the other. */
    private static String bars(BarDrawing bars) {
        double longest = Math.max(mm(bars.straight()), Math.max(inner(bars.left()), inner(bars.right())));
        double scale = (WIDTH - 24) / longest;
        PaperFigure figure = new PaperFigure(WIDTH);
        double y = 1;
        for (boolean left : new boolean[]{true, false}) {
            figure.say(0, y + 2, Side.BEHIND, left ? "left" : "right", PaperFigure.INK);
            figure.box(14, y + BAR_HEIGHT * 0.25, mm(bars.straight()) * scale, BAR_HEIGHT * 0.5, "#f7f8f3", 0.2);
            boolean lower = false;
            for (BarDrawing.Piece p : left ? bars.left() : bars.right()) {
                double x = 14 + mm(p.from()) * scale;
                figure.box(x, y, mm(p.width()) * scale, BAR_HEIGHT, p.ofKit() ? PaperFigure.FLOOR_PAINT : "#d3dcd4", 0.2);
                figure.say(x + mm(p.width()) * scale / 2, y + BAR_HEIGHT + 0.6 + (lower ? PaperFigure.LINE : 0), Side.OVER,
                        p.name() + " " + p.width().text(), PaperFigure.INK);
                lower = !lower;
            }
            double reach = 14 + mm(bars.leverReach()) * scale;
            figure.line(reach, y - 1, reach, y + BAR_HEIGHT + 1, PaperFigure.RED, "1 0.7");
            y += BAR_HEIGHT + 2 * PaperFigure.LINE + 2;
        }
        figure.say(WIDTH, y, Side.BEFORE, "dashed: a lever's clamp sits at most " + bars.leverReach().text() + " from the end",
                PaperFigure.RED);
        return figure.html(y + PaperFigure.LINE);
    }

    private static double inner(List<BarDrawing.Piece> pieces) {
        return pieces.stream().mapToDouble(p -> mm(p.from().plus(p.width()))).max().orElse(0);
    }

    private static double mm(Length length) {
        return length.inMillimetres();
    }
}
