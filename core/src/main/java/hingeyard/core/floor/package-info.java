/**
 * The shop floor: where a bike stands, which way it may be moved, and what it waits for.
 *
 * <p><b>Input.</b> Where a bike is, whether its arrival check stops it, how far its steps are, and who asks.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.floor.FloorRules}: a ruling for each move, with the reason where it may not be;
 * {@link hingeyard.core.floor.NextThing}: what happens next with a bike, in the few words of its tag, and where it stands among those that
 * ask something of somebody; {@link hingeyard.core.floor.Stand}: whether a stand carries a bike with its kit.
 *
 * <p><b>Limits.</b> A stand is ruled on by mass alone; a bike leaves unfinished only with a reason.
 */
package hingeyard.core.floor;
