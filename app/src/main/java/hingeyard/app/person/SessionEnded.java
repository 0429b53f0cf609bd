package hingeyard.app.person;

/** A session is over on this instance: whatever still listens for it stops. @param session its id, which opens nothing any more */
public record SessionEnded(String session) {
}
