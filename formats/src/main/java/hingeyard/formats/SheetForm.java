package hingeyard.formats;

import java.util.List;
import java.util.Optional;

/**
 * A sheet as a form: every figure with its words, its unit and what it is for, in the order of the records of {@link hingeyard.core.kit}
 * that
 * it is read off, as the schema is.
 *
 * @param name     in the sheet's JSON
 * @param title    as it stands beside its field
 * @param what     what it is, or how it is found
 * @param kind     what may stand there
 * @param optional whether it may be left out
 * @param letter   on the drawing of its family; empty where it is not drawn
 * @param unit     of a quantity; empty elsewhere
 * @param choices  of a choice, or of the drives
 * @param fields   of a group; what one entry of a list is, by itself; the groups of a drive, one for each of its choices
 * @param uses     what it is for, in words: the checks that rest on it, then the rest
 * @param checks   ids of these checks
 */
public record SheetForm(String name, String title, String what, Kind kind, boolean optional, Optional<String> letter, String unit,
        List<Choice> choices, List<SheetForm> fields, List<String> uses, List<String> checks) {

    /** What may stand in a field. */
    public enum Kind {
        TEXT,
        /** Text that may be empty. */
        TEXT_OR_NONE,
        /** A number with its unit. */
        QUANTITY,
        /** One or two numbers with their unit. */
        RANGE,
        INTEGER,
        NUMBER,
        /** Whole hundredths of the shop's money. */
        MONEY,
        YES_NO,
        CHOICE,
        GROUP,
        LIST,
        /** A group that is one of several. */
        DRIVE
    }

    /** @param value in the sheet's JSON */
    public record Choice(String value, String label) {
    }

    public SheetForm {
        choices = List.copyOf(choices);
        fields = List.copyOf(fields);
        uses = List.copyOf(uses);
        checks = List.copyOf(checks);
    }

    public static SheetForm kit() {
        return SheetFields.KIT;
    }

    public static SheetForm battery() {
        return SheetFields.BATTERY;
    }
}
