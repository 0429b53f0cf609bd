/**
 * The shop's server. Feature packages carry the core's names; each hides its controller, transaction, entity and repository.
 * {@link hingeyard.app.wiring} is the one place that constructs core entries.
 */
package hingeyard.app;
