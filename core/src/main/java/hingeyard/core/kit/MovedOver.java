package hingeyard.core.kit;

/**
 * Something of the bike's own that is moved over to what the kit brings, unless a remedy puts another in its place.
 *
 * @param role what it is mounted as
 * @param name what it is
 */
public record MovedOver(String role, String name) {
}
