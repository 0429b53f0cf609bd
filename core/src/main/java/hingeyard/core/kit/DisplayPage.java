package hingeyard.core.kit;

/**
 * One page of a display's settings.
 *
 * @param page    its mark on the display
 * @param meaning what it sets
 * @param allowed the values it takes
 * @param usual   the value it is left at when nothing asks for another
 */
public record DisplayPage(String page, String meaning, String allowed, String usual) {
}
