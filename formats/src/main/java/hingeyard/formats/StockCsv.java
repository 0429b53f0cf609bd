package hingeyard.formats;

import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Scale;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartFacts;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Parts in their drawers as CSV; columns by name in the first line, lengths in millimetres. */
public final class StockCsv {

    private static final List<String> COLUMNS = List.of("number", "name", "used as", "place", "thickness", "plus-minus", "inner", "outer", "on hand");
    /** May be left out; a cell of them may be empty. */
    private static final List<String> FURTHER = List.of("length", "from", "to", "plug", "other plug", "amperes", "price", "lead days");
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).setIgnoreEmptyLines(true).setTrim(true).get();

    private StockCsv() {
    }

    /**
     * @return the parts, all of their count free
     * @throws UnreadableSheetException naming line, column (the column's place in its line) and reason of everything that is wrong
     */
    public static Drawers read(String csv) {
        List<Fault> faults = new ArrayList<>();
        List<DrawerPart> parts = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(new StringReader(csv))) {
            List<String> missing = COLUMNS.stream().filter(c -> !parser.getHeaderNames().contains(c)).toList();
            if (!missing.isEmpty()) {
                throw new UnreadableSheetException(List.of(new Fault(1, 1, "", "no column " + String.join(", ", missing))), null);
            }
            Set<String> numbers = new HashSet<>();
            for (CSVRecord row : parser) {
                part(row, (int) parser.getCurrentLineNumber(), numbers, faults).ifPresent(parts::add);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (IllegalArgumentException e) {
            if (e instanceof UnreadableSheetException) {
                throw e;
            }
            throw new UnreadableSheetException(List.of(new Fault(1, 1, "", e.getMessage())), e);
        }
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
        return new Drawers(parts);
    }

    private static Optional<DrawerPart> part(CSVRecord row, int line, Set<String> numbers, List<Fault> faults) {
        int before = faults.size();
        for (String column : COLUMNS) {
            if (!row.isSet(column)) {
                faults.add(fault(line, column, "is missing; every line has " + COLUMNS.size() + " columns"));
                return Optional.empty();
            }
        }
        for (String column : List.of("number", "name", "used as")) {
            if (row.get(column).isEmpty()) {
                faults.add(fault(line, column, "is empty"));
            }
        }
        if (!numbers.add(row.get("number"))) {
            faults.add(fault(line, "number", "'" + row.get("number") + "' stands here a second time"));
        }
        int onHand = 0;
        try {
            onHand = Integer.parseInt(row.get("on hand"));
        } catch (NumberFormatException e) {
            onHand = -1;
        }
        if (onHand < 0) {
            faults.add(fault(line, "on hand", "'" + row.get("on hand") + "' is no count; a whole number from 0 is wanted"));
        }
        Optional<PieceSize> size = size(row, line, faults);
        PartFacts facts = facts(row, line, faults);
        return faults.size() > before ? Optional.empty()
                : Optional.of(new DrawerPart(row.get("number"), row.get("name"), row.get("used as"), row.get("place"), onHand, size, facts));
    }

    private static PartFacts facts(CSVRecord row, int line, List<Fault> faults) {
        try {
            Optional<Length> length = further(row, "length").map(Length::ofMillimetres);
            Optional<Band> span = further(row, "from").map(f -> new Band(Length.ofMillimetres(f), Length.ofMillimetres(further(row, "to").orElse(f))));
            Optional<Current> amperes = further(row, "amperes").map(Current::ofAmperes);
            Optional<Adapter> adapter = further(row, "plug").map(p -> new Adapter(PlugText.read(p, amperes.orElseThrow()),
                    PlugText.read(further(row, "other plug").orElse(""), amperes.orElseThrow()), amperes.orElseThrow()));
            return new PartFacts(length, span, adapter, further(row, "price").map(Scale.MONEY::parse).orElse(0L), further(row, "lead days").map(Integer::parseInt).orElse(0));
        } catch (ArithmeticException | IllegalArgumentException | NoSuchElementException e) {
            faults.add(new Fault(line, COLUMNS.size() + 1, "length to lead days", "lengths in millimetres, both plugs with their amperes, a price, whole days: " + e.getMessage()));
            return PartFacts.none();
        }
    }

    private static Optional<String> further(CSVRecord row, String column) {
        return FURTHER.contains(column) && row.isMapped(column) && row.isSet(column) && !row.get(column).isEmpty() ? Optional.of(row.get(column)) : Optional.empty();
    }

    private static Optional<PieceSize> size(CSVRecord row, int line, List<Fault> faults) {
        if (row.get("thickness").isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(PieceSize.of(row.get("thickness"), row.get("plus-minus"), row.get("inner"), row.get("outer")));
        } catch (ArithmeticException | IllegalArgumentException e) {
            faults.add(fault(line, "thickness", "thickness, plus-minus, inner and outer go together, in millimetres: " + e.getMessage()));
            return Optional.empty();
        }
    }

    private static Fault fault(int line, String column, String reason) {
        return new Fault(line, COLUMNS.indexOf(column) + 1, column, reason);
    }
}
