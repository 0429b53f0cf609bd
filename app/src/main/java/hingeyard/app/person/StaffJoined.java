package hingeyard.app.person;

/** Somebody came to work here; told within the command that let them in. */
public record StaffJoined(String username) {
}
