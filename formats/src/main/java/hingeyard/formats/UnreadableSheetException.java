package hingeyard.formats;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;

/** A file that does not parse: line, column and reason of each fault. Nothing of it is kept. */
public final class UnreadableSheetException extends IllegalArgumentException {

    private static final int SHOWN = 8;

    /**
     * One thing that is wrong.
     *
     * @param line,column from 1; 0 where the place is not known
     * @param path        where in the document, as a JSON pointer; empty for the whole
     */
    public record Fault(int line, int column, String path, String reason) {

        public String text() {
            return "line %d, column %d%s: %s".formatted(line, column, path.isEmpty() ? "" : " (" + path + ")", reason);
        }
    }

    private final transient List<Fault> faults;

    UnreadableSheetException(List<Fault> faults, Throwable cause) {
        super(said(faults), cause);
        this.faults = faults.stream().sorted(Comparator.comparing(Fault::line).thenComparing(Fault::column)).toList();
    }

    static UnreadableSheetException of(JacksonException e) {
        boolean placed = e.getLocation() != null;
        return new UnreadableSheetException(
                List.of(new Fault(placed ? e.getLocation().getLineNr() : 0, placed ? e.getLocation().getColumnNr() : 0, "",
                        e.getOriginalMessage())),
                e);
    }

    /** The same, said of one of several files. */
    UnreadableSheetException in(String file) {
        return new UnreadableSheetException(
                faults.stream().map(f -> new Fault(f.line(), f.column(), (file + " " + f.path()).strip(), f.reason())).toList(), this);
    }

    private static String said(List<Fault> faults) {
        String text = faults.stream().sorted(Comparator.comparing(Fault::line).thenComparing(Fault::column)).limit(SHOWN).map(Fault::text)
                .collect(Collectors.joining("\n"));
        return faults.size() > SHOWN ? text + "\nand " + (faults.size() - SHOWN) + " more" : text;
    }

    public List<Fault> faults() {
        return faults;
    }

    public int line() {
        return faults.get(0).line();
    }

    public int column() {
        return faults.get(0).column();
    }
}
