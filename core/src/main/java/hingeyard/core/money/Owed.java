package hingeyard.core.money;

import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.LastBill;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a customer owes for a job by what was agreed, before anything is invoiced: by its bill, or by the last bill of one whose kit came
 * off again.
 *
 * @param what         the bill it is by, for a sentence, such as "the bill" or "the last bill"
 * @param lines        as an invoice lists them
 * @param totalMinor   with tax, as that bill says it
 * @param depositMinor asked for on approval; 0 where none is
 * @param unpriced     what nobody named a price for: it comes on top
 * @param ended        whether nothing more is added to it: its kit is off and settled
 */
public record Owed(String what, List<TaxedLine> lines, long totalMinor, long depositMinor, List<Unpriced> unpriced, boolean ended) {

    /** A charged line without a price. */
    public record Unpriced(String name, int count) {
    }

    public Owed {
        lines = List.copyOf(lines);
        unpriced = List.copyOf(unpriced);
    }

    /** @param charges what that bill came to when it was agreed */
    public static Owed by(Bill bill, Charges charges) {
        List<BillLine> charged = bill.lines().stream().filter(BillLine::charged).toList();
        return new Owed("the bill",
                Stream.concat(
                        charged.stream().filter(l -> l.priceMinor() > 0)
                                .map(l -> new TaxedLine(l.name(), l.count(), l.priceMinor(), charges.taxPercent())),
                        labour(charges.minutes(), charges.anHour(), charges.labourMinor(), charges.taxPercent()).stream()).toList(),
                charges.totalMinor(), charges.depositMinor(),
                charged.stream().filter(l -> l.priceMinor() == 0).map(l -> new Unpriced(l.name(), l.count())).toList(), false);
    }

    /** The same without its lines, where many are told. */
    public static Owed inShort(Charges charges) {
        return new Owed("the bill", List.of(), charges.totalMinor(), charges.depositMinor(), List.of(), false);
    }

    /** What is paid when a kit came off again. */
    public static Owed by(LastBill last) {
        List<TaxedLine> lines = new ArrayList<>();
        last.lines().stream().filter(l -> l.sumMinor() > 0)
                .forEach(l -> lines.add(new TaxedLine(l.line().name(), l.line().count(), l.line().priceMinor(), last.taxPercent())));
        labour(last.minutes(), last.anHour(), last.labourMinor(), last.taxPercent()).ifPresent(lines::add);
        return new Owed("the last bill", lines, last.totalMinor(), 0, List.of(), true);
    }

    /** With what is owed besides: a kit that came off and was paid for, and the one that took its place. */
    public Owed and(Owed other) {
        return new Owed(what + " and " + other.what, Stream.concat(lines.stream(), other.lines.stream()).toList(),
                totalMinor + other.totalMinor, depositMinor + other.depositMinor,
                Stream.concat(unpriced.stream(), other.unpriced.stream()).toList(), ended && other.ended);
    }

    private static Optional<TaxedLine> labour(int minutes, BigDecimal anHour, long labourMinor, BigDecimal taxPercent) {
        return labourMinor == 0 ? Optional.empty()
                : Optional.of(new TaxedLine("Labour, %d min at %s an hour".formatted(minutes, anHour.toPlainString()), 1, labourMinor,
                        taxPercent));
    }
}
