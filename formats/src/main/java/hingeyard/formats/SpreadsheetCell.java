package hingeyard.formats;

import java.util.regex.Pattern;

/**
 * Text in a CSV that somebody opens in a spreadsheet: what it would take for a formula stands behind an apostrophe, and is read back
 * without it. Numbers stay numbers.
 */
final class SpreadsheetCell {

    /** Apostrophes in front count: one more comes off again, whatever the text began with. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?");

    private SpreadsheetCell() {
    }

    static String written(String text) {
        return FORMULA.matcher(text).matches() && !NUMBER.matcher(text).matches() ? "'" + text : text;
    }

    static String read(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
