package hingeyard.formats;

import hingeyard.core.quantity.Scale;
import hingeyard.core.quantity.UnreadableQuantityException;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** A price list as CSV: {@code number,price,lead days}, further columns are left alone. */
public final class PriceCsv {

    private static final List<String> COLUMNS = List.of("number", "price", "lead days");
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).setIgnoreEmptyLines(true)
            .setTrim(true).get();
    private static final int LONGEST_WAIT = 365;

    /**
     * @param line       where it stands in the file
     * @param priceMinor in hundredths of the shop's money
     */
    public record Price(int line, String number, long priceMinor, int leadDays) {
    }

    private PriceCsv() {
    }

    /** @throws UnreadableSheetException naming line, column and reason of everything that is wrong; nothing of it is answered */
    public static List<Price> read(String csv) {
        List<Fault> faults = new ArrayList<>();
        List<Price> prices = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(new StringReader(csv))) {
            List<String> missing = COLUMNS.stream().filter(c -> !parser.getHeaderNames().contains(c)).toList();
            if (!missing.isEmpty()) {
                throw new UnreadableSheetException(List.of(new Fault(1, 1, "", "no column " + String.join(", ", missing))), null);
            }
            Set<String> numbers = new HashSet<>();
            for (CSVRecord row : parser) {
                int line = (int) parser.getCurrentLineNumber();
                int before = faults.size();
                if (!row.isConsistent()) {
                    faults.add(new Fault(line, 1, "",
                            "has %d columns, the first line has %d".formatted(row.size(), parser.getHeaderNames().size())));
                    continue;
                }
                String number = SpreadsheetCell.read(row.get("number"));
                if (number.isEmpty() || !numbers.add(number)) {
                    faults.add(new Fault(line, 1, "number", "'" + number + "' is empty or stands here a second time"));
                }
                long price = price(row.get("price"), line, faults);
                int days = days(row.get("lead days"), line, faults);
                if (faults.size() == before) {
                    prices.add(new Price(line, number, price, days));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
        return prices;
    }

    /** The list as it is read again. */
    public static String write(List<Price> prices) {
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get())) {
            printer.printRecord(COLUMNS);
            for (Price p : prices) {
                printer.printRecord(SpreadsheetCell.written(p.number()), Scale.MONEY.text(p.priceMinor()), p.leadDays());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static long price(String text, int line, List<Fault> faults) {
        try {
            return Scale.MONEY.parse(text);
        } catch (UnreadableQuantityException e) {
            faults.add(new Fault(line, 2, "price", "'" + text + "' is no price; " + e.understood() + " is wanted"));
            return 0;
        }
    }

    private static int days(String text, int line, List<Fault> faults) {
        if (text.matches("\\d{1,3}") && Integer.parseInt(text) <= LONGEST_WAIT) {
            return Integer.parseInt(text);
        }
        faults.add(new Fault(line, 3, "lead days", "'" + text + "' is no number of days from 0 to " + LONGEST_WAIT));
        return 0;
    }
}
