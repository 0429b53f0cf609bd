package hingeyard.app.person;

/** Somebody came, left, or does something else from now on; told within the command that did it. */
public record StaffChanged() {
}
