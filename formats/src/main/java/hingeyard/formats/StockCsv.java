package hingeyard.formats;

import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Parts in their drawers as CSV; columns by name in the first line, lengths in millimetres. */
public final class StockCsv {

    private static final List<String> COLUMNS = PartCells.NEEDED;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).setIgnoreEmptyLines(true)
            .setTrim(true).get();

    private StockCsv() {
    }

    /** The parts alone, all of their count free. */
    public static Drawers read(String csv) {
        return new Drawers(sheets(csv).stream().map(PartSheet::part).toList());
    }

    /**
     * @return the parts' sheets in the file's order, all of their count free
     * @throws UnreadableSheetException naming line, column (the column's place in its line) and reason of everything that is wrong
     */
    public static List<PartSheet> sheets(String csv) {
        List<Fault> faults = new ArrayList<>();
        List<PartSheet> sheets = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(new StringReader(csv))) {
            List<String> missing = COLUMNS.stream().filter(c -> !parser.getHeaderNames().contains(c)).toList();
            if (!missing.isEmpty()) {
                throw new UnreadableSheetException(List.of(new Fault(1, 1, "", "no column " + String.join(", ", missing))), null);
            }
            Set<String> numbers = new HashSet<>();
            for (CSVRecord row : parser) {
                sheet(row, (int) parser.getCurrentLineNumber(), parser.getHeaderNames(), numbers, faults).ifPresent(sheets::add);
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
        return sheets;
    }

    /** The list as it is read again. */
    public static String write(List<PartSheet> sheets) {
        List<String> columns = Stream.concat(COLUMNS.stream(), PartCells.FURTHER.stream()).toList();
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get())) {
            printer.printRecord(columns);
            for (PartSheet sheet : sheets) {
                printer.printRecord(columns.stream().map(PartCells.write(sheet)::get).map(SpreadsheetCell::written));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static Optional<PartSheet> sheet(CSVRecord row, int line, List<String> header, Set<String> numbers, List<Fault> faults) {
        for (String column : COLUMNS) {
            if (!row.isSet(column)) {
                faults.add(fault(line, column, header, "is missing; every line has " + COLUMNS.size() + " columns"));
                return Optional.empty();
            }
        }
        Map<String, String> cells = new LinkedHashMap<>(row.toMap());
        cells.replaceAll((column, cell) -> SpreadsheetCell.read(cell));
        List<PartCells.Wrong> wrong = new ArrayList<>();
        Optional<PartSheet> sheet = PartCells.read(cells, wrong);
        wrong.forEach(w -> faults.add(fault(line, w.cell(), header, w.reason())));
        if (!numbers.add(cells.get("number"))) {
            faults.add(fault(line, "number", header, "'" + cells.get("number") + "' stands here a second time"));
            return Optional.empty();
        }
        return sheet;
    }

    private static Fault fault(int line, String column, List<String> header, String reason) {
        return new Fault(line, header.indexOf(column) + 1, column, reason);
    }
}
