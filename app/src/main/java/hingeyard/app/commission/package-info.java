/**
 * Settings, tests against the stand-in for the bike's controller, the symptom finder, readings that devices send, and the papers of a job.
 */
package hingeyard.app.commission;
