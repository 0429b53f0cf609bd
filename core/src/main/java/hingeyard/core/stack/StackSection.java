package hingeyard.core.stack;

import hingeyard.core.explain.Exhibit;
import hingeyard.core.explain.Sentence;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.util.List;

/**
 * A stack in section, to scale, from inside to outside along its axle.
 *
 * @param title          what is shown
 * @param axle           outer diameter of the tube or axle everything sits on
 * @param axleFrom       where it begins
 * @param axleTo         where it ends
 * @param threadFrom     where its thread begins
 * @param layers         the pieces, inside to outside
 * @param marks          limits along the axle
 * @param note           how it was chosen, one sentence
 * @param noteInInches   the same for who reads inches; the metric one on drawings of before it was kept
 * @param others         other sets that would do, best first; none on drawings of before they were kept
 * @param othersInInches the same for who reads inches
 * @param spans          where the pieces may end and where they do, with their tolerances; none on drawings of before they were kept
 * @param mountedAs      roles of its pieces where only the step that mounts them should show it; empty where any step may
 */
public record StackSection(String title, Length axle, Length axleFrom, Length axleTo, Length threadFrom, List<Layer> layers,
        List<Mark> marks, String note, String noteInInches, List<String> others, List<String> othersInInches, List<Span> spans,
        List<String> mountedAs) implements Exhibit {

    public StackSection {
        layers = List.copyOf(layers);
        marks = List.copyOf(marks);
        others = others == null ? List.of() : List.copyOf(others);
        noteInInches = noteInInches == null ? note : noteInInches;
        othersInInches = othersInInches == null ? others : List.copyOf(othersInInches);
        spans = spans == null ? List.of() : List.copyOf(spans);
        mountedAs = mountedAs == null ? List.of() : List.copyOf(mountedAs);
    }

    /** What a layer is; {@code APART} is nothing, between two feet that are drawn in one row. */
    public enum Role {
        BODY,
        SPACER,
        FRAME,
        PLATE,
        NUT,
        APART
    }

    /**
     * @param name         what it is called
     * @param nameInInches the same for who reads inches; the metric one on drawings of before it was kept
     * @param place        the drawer it lies in; empty when it comes with the kit or belongs to the bike
     * @param role         what it is
     * @param from         where it begins along the axle
     * @param thickness    its length along the axle
     * @param outer        its outer diameter
     */
    public record Layer(String name, String nameInInches, String place, Role role, Length from, Length thickness, Length outer) {

        public Layer {
            nameInInches = nameInInches == null ? name : nameInInches;
        }

        /** @param name what it is called */
        public static Layer of(Sentence name, String place, Role role, Length from, Length thickness, Length outer) {
            return new Layer(name.toString(), name.in(Units.IMPERIAL), place, role, from, thickness, outer);
        }
    }

    /**
     * @param name what is marked
     * @param at   where along the axle
     */
    public record Mark(String name, Length at) {
    }

    /** What a span tells. */
    public enum SpanKind {
        WANTED,
        WORST_CASE,
        ROOT_SQUARES
    }

    /**
     * A stretch of the axle.
     *
     * @param kind         where the pieces may end, or where they do with every tolerance at its worst, or with tolerances as root of the
     *                     sum of squares
     * @param name         what is said of it
     * @param nameInInches the same for who reads inches; the metric one on drawings of before it was kept
     */
    public record Span(SpanKind kind, String name, String nameInInches, Length from, Length to) {

        public Span {
            nameInInches = nameInInches == null ? name : nameInInches;
        }

        /** @param name what is said of it */
        public static Span of(SpanKind kind, Sentence name, Length from, Length to) {
            return new Span(kind, name.toString(), name.in(Units.IMPERIAL), from, to);
        }
    }

    @Override
    public String exhibit() {
        return "stack-section";
    }
}
