package hingeyard.formats;

import hingeyard.core.plan.Plan;
import hingeyard.core.plan.PlacedLeg;
import hingeyard.core.plan.Wait;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The plan as CSV, a line for each leg; times are the shop's own. A cell that a spreadsheet would take for a formula is guarded. */
public final class PlanCsv {

    private static final Object[] COLUMNS = {"job", "leg", "work", "person", "place", "stand", "begins", "ends", "next-from", "minutes",
        "inspected-by-another", "tools", "waits-for"};
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private PlanCsv() {
    }

    public static String write(Plan plan) {
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get())) {
            printer.printRecord(COLUMNS);
            for (PlacedLeg leg : plan.legs().stream()
                    .sorted(Comparator.comparingLong(PlacedLeg::job).thenComparingInt(l -> l.leg().ordinal())).toList()) {
                printer.printRecord(leg.job(), leg.leg().ordinal() + 1, cell(leg.leg().title()), cell(leg.person()),
                        leg.leg().place().label(), leg.stand().map(String::valueOf).orElse(""), TIME.format(leg.start()),
                        TIME.format(leg.end()), TIME.format(leg.looked()), leg.leg().minutes(), leg.leg().hold() ? "yes" : "no",
                        cell(leg.leg().tools().stream().sorted().collect(Collectors.joining("; "))),
                        cell(leg.leg().waits().stream().map(Wait::what).collect(Collectors.joining("; "))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static String cell(String text) {
        return SpreadsheetCell.written(text);
    }
}
