/** Bills of materials: made from a match, reserved in the same transaction. {@link hingeyard.app.bill.Bills} is the door. */
package hingeyard.app.bill;
