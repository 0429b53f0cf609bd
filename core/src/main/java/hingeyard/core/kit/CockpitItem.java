package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/**
 * Something of the kit that sits on the handlebar.
 *
 * @param width along the bar
 * @param clamp bar diameter it is made for
 * @param stem  whether it sits at the stem instead of beside a grip
 */
public record CockpitItem(CockpitKind kind, Length width, Length clamp, boolean stem) {
}
