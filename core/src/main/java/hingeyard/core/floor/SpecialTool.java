package hingeyard.core.floor;

/**
 * A tool of which the shop has so few that one job waits for it while another has it.
 *
 * @param name  as steps name it
 * @param count how many there are, 1 or more
 */
public record SpecialTool(String name, int count) {

    public SpecialTool {
        if (count < 1) {
            throw new IllegalArgumentException("count: %d, at least 1 is needed".formatted(count));
        }
    }
}
