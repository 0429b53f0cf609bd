package hingeyard.core.fit;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Finding;
import hingeyard.core.kit.Kit;
import java.util.List;
import java.util.Optional;

/** One question asked of a bike and a kit. Implementations are stateless. */
public interface FitCheck {

    /** Kebab-case, never reused for another question. */
    String id();

    /** What is looked at, as it stands beside the knuckle. */
    String title();

    /** Whether the question makes sense for this kit. */
    boolean concerns(Kit kit);

    /** The measures the answer needs. */
    List<Measure> needs();

    /** The answer; asked only when {@link #concerns} holds. Never throws on a valid case. */
    Finding assess(FitCase fitCase);

    /** Whether a frame or fork maker's written approval, attached to the job, can turn its answer. */
    default boolean approvable() {
        return false;
    }

    /** The wheel it looks at; empty where it looks at none or at both. */
    default Optional<WheelEnd> wheel() {
        return Optional.empty();
    }

    /** A finding to be filled in. */
    default Finding.Builder finding() {
        return Finding.of(id(), title());
    }
}
