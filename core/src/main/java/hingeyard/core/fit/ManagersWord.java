package hingeyard.core.fit;

/**
 * A manager's word over a check that says no.
 *
 * @param checkId which check
 * @param reason  why, as it prints on the papers
 * @param by      who
 */
public record ManagersWord(String checkId, String reason, String by) {
}
