package hingeyard.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.LastBill;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.Place;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.ReturnState;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobAccountTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final BigDecimal TAX = new BigDecimal("20");

    private static Owed owed(long totalMinor, long deposit, boolean ended, String... unpriced) {
        return new Owed("the bill", List.of(new TaxedLine("Kit", 1, totalMinor, BigDecimal.ZERO)), totalMinor, deposit,
                List.of(unpriced).stream().map(n -> new Owed.Unpriced(n, 1)).toList(), ended);
    }

    private static Invoiced invoice(String number, long by, long total, boolean over) {
        return new Invoiced(number, by, List.of(new TaxedLine("Kit", 1, total, BigDecimal.ZERO)), over ? Set.of(0) : Set.of());
    }

    private static Payment paid(String receipt, long amount) {
        return new Payment(receipt, amount, PaidHow.CASH, TODAY, false);
    }

    private static JobAccount account(Place place, Optional<Owed> owed, List<Invoiced> invoices, long... payments) {
        List<Payment> all = new ArrayList<>();
        for (long p : payments) {
            all.add(paid("R" + all.size(), p));
        }
        return new JobAccount(410, place, owed, invoices, all);
    }

    /** Total 1000.00, deposit 300.00: what is asked today, what is left, in words. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "bill        | 0      | 30000  | 100000  | 300.00 to pay as deposit",
        "bill        | 10000  | 20000  | 90000   | 200.00 to pay as deposit",
        "bill        | 30000  | 0      | 70000   | nothing to pay now",
        "bill        | 100000 | 0      | 0       | paid in full",
        "bill        | 110000 | -10000 | -10000  | 100.00 to give back",
        "invoice     | 30000  | 70000  | 70000   | 700.00 to pay of invoice 2026-0001",
        "invoice     | 100000 | 0      | 0       | paid in full",
        "invoice     | 120000 | -20000 | -20000  | 200.00 to give back",
        "credited    | 30000  | 0      | 70000   | nothing to pay now",
        "settled     | 30000  | 70000  | 70000   | 700.00 to pay",
        "nothing     | 30000  | -30000 | -30000  | 300.00 to give back",
        "nothing     | 0      | 0      | 0       | nothing to pay now"})
    void whatIsToBePaidToday(String state, long paid, long due, long left, String said) {
        Optional<Owed> owed = state.equals("nothing") ? Optional.empty() : Optional.of(owed(100000, 30000, state.equals("settled")));
        List<Invoiced> invoices = switch (state) {
            case "invoice" -> List.of(invoice("2026-0001", 100000, 100000, false));
            case "credited" -> List.of(invoice("2026-0001", 100000, 100000, true));
            default -> List.of();
        };
        JobAccount account = account(Place.RAIL, owed, invoices, paid);
        assertThat(account.dueMinor()).isEqualTo(due);
        assertThat(account.leftMinor()).isEqualTo(left);
        assertThat(account.said()).isEqualTo(said);
        assertThat(account.closed()).isEqualTo(left == 0 && (state.equals("invoice") || state.equals("nothing")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "100000 | 0      | 100000 | 1     | yes                                          | nothing: no more was paid than is owed",
        "100000 | 0      | 100001 | 0     | at most 1000.00, so much is left to pay      | more than 0",
        "100000 | 100000 | 1      | 1     | nothing: it is paid in full                  | nothing: no more was paid than is owed",
        "100000 | 120000 | 1      | 20000 | nothing: 200.00 is to be given back          | yes",
        "100000 | 120000 | 0      | 20001 | more than 0                                  | at most 200.00, so much was paid too much",
        "-1     | 0      | 1      | 1     | nothing: job 410 has no bill and no invoice  | nothing: no more was paid than is owed",
        "-1     | 500    | 1      | 500   | nothing: job 410 has no bill and no invoice  | yes"})
    void noMoreIsTakenThanIsOwedAndNoMoreGivenBackThanCame(long total, long paid, long take, long back, String taken, String given) {
        JobAccount account = account(Place.STAND, total < 0 ? Optional.empty() : Optional.of(owed(total, 0, false)), List.of(), paid);
        says(account.mayTake(take), taken);
        says(account.mayGiveBack(back), given);
    }

    private static void says(Ruling ruling, String wanted) {
        assertThat(ruling).isEqualTo(wanted.equals("yes") ? Ruling.yes() : Ruling.no(wanted));
    }

    @ParameterizedTest
    @CsvSource({"STAND, false, not finished", "RACK, false, not finished", "GATE, false, not finished", "STRIP, false, not finished",
        "RAIL, false, yes", "GONE, false, yes", "RACK, true, yes"})
    void theInvoiceIsWrittenWhenTheBikeIsFinished(Place place, boolean ended, String wanted) {
        Ruling may = account(place, Optional.of(owed(100, 0, ended)), List.of()).mayInvoice();
        assertThat(may.allowed()).isEqualTo(wanted.equals("yes"));
        assertThat(may.reason()).contains(wanted.equals("yes") ? "" : wanted);
    }

    @Test
    void oneInvoiceStandsAtATime() {
        JobAccount account = account(Place.RAIL, Optional.of(owed(100, 0, false)),
                List.of(invoice("2026-0001", 100, 100, true), invoice("2026-0002", 100, 100, false)));
        assertThat(account.mayInvoice()).isEqualTo(Ruling.no("Invoice 2026-0002 is valid. Credit it before you write another."));
        assertThat(account(Place.RAIL, Optional.empty(), List.of()).mayInvoice().reason()).contains("Job 410 has no bill");
    }

    /** A bill that was changed after its invoice, back and forth. */
    @ParameterizedTest
    @CsvSource({"100, false", "101, true", "99, true"})
    void anInvoiceThatNoLongerSaysWhatWasAgreedIsTold(long now, boolean told) {
        JobAccount account = account(Place.RAIL, Optional.of(owed(now, 0, false)), List.of(invoice("2026-0001", 100, 130, false)));
        assertThat(account.otherwise().isPresent()).isEqualTo(told);
        assertThat(account.otherwise().orElse("2026-0001")).contains("2026-0001");
        JobAccount paid = account(Place.RAIL, Optional.of(owed(now, 0, false)), List.of(invoice("2026-0001", 100, 130, false)), 130);
        assertThat(paid.closed()).as("paid in full, and open while it is to be written anew").isEqualTo(!told);
    }

    @Test
    void anInvoiceWhoseBillIsGoneIsTold() {
        assertThat(account(Place.RACK, Optional.empty(), List.of(invoice("2026-0001", 100, 100, false)), 100).otherwise())
                .contains("Invoice 2026-0001 is valid, but the job no longer has a bill. Credit the invoice.");
        assertThat(account(Place.RACK, Optional.empty(), List.of(invoice("2026-0001", 100, 100, true))).otherwise()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2026-12-01, yes", "2026-12-02, today or earlier", "2026-06-04, yes", "2026-06-03, at most 180 days ago"})
    void moneyChangedHandsOnADayThatWas(LocalDate on, String wanted) {
        says(JobAccount.mayBeOn(on, TODAY), wanted);
    }

    @Test
    void whatHadNoPriceGetsOneOnTheInvoice() {
        JobAccount account = account(Place.RAIL, Optional.of(owed(100, 0, false, "Axle to be made", "Cable")), List.of());
        TaxedLine axle = new TaxedLine("Axle to be made", 1, 500, TAX);
        assertThatThrownBy(() -> account.invoice(List.of(axle))).hasMessage("a price, 0 or more, for Cable");
        assertThat(account.invoice(List.of(axle, new TaxedLine("Cable", 1, 0, TAX), new TaxedLine("Goodwill", 1, -50, TAX)))).hasSize(4);
        assertThatThrownBy(() -> account(Place.RAIL, Optional.of(owed(100, 0, false)), List.of())
                .invoice(List.of(new TaxedLine("Goodwill", 1, -101, BigDecimal.ZERO)))).hasMessageContaining("0 or more together");
    }

    @Test
    void noMoreEverWentOutThanCame() {
        JobAccount account = account(Place.RAIL, Optional.of(owed(6000, 0, false)), List.of(), 10000, -4000);
        assertThat(account.mayBeWrong(account.payments().get(0)).reason()).contains("Take that entry back first");
        assertThat(account.mayBeWrong(account.payments().get(1))).isEqualTo(Ruling.yes());
        assertThat(account.mayBeWrong(new Payment("R9", 1, PaidHow.CARD, TODAY, true)).reason()).contains("R9 was taken back already");
    }

    /** The invoice of a bill comes to what the bill says, to the cent, and so does the one of a kit that came off. */
    @Test
    void theInvoiceComesToWhatWasAgreed() {
        Random random = new Random(27);
        for (int round = 0; round < 300; round++) {
            ShopRules rules = ShopRules.standard()
                    .with(NumberRule.TAX, new BigDecimal(List.of("0", "7.7", "8.1", "19", "20").get(random.nextInt(5))))
                    .with(NumberRule.LABOUR, new BigDecimal(40 + random.nextInt(80)));
            List<BillLine> lines = new ArrayList<>();
            for (int i = random.nextInt(8); i >= 0; i--) {
                lines.add(line(List.of(Source.FROM_DRAWER, Source.TO_ORDER, Source.KIT_BOX, Source.FROM_KIT, Source.HANDED_BACK)
                        .get(random.nextInt(5)), 1 + random.nextInt(4), random.nextInt(3) == 0 ? 0 : random.nextInt(90_000)));
            }
            Bill bill = new Bill("K", lines);
            Charges charges = Charges.of(bill, random.nextInt(700), rules);
            Owed owed = Owed.by(bill, charges);
            assertThat(Sums.of(owed.lines()).totalMinor()).isEqualTo(owed.totalMinor()).isEqualTo(charges.totalMinor());
            assertThat(owed.lines()).as("what has no price is asked for, not written down as nothing").allMatch(l -> l.eachMinor() > 0);
            assertThat(owed.unpriced()).hasSize((int) lines.stream().filter(l -> l.charged() && l.priceMinor() == 0).count());
            LastBill last = LastBill.of(
                    lines.stream().filter(BillLine::charged)
                            .map(l -> new LastBill.Line(l, ReturnState.values()[random.nextInt(ReturnState.values().length)]))
                            .toList(),
                    500, random.nextInt(500), 0, LastBill.Rates.of(charges));
            assertThat(Sums.of(Owed.by(last).lines()).totalMinor()).isEqualTo(last.totalMinor()).isEqualTo(Owed.by(last).totalMinor());
            assertThat(Owed.by(last).and(owed).totalMinor()).isEqualTo(last.totalMinor() + charges.totalMinor());
            assertThat(Owed.inShort(charges).totalMinor()).isEqualTo(charges.totalMinor());
        }
    }

    private static BillLine line(Source source, int count, long price) {
        return new BillLine(source, source == Source.TO_ORDER ? "" : "P", "Part", count, "why", "", "role", "A 1", price, Optional.empty(),
                Optional.empty());
    }

    /** Whatever is done in whatever order, refused things left undone: money never goes below what came, and a closed account is even. */
    @Test
    void whateverIsDoneTheLedgerHolds() {
        Random random = new Random(410);
        for (int round = 0; round < 200; round++) {
            long total = 1 + random.nextInt(500);
            List<Invoiced> invoices = new ArrayList<>();
            List<Payment> payments = new ArrayList<>();
            for (int step = 0; step < 30; step++) {
                JobAccount now = new JobAccount(1, Place.RAIL, Optional.of(owed(total, total / 3, false)), invoices, payments);
                long amount = 1 + random.nextInt(600);
                switch (random.nextInt(5)) {
                    case 0 -> add(payments, now.mayTake(amount), amount);
                    case 1 -> add(payments, now.mayGiveBack(amount), -amount);
                    case 2 -> wrong(payments, now, random);
                    case 3 -> {
                        if (now.mayInvoice().allowed()) {
                            invoices.add(invoice("I" + invoices.size(), total, total, false));
                        }
                    }
                    default -> {
                        if (random.nextInt(3) == 0) {
                            total = 1 + random.nextInt(500);
                        }
                        now.standing().ifPresent(i -> invoices.set(invoices.indexOf(i), new Invoiced(i.number(), i.byMinor(), i.lines(),
                                new TreeSet<>(i.left()))));
                    }
                }
                JobAccount then = new JobAccount(1, Place.RAIL, Optional.of(owed(total, total / 3, false)), invoices, payments);
                assertThat(then.paidMinor()).isNotNegative();
                assertThat(invoices.stream().filter(i -> !i.over()).count()).isLessThanOrEqualTo(1);
                assertThat(then.dueMinor()).isLessThanOrEqualTo(Math.max(then.leftMinor(), 0));
                assertThat(then.closed() && then.leftMinor() != 0).isFalse();
            }
        }
    }

    private static void add(List<Payment> payments, Ruling may, long amount) {
        if (may.allowed()) {
            payments.add(paid("R" + payments.size(), amount));
        }
    }

    private static void wrong(List<Payment> payments, JobAccount now, Random random) {
        if (payments.isEmpty()) {
            return;
        }
        int at = random.nextInt(payments.size());
        Payment p = payments.get(at);
        if (now.mayBeWrong(p).allowed()) {
            payments.set(at, new Payment(p.receipt(), p.amountMinor(), p.how(), p.on(), true));
            payments.add(new Payment("R" + payments.size(), -p.amountMinor(), p.how(), p.on(), true));
        }
    }
}
