package hingeyard.app.problem;

import java.time.Duration;
import org.springframework.http.HttpStatus;

/** A request that is not carried out. The message says what stands in the way and what would clear it; nothing was saved. */
public final class Refused extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient HttpStatus status;
    private final String field;
    private final String given;
    private final String allowed;
    private final transient Duration retryAfter;

    private Refused(HttpStatus status, String message, String field, String given, String allowed,
            Duration retryAfter) {
        super(message);
        this.status = status;
        this.field = field;
        this.given = given;
        this.allowed = allowed;
        this.retryAfter = retryAfter;
    }

    private Refused(HttpStatus status, String message, String field, String given, String allowed) {
        this(status, message, field, given, allowed, Duration.ZERO);
    }

    /** An input that cannot be. */
    public static Refused input(String field, String given, String allowed) {
        return new Refused(HttpStatus.UNPROCESSABLE_CONTENT,
                "%s: '%s' is not possible. Allowed: %s. Nothing was saved.".formatted(field, given, allowed), field, given, allowed);
    }

    /** Something that may not be done as things stand. */
    public static Refused conflict(String message) {
        return new Refused(HttpStatus.CONFLICT, message, "", "", "");
    }

    /** The same, about one field. */
    public static Refused conflict(String field, String given, String message) {
        return new Refused(HttpStatus.CONFLICT, message, field, given, message);
    }

    /** Nothing that whoever is signed in may do. */
    public static Refused notYours(String message) {
        return new Refused(HttpStatus.FORBIDDEN, message, "", "", "");
    }

    /** Somebody else's to send: as soon as they are signed in it is carried out. */
    public static Refused otherHands(String message) {
        return new Refused(HttpStatus.PRECONDITION_FAILED, message, "", "", "");
    }

    /** Something that may be tried again later, but not before. */
    public static Refused tooSoon(String message, Duration retryAfter) {
        return new Refused(HttpStatus.TOO_MANY_REQUESTS, message, "", "", "", retryAfter);
    }

    public static Refused notFound(String what, Object id) {
        return new Refused(HttpStatus.NOT_FOUND, "There is no %s %s.".formatted(what, id), "", String.valueOf(id), "");
    }

    HttpStatus status() {
        return status;
    }

    /** How long to wait; nothing where that does not help. */
    Duration retryAfter() {
        return retryAfter;
    }

    String field() {
        return field;
    }

    String given() {
        return given;
    }

    String allowed() {
        return allowed;
    }
}
