/**
 * Drawers, the ledger and reservations. {@link hingeyard.app.stock.Stock} is the door. On hand is the sum of the ledger; free is
 * that less what is reserved; both are read under the part's row lock before anything is promised.
 */
package hingeyard.app.stock;
