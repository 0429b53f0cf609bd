package hingeyard.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SumsTest {

    private static TaxedLine line(int count, long each, String percent) {
        return new TaxedLine("Part", count, each, new BigDecimal(percent));
    }

    private static Invoiced invoice(List<TaxedLine> lines, Set<Integer> credited) {
        return new Invoiced("2026-0001", 0, lines, credited);
    }

    /** By hand: 8.1 % of 100.05 are 8.10405; 20 % of 0.03 are 0.006; 50 % does not come up, 7.5 % of 0.10 are 0.0075. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "1 10005 8.1                | 10005  | 810   | 8.1:10005:810",
        "3 1 20                     | 3      | 1     | 20:3:1",
        "1 10 7.5                   | 10     | 1     | 7.5:10:1",
        "1 -10 7.5                  | -10    | -1    | 7.5:-10:-1",
        "2 500 20, 1 300 0          | 1300   | 200   | 20:1000:200 0:300:0",
        "2 500 20, 1 250 20.00      | 1250   | 250   | 20:1250:250",
        "1 1000 20, 1 -1000 20      | 0      | 0     | 20:0:0",
        "999 100000000 40           | 99900000000 | 39960000000 | 40:99900000000:39960000000"})
    void taxIsReckonedOnceForEachRate(String lines, long net, long tax, String rates) {
        Sums sums = Sums.of(List.of(lines.split(", ")).stream().map(l -> l.split(" "))
                .map(p -> line(Integer.parseInt(p[0]), Long.parseLong(p[1]), p[2])).toList());
        assertThat(sums.netMinor()).isEqualTo(net);
        assertThat(sums.taxMinor()).isEqualTo(tax);
        assertThat(sums.totalMinor()).isEqualTo(net + tax);
        assertThat(sums.taxes().stream().map(t -> "%s:%d:%d".formatted(t.percent().toPlainString(), t.netMinor(), t.taxMinor()))
                .collect(Collectors.joining(" "))).isEqualTo(rates);
    }

    /** Against sums in fractions, each rate by itself: whatever is credited in whatever order, it comes to the invoice, to the cent. */
    @Test
    void creditNotesComeToTheirInvoice() {
        Random random = new Random(20261201);
        for (int round = 0; round < 400; round++) {
            List<TaxedLine> lines = IntStream.range(0, 1 + random.nextInt(7))
                    .mapToObj(i -> line(1 + random.nextInt(5), random.nextInt(20_000) - 2_000,
                            List.of("20", "8.1", "7.75", "0").get(random.nextInt(4))))
                    .toList();
            List<Integer> left = new ArrayList<>(IntStream.range(0, lines.size()).boxed().toList());
            Set<Integer> credited = new TreeSet<>();
            TreeMap<BigDecimal, Long> given = new TreeMap<>();
            long back = 0;
            while (!left.isEmpty()) {
                Set<Integer> now = new TreeSet<>();
                for (int n = 1 + random.nextInt(left.size()); n > 0; n--) {
                    now.add(left.remove(random.nextInt(left.size())));
                }
                Invoiced before = invoice(lines, credited);
                Invoiced.Credit credit = before.credit(now);
                credited.addAll(now);
                back += credit.sums().totalMinor();
                credit.sums().taxes().forEach(t -> given.merge(t.percent(), t.taxMinor(), Long::sum));
                assertThat(credit.sums().netMinor()).isEqualTo(credit.lines().stream().mapToLong(TaxedLine::sumMinor).sum());
                assertThat(invoice(lines, credited).standingMinor()).as("%s without %s", lines, credited)
                        .isEqualTo(before.totalMinor() + back);
            }
            assertThat(invoice(lines, credited).over()).isTrue();
            assertThat(-back).isEqualTo(oracle(lines));
        }
    }

    private static long oracle(List<TaxedLine> lines) {
        BigDecimal total = BigDecimal.ZERO;
        for (String rate : List.of("20", "8.1", "7.75", "0")) {
            BigDecimal net = BigDecimal.ZERO;
            for (TaxedLine l : lines) {
                if (l.taxPercent().compareTo(new BigDecimal(rate)) == 0) {
                    net = net.add(BigDecimal.valueOf(l.eachMinor(), 2).multiply(BigDecimal.valueOf(l.count())));
                }
            }
            BigDecimal tax = net.multiply(new BigDecimal(rate)).movePointLeft(2);
            total = total.add(net).add(tax.abs().setScale(2, RoundingMode.HALF_UP).multiply(BigDecimal.valueOf(tax.signum())));
        }
        return total.movePointRight(2).longValueExact();
    }

    @Test
    void aLineIsCreditedOnce() {
        Invoiced invoice = invoice(List.of(line(1, 100, "20"), line(2, 50, "20")), Set.of(1));
        assertThat(invoice.left()).containsExactly(0);
        for (Set<Integer> wrong : List.of(Set.<Integer>of(), Set.of(1), Set.of(0, 1), Set.of(2), Set.of(-1))) {
            assertThatThrownBy(() -> invoice.credit(wrong)).isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("those that were not credited yet");
        }
        assertThat(invoice.credit(Set.of(0)).sums().totalMinor()).isEqualTo(-120);
        assertThatThrownBy(() -> invoice(List.of(line(1, 1, "0")), Set.of(1))).hasMessage("credited line 1: 0 to 0");
    }

    @ParameterizedTest
    @CsvSource({"'', 1, 1, 20", "Part, 0, 1, 20", "Part, 1000, 1, 20", "Part, 1, 100000001, 20", "Part, 1, -100000001, 20",
        "Part, 1, 1, -1", "Part, 1, 1, 40.01", "Part, 1, 1, 7.125"})
    void aLineKeepsItsBounds(String text, int count, long each, String percent) {
        assertThatThrownBy(() -> new TaxedLine(text, count, each, new BigDecimal(percent))).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("0 to 40 %");
    }

    @ParameterizedTest
    @CsvSource({"INVOICE, 2026, 1, 2026-0001", "CREDIT_NOTE, 2026, 12, C2026-0012", "RECEIPT, 2027, 9999, R2027-9999",
        "INVOICE, 2026, 10000, 2026-10000"})
    void numbersRunByKindAndYear(PaperKind kind, int year, int running, String number) {
        assertThat(kind.number(year, running)).isEqualTo(number);
    }

    @ParameterizedTest
    @CsvSource({"2026, 0", "0, 1", "10000, 1"})
    void noNumberIsBeforeTheFirst(int year, int running) {
        assertThatThrownBy(() -> PaperKind.INVOICE.number(year, running)).isInstanceOf(IllegalArgumentException.class);
    }
}
