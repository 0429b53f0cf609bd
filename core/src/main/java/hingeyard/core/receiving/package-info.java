/**
 * A kit's box is opened and held against its contents list before the bike is touched.
 *
 * <p><b>Input.</b> The contents list, what of it the job uses, what was counted good or faulty, serial numbers, the bench run.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.receiving.KitCheck}: what is still open, what keeps the job waiting and what only goes to the
 * supplier, and what proves the box on the bench.
 *
 * <p><b>Limits.</b> A claim blocks only when the job mounts more than is there.
 */
package hingeyard.core.receiving;
