package hingeyard.formats;

/** A file that does not parse: line, column and reason. Nothing of it is kept. */
public final class UnreadableSheetException extends IllegalArgumentException {

    private final int line;
    private final int column;

    UnreadableSheetException(int line, int column, String reason, Throwable cause) {
        super("line %d, column %d: %s".formatted(line, column, reason), cause);
        this.line = line;
        this.column = column;
    }

    public int line() {
        return line;
    }

    public int column() {
        return column;
    }
}
