package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/**
 * One lead of the loom.
 *
 * @param name   what it joins
 * @param run    the way it takes
 * @param length as supplied, plug to plug
 * @param plug   at its far end; an extension has the same
 */
public record Lead(String name, LeadRun run, Length length, Plug plug) {
}
