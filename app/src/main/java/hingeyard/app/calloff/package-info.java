/**
 * Jobs that do not go on as agreed: called off by their customer, or another kit takes its place. What was fitted comes off by steps, then
 * it is settled in which state everything goes back and what is paid.
 */
package hingeyard.app.calloff;
