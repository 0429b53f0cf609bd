package hingeyard.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * What one check found: data first, the sentence derived from it.
 *
 * @param checkId     the check's id, kebab-case, never reused for another check
 * @param title       what the check looks at
 * @param verdict     the answer
 * @param told        what the bike measures, what the kit needs, and every number the answer rests on
 * @param margin      how far from the limit
 * @param said        what a manager would say to a customer, with the numbers in it
 * @param remedies    what would make it go on, or what it takes
 * @param drawing     a drawing that shows it
 * @param overridable false for verdicts that nobody may override
 */
public record Finding(String checkId, String title, Verdict verdict, Told told, Margin margin, Sentence said,
        List<Remedy> remedies, Drawing drawing, boolean overridable) {

    public Finding {
        remedies = List.copyOf(remedies);
    }

    /** What the bike measures. */
    public Leaf bike() {
        return told.read().bike();
    }

    /** What the kit needs. */
    public Leaf kit() {
        return told.read().kit();
    }

    /** Every number the answer rests on. */
    public List<Figure> figures() {
        return told.read().figures();
    }

    public Optional<Exhibit> exhibit() {
        return drawing.shown();
    }

    public String sentence() {
        return said.toString();
    }

    /** Collects one finding of the check {@code checkId}. */
    public static Builder of(String checkId, String title) {
        return new Builder(checkId, title);
    }

    /** Collects what a finding says; {@link #is} closes it. */
    public static final class Builder {
        private static final Leaf NOTHING = Leaf.of("");

        private final String checkId;
        private final String title;
        private final List<Figure> figures = new ArrayList<>();
        private final List<Remedy> remedies = new ArrayList<>();
        private Leaf bike;
        private Leaf kit;
        private Consumer<Builder> describe;
        private Margin margin = Margin.said("");
        private Drawing drawing = Drawing.none();
        private boolean overridable = true;

        private Builder(String checkId, String title) {
            this.checkId = checkId;
            this.title = title;
        }

        /**
         * Adds, when somebody looks, leaves and figures that hang on no answer: they stand before those of the answer, whose leaves win.
         *
         * @param describe must add the same whenever it is asked, and nothing but leaves and figures
         */
        public Builder described(Consumer<Builder> describe) {
            this.describe = describe;
            return this;
        }

        public Builder bike(Leaf leaf) {
            bike = leaf;
            return this;
        }

        public Builder kit(Leaf leaf) {
            kit = leaf;
            return this;
        }

        public Builder margin(Margin said) {
            margin = said;
            return this;
        }

        public Builder figure(Figure figure) {
            figures.add(figure);
            return this;
        }

        public Builder remedy(Remedy remedy) {
            remedies.add(remedy);
            return this;
        }

        public Builder remedies(List<Remedy> more) {
            remedies.addAll(more);
            return this;
        }

        /** @param drawer draws it when somebody looks; must not change its answer */
        public Builder exhibit(Supplier<? extends Exhibit> drawer) {
            drawing = Drawing.of(drawer);
            return this;
        }

        /** Marks a verdict that nobody may override, not the manager either. */
        public Builder neverOverridden() {
            overridable = false;
            return this;
        }

        public Finding is(Verdict verdict, CharSequence sentence) {
            return new Finding(checkId, title, verdict,
                    describe == null ? Told.now(or(bike, Leaf.notMeasured()), or(kit, NOTHING), figures) : Told.later(this::tell), margin,
                    Sentence.plain(sentence), remedies, drawing, overridable);
        }

        private Told.Now tell() {
            Builder before = new Builder(checkId, title);
            describe.accept(before);
            before.figures.addAll(figures);
            return new Told.Now(or(bike, or(before.bike, Leaf.notMeasured())), or(kit, or(before.kit, NOTHING)), before.figures);
        }

        private static Leaf or(Leaf leaf, Leaf otherwise) {
            return leaf == null ? otherwise : leaf;
        }
    }
}
