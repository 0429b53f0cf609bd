/** What suppliers owe the shop: pieces missing from a box, wrong ones in a delivery. {@link hingeyard.app.claim.Claims} is the door. */
package hingeyard.app.claim;
