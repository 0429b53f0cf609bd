/** Money at the counter: payments, invoices, credit notes and receipts, what is open, and the accountant's tables. */
package hingeyard.app.money;
