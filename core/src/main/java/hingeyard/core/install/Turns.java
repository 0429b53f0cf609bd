package hingeyard.core.install;

/**
 * What an order of steps costs besides the work itself.
 *
 * @param postures how often the bike is put another way
 * @param wheels   how often a wheel goes out or in
 * @param parts    how often one part of the installation is left for another: hands walk round the bike, and the head with them
 * @param tools    how often a tool is picked up that is not at hand from the step before
 */
public record Turns(int postures, int wheels, int parts, int tools) implements Comparable<Turns> {

    @Override
    public int compareTo(Turns other) {
        int by = Integer.compare(postures, other.postures);
        by = by == 0 ? Integer.compare(wheels, other.wheels) : by;
        by = by == 0 ? Integer.compare(parts, other.parts) : by;
        return by == 0 ? Integer.compare(tools, other.tools) : by;
    }
}
