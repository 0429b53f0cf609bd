package hingeyard.core.commission;

/**
 * One page of a display as this job wants it.
 *
 * @param page    its mark on the display
 * @param meaning what it sets
 * @param allowed the values it takes
 * @param value   the value for this job; for a page nobody computes, what the maker leaves it at
 * @param ground  why this value
 * @param hidden  whether it is a code: shown to the customer and to whoever hands the bike over
 */
public record Setting(String page, String meaning, String allowed, String value, String ground, boolean hidden) {

    /** As it is printed for somebody who may not read codes. */
    public Setting withoutCode() {
        return hidden ? new Setting(page, meaning, allowed, "on the copy that the manager prints", ground, true) : this;
    }
}
