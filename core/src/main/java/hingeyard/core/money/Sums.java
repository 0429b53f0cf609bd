package hingeyard.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What the lines of a document come to. Tax is reckoned once for each rate, on all that stands at it together, and rounded half away from
 * nothing: so an invoice of one rate comes to the same as the bill it is of.
 *
 * @param taxes by rate, the highest first
 */
public record Sums(List<TaxSum> taxes) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    public Sums {
        taxes = List.copyOf(taxes);
    }

    public static Sums of(List<TaxedLine> lines) {
        return new Sums(nets(lines).entrySet().stream().map(e -> new TaxSum(e.getKey(), e.getValue(), tax(e.getKey(), e.getValue())))
                .toList());
    }

    private static Map<BigDecimal, Long> nets(List<TaxedLine> lines) {
        Map<BigDecimal, Long> nets = new TreeMap<>(Comparator.<BigDecimal>naturalOrder().reversed());
        lines.forEach(l -> nets.merge(l.taxPercent(), l.sumMinor(), Math::addExact));
        return nets;
    }

    private static long tax(BigDecimal percent, long net) {
        return BigDecimal.valueOf(net).multiply(percent).divide(HUNDRED, 0, RoundingMode.HALF_UP).longValueExact();
    }

    /**
     * What is given back when these lines are credited: what is left of an invoice afterwards is taxed as if it had been written so from
     * the beginning. The credit notes of an invoice that is credited whole come to what it said, to the cent.
     *
     * @param before what of the invoice still stood
     * @param after  what of it still stands
     */
    static Sums back(List<TaxedLine> before, List<TaxedLine> after) {
        Map<BigDecimal, Long> then = nets(before);
        Map<BigDecimal, Long> now = nets(after);
        List<TaxSum> taxes = new ArrayList<>();
        then.forEach((percent, net) -> {
            long left = now.getOrDefault(percent, 0L);
            long tax = tax(percent, left) - tax(percent, net);
            if (left != net || tax != 0) {
                taxes.add(new TaxSum(percent, left - net, tax));
            }
        });
        return new Sums(taxes);
    }

    public long netMinor() {
        return taxes.stream().mapToLong(TaxSum::netMinor).sum();
    }

    public long taxMinor() {
        return taxes.stream().mapToLong(TaxSum::taxMinor).sum();
    }

    public long totalMinor() {
        return netMinor() + taxMinor();
    }
}
