package hingeyard.core.fit.checks;

import hingeyard.core.explain.Sentence;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSection.Layer;
import hingeyard.core.stack.StackSection.Mark;
import hingeyard.core.stack.StackSection.Role;
import hingeyard.core.stack.StackSection.Span;
import hingeyard.core.stack.StackSection.SpanKind;
import hingeyard.core.stack.StackSet;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Puts a stack's section together, from inside to outside; shared by the checks that solve one. */
final class StackSketch {

    private final String title;
    private final StackSet set;
    private final StackAnswer answer;
    private final List<Layer> layers = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private final List<Span> spans = new ArrayList<>();
    private final List<String> sides;
    private List<String> mountedAs = List.of();
    private Length at;

    /**
     * @param set   of the answer, the one that is drawn
     * @param sides what its sides are called; empty where there is one
     * @param from  where the first layer begins along the axle
     */
    StackSketch(String title, StackAnswer answer, StackSet set, List<String> sides, Length from) {
        this.sides = sides;
        this.title = title;
        this.answer = answer;
        this.set = set;
        this.at = from;
    }

    Length at() {
        return at;
    }

    StackSketch layer(CharSequence name, Role role, Length thickness, Length outer) {
        layers.add(Layer.of(Sentence.plain(name), "", role, at, thickness, outer));
        at = at.plus(thickness);
        return this;
    }

    /** The set's pieces of one side, each by itself. */
    StackSketch pieces(int side) {
        at = StackWords.layers(layers, set.sides().get(side), at);
        return this;
    }

    StackSketch mark(String name, Length where) {
        marks.add(new Mark(name, where));
        return this;
    }

    /**
     * Where the pieces end, here, and where they may: in the worst case, and with independent errors as the root of the sum of their
     * squares.
     *
     * @param wanted    where they may end, along the axle
     * @param plusMinus how far what was measured may be off besides
     * @param sides     whose pieces end here; all of them when none is named
     */
    StackSketch ends(Band wanted, Length plusMinus, int... sides) {
        long worst = plusMinus.micrometres();
        double squares = Math.pow(worst, 2);
        int pieces = 0;
        List<List<StackSet.Use>> here = sides.length == 0 ? set.sides() : IntStream.of(sides).mapToObj(set.sides()::get).toList();
        for (List<StackSet.Use> side : here) {
            for (StackSet.Use use : side) {
                long each = use.piece().size().plusMinus().micrometres();
                worst += each * use.count();
                squares += Math.pow(each, 2) * use.count();
                pieces += use.count();
            }
        }
        spans.add(Span.of(SpanKind.WANTED, Sentence.of("may end here, %s of room", wanted.width().told()), wanted.least(),
                wanted.greatest()));
        addSpan(SpanKind.WORST_CASE, "ends here at worst", Length.ofMicrometres(worst));
        if (pieces > 1 || !plusMinus.equals(Length.ZERO) && pieces > 0) {
            addSpan(SpanKind.ROOT_SQUARES, "errors as root of squares", Length.ofMicrometres(Math.round(Math.sqrt(squares))));
        }
        return this;
    }

    private void addSpan(SpanKind kind, String name, Length by) {
        spans.add(Span.of(kind, Sentence.of("%s, ± %s", name, by.told()), at.minus(by), at.plus(by)));
    }

    /** Only the step that mounts these shows it. */
    StackSketch mountedAs(String role) {
        mountedAs = List.of(role);
        return this;
    }

    /** @param axle diameter of what runs through all of it @param threadFrom where its thread begins */
    StackSection on(Length axle, Band reaches, Length threadFrom) {
        return new StackSection(title, axle, reaches.least(), reaches.greatest(), threadFrom, layers, marks,
                StackWords.note(set).toString(), StackWords.note(set).in(Units.IMPERIAL),
                StackWords.others(answer, sides, Units.METRIC), StackWords.others(answer, sides, Units.IMPERIAL), spans, mountedAs);
    }
}
