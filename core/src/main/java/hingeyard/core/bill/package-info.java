/**
 * The job's own bill of materials, and what it costs.
 *
 * <p><b>Input.</b> A match that goes on, what the arrival check found, the steps as planned, the drawers it was assessed from, what the
 * customer brings himself and what stands in for what is short.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.bill.JobBill} is the only road to it: lines ({@link hingeyard.core.bill.BillLine}), each with
 * where it comes from or goes to, its reason and the check that asked for it, and
 * {@link hingeyard.core.bill.Charges}. {@link hingeyard.core.bill.BillDifference} says in sentences what is other in a later bill,
 * {@link hingeyard.core.bill.HeldUp} which part a job waits for, {@link hingeyard.core.bill.BillRules} whether a bill may be made of a
 * match,
 * and {@link hingeyard.core.bill.Agreement} who agreed to what is given up, on which day and in which way.
 *
 * {@link hingeyard.core.bill.LastBill}: what is paid when a kit came off again.
 *
 * <p><b>Method.</b> Everything in the box is accounted for: used, handed over, or back in the drawer; what a remedy replaces goes back with
 * its reason. Labour and tax are each rounded once, half up, in hundredths of the
 * shop's money.
 *
 * <p><b>Limits.</b> One kit a job; a line is filled from one drawer; a piece of a stack is stood in for only by one as thick.
 */
package hingeyard.core.bill;
