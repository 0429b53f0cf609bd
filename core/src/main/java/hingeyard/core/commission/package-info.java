/**
 * From first power to sign-off.
 *
 * <p><b>Input.</b> The match of a job, its survey, the shop's rules, and faults that somebody switched on to learn by.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.commission.SettingsSheet}: what each page of the display is set to and why;
 * {@link hingeyard.core.commission.SimulatedController}: what the fitted bike's controller would answer to a
 * test; {@link hingeyard.core.commission.Symptom}: from what is seen, by its causes, to the step or stop that mends it;
 * {@link hingeyard.core.commission.NextCheck}: when the bike is wanted again, a day from the day it is handed over.
 *
 * <p><b>Limits.</b> The controller is a stand-in and says so; nothing here talks to a real one.
 */
package hingeyard.core.commission;
