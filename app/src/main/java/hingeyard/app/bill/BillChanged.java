package hingeyard.app.bill;

/** A job's bill was made, revised, taken back or ended. */
public record BillChanged(long job) {
}
