package hingeyard.formats;

import hingeyard.core.money.PaidHow;
import hingeyard.core.money.PaperKind;
import hingeyard.core.quantity.Scale;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** For the accountant: what was invoiced, credited and paid, as CSV; money with a point, days as 2026-11-28. */
public final class MoneyCsv {

    private MoneyCsv() {
    }

    /** What was invoiced and credited on one day at one rate of tax. @param papers how many of them */
    public record DayLine(LocalDate on, BigDecimal percent, int papers, long netMinor, long taxMinor) {
    }

    /** One invoice or credit note at one rate of tax. @param corrects the invoice that is credited; empty on an invoice */
    public record PaperLine(LocalDate on, PaperKind kind, String number, long job, String customer, String corrects, BigDecimal percent,
            long netMinor, long taxMinor) {
    }

    /** Money that came, below 0 where it went out. @param takesBack the receipt that was wrong; empty for others */
    public record PaymentLine(LocalDate on, PaidHow how, String receipt, long job, String customer, long amountMinor, String takesBack) {
    }

    public static String days(String currency, List<DayLine> lines) {
        return written(new Object[]{"day", "tax_percent", "documents", "net", "tax", "gross", "currency"},
                lines.stream().map(l -> new Object[]{l.on, plain(l.percent), l.papers, Scale.money(l.netMinor), Scale.money(l.taxMinor),
                    Scale.money(l.netMinor + l.taxMinor), currency}).toList());
    }

    public static String papers(String currency, List<PaperLine> lines) {
        return written(new Object[]{"day", "kind", "number", "job", "customer", "of_invoice", "tax_percent", "net", "tax", "gross",
            "currency"},
                lines.stream().map(l -> new Object[]{l.on, l.kind.label().toLowerCase(Locale.ROOT), l.number, l.job,
                    SpreadsheetCell.written(l.customer), l.corrects, plain(l.percent), Scale.money(l.netMinor), Scale.money(l.taxMinor),
                    Scale.money(l.netMinor + l.taxMinor), currency}).toList());
    }

    public static String payments(String currency, List<PaymentLine> lines) {
        return written(new Object[]{"day", "how", "receipt", "job", "customer", "amount", "takes_back", "currency"},
                lines.stream().map(l -> new Object[]{l.on, l.how.label(), l.receipt, l.job, SpreadsheetCell.written(l.customer),
                    Scale.money(l.amountMinor), l.takesBack, currency}).toList());
    }

    private static String plain(BigDecimal percent) {
        return percent.signum() == 0 ? "0" : percent.stripTrailingZeros().toPlainString();
    }

    private static String written(Object[] columns, List<Object[]> rows) {
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get())) {
            printer.printRecord(columns);
            for (Object[] row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }
}
