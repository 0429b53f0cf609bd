package hingeyard.formats;

import hingeyard.core.bill.BillLine;
import hingeyard.core.quantity.Scale;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A bill's lines as CSV; money with a point, sums worked out. A cell that a spreadsheet would take for a formula stands behind an
 * apostrophe.
 */
public final class BillCsv {

    private static final Object[] COLUMNS = {"line", "source", "part", "name", "count", "price", "sum", "drawer", "check", "reason"};

    private BillCsv() {
    }

    public static String write(BillFile file) {
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get())) {
            printer.printRecord(COLUMNS);
            int n = 0;
            for (BillLine l : file.bill().lines()) {
                boolean priced = l.priceMinor() > 0;
                printer.printRecord(++n, l.source().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        SpreadsheetCell.written(l.partNumber()),
                        SpreadsheetCell.written(l.name()), l.count(), priced ? Scale.money(l.priceMinor()) : "",
                        priced ? Scale.money(l.priceMinor() * l.count()) : "", SpreadsheetCell.written(l.place()),
                        SpreadsheetCell.written(l.checkId()), SpreadsheetCell.written(l.reason()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }
}
