package hingeyard.app.person;

/** Somebody is paused or let go; told within the command that did it. */
public record StaffLeft(String displayName) {
}
