package hingeyard.core.bike;

import java.util.Set;

/**
 * What every measure has, whatever its values are.
 *
 * @param key   stable, kebab-case with dots: {@code bracket.shell-width}
 * @param stop  where on the walk
 * @param tool  the tool to reach for
 * @param how   how to measure it, in one or two sentences
 * @param kinds the kinds of bike that have it
 * @param spot  where on the bike it is taken
 */
public record MeasureHead(String key, String title, WalkStop stop, Tool tool, String how, Set<BikeKind> kinds, MeasureSpot spot) {

    public MeasureHead {
        kinds = Set.copyOf(kinds);
    }
}
