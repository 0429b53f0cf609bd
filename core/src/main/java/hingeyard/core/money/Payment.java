package hingeyard.core.money;

import java.time.LocalDate;

/**
 * Money that came, was given back, or an entry that was taken back.
 *
 * @param receipt     its number
 * @param amountMinor below 0 where money went out, and where an entry was wrong
 * @param on          the day
 * @param wrong       whether it was entered wrongly, or takes back one that was: both stand on the ledger, neither counts as money
 */
public record Payment(String receipt, long amountMinor, PaidHow how, LocalDate on, boolean wrong) {
}
