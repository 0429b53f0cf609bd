package hingeyard.core.commission;

/**
 * One page of a display as this job wants it.
 *
 * @param page    its mark on the display
 * @param meaning what it sets
 * @param allowed the values it takes
 * @param value   the value for this job; for a page nobody computes, what the maker leaves it at
 * @param ground  why this value
 * @param hidden  whether it is shown to nobody but the customer
 */
public record Setting(String page, String meaning, String allowed, String value, String ground, boolean hidden) {
}
