package hingeyard.app.problem;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;

/**
 * Why a request could not be read, in the words of whoever sent it: which field, what stood there, what may stand there.
 *
 * @param said    the whole of it
 * @param field   empty where it is no field's
 * @param allowed what may stand there
 */
record Unread(String said, String field, String given, String allowed) {

    private static final int SHOWN = 60;

    /** @param failed what reading ended in; the innermost of the reader's own tells most, what lies behind it knows no field */
    static Unread in(Throwable failed) {
        Throwable told = failed;
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            told = cause instanceof JacksonException || cause.getCause() == null && !(told instanceof JacksonException) ? cause : told;
        }
        return of(told);
    }

    private static Unread of(Throwable cause) {
        if (cause instanceof InvalidFormatException wrong) {
            // What a reader of ours says is meant for people; what the library says is not.
            String own = wrong.getOriginalMessage();
            int said = own.lastIndexOf(": ");
            String allowed = wrong.getTargetType() == String.class || wrong.getTargetType() == java.math.BigDecimal.class
                    ? own.substring(said < 0 ? 0 : said + 2) : kind(wrong.getTargetType());
            return about(path(wrong), cut(String.valueOf(wrong.getValue())), allowed);
        }
        if (cause instanceof InvalidNullException hole) {
            return about(path(hole), "nothing", "a list without empty places");
        }
        if (cause instanceof StreamConstraintsException) {
            return plain("The request is larger or deeper than anything a screen of ours sends.");
        }
        if (cause instanceof MismatchedInputException other && !other.getPath().isEmpty()) {
            return about(path(other), "something else", kind(other.getTargetType() == null ? Object.class : other.getTargetType()));
        }
        if (cause instanceof JacksonException text && text.getLocation() != null && text.getLocation().getLineNr() > 0) {
            return plain("The request is no JSON as it is expected here: line %d, column %d.".formatted(text.getLocation().getLineNr(),
                    text.getLocation().getColumnNr()));
        }
        return plain("The request has no content that can be read.");
    }

    private static Unread about(String field, String given, String allowed) {
        return new Unread("%s: '%s' is not possible. Allowed: %s.".formatted(field, given, allowed), field, given, allowed);
    }

    private static Unread plain(String said) {
        return new Unread(said, "", "", "");
    }

    /** What may stand where a value of that type is read. */
    static String kind(Class<?> type) {
        if (type.isEnum()) {
            return Arrays.stream(type.getEnumConstants()).map(Object::toString).collect(Collectors.joining(", "));
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return "a whole number";
        }
        if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
            return "a number";
        }
        if (type == LocalDate.class) {
            return "a day, such as 2026-11-30";
        }
        if (type == Instant.class) {
            return "a moment, such as 2026-11-30T09:00:00Z";
        }
        if (Collection.class.isAssignableFrom(type)) {
            return "a list";
        }
        if (type == String.class) {
            return "a text";
        }
        return Map.class.isAssignableFrom(type) || type != Object.class ? "a group of fields" : "something else";
    }

    private static String path(MismatchedInputException e) {
        return e.getPath().stream().map(r -> r.getPropertyName() != null ? r.getPropertyName() : "[" + r.getIndex() + "]")
                .collect(Collectors.joining(".")).replace(".[", "[");
    }

    private static String cut(String text) {
        String shown = text.codePoints().map(c -> Character.isISOControl(c) ? '\u25a1' : c)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append).toString();
        return shown.length() > SHOWN ? shown.substring(0, SHOWN) + "…" : shown;
    }
}
