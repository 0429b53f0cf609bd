/**
 * The job's own bill of materials. {@link hingeyard.core.bill.BillAssembler} derives it from the chosen match: the kit's box,
 * what of it is used and what goes back in the drawer, the parts the findings asked for, and what is taken off the bike and
 * handed back. Every line carries its reason and the check that asked for it.
 */
package hingeyard.core.bill;
