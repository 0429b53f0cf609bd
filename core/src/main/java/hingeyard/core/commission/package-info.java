/**
 * From first power to sign-off: what a job's display is set to, a stand-in for the fitted bike's controller that answers the tests as its kit and survey say,
 * and the ways from a symptom to its cause.
 */
package hingeyard.core.commission;
