package hingeyard.core.explain;

/** Something drawn or tabulated that belongs to a finding: a stack in section, a battery in its bay. */
public interface Exhibit {

    /** What sort of exhibit, in kebab-case: the name a drawing is chosen by. */
    String exhibit();
}
