/** The shop's own thresholds and schools of practice. {@link hingeyard.app.rules.RulesInForce} is the door. */
package hingeyard.app.rules;
