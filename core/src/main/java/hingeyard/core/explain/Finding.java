package hingeyard.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What one check found: data first, the sentence derived from it.
 *
 * @param checkId    the check's id, kebab-case, never reused for another check
 * @param title      what the check looks at
 * @param verdict    the answer
 * @param bike       what the bike measures
 * @param kit        what the kit needs
 * @param margin     how far from the limit
 * @param said       what a manager would say to a customer, with the numbers in it
 * @param figures    every number the answer rests on
 * @param remedies   what would make it go on, or what it takes
 * @param drawing    a drawing that shows it
 * @param overridable false for verdicts that nobody may override
 */
public record Finding(String checkId, String title, Verdict verdict, Leaf bike, Leaf kit, Margin margin, Sentence said,
                      List<Figure> figures, List<Remedy> remedies, Drawing drawing, boolean overridable) {

    public Finding {
        figures = List.copyOf(figures);
        remedies = List.copyOf(remedies);
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
        private final String checkId;
        private final String title;
        private final List<Figure> figures = new ArrayList<>();
        private final List<Remedy> remedies = new ArrayList<>();
        private Leaf bike = Leaf.notMeasured();
        private Leaf kit = Leaf.of("");
        private Margin margin = Margin.said("");
        private Drawing drawing = Drawing.none();
        private boolean overridable = true;

        private Builder(String checkId, String title) {
            this.checkId = checkId;
            this.title = title;
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
            return new Finding(checkId, title, verdict, bike, kit, margin, Sentence.plain(sentence), figures, remedies, drawing, overridable);
        }
    }
}
