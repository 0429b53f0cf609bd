/**
 * The steps of an installation, their order and their states.
 *
 * <p><b>Input.</b> The chosen kit on its bike with every finding, work that was added, and what the arrival check found
 * ({@link hingeyard.core.install.Work}); the library that tells the steps
 * ({@link hingeyard.core.install.library}).
 *
 * <p><b>Answer.</b> {@link hingeyard.core.install.StepPlanner}: the list in an order that keeps the trade's hard one
 * ({@link hingeyard.core.install.Phase}) with the fewest changes of posture, wheels and tools.
 * {@link hingeyard.core.install.StepRules}: who may start, tick, pause, skip, inspect or undo what, with the reason.
 * {@link hingeyard.core.install.Redo}: what is done again once a part changed.
 * {@link hingeyard.core.install.TakeOff}: the steps by which a kit comes off again, the last thing first.
 * {@link hingeyard.core.install.RemainingWork}: what is left, in minutes.
 *
 * <p><b>Method.</b> The order is found step by step with a bound that proves it or says how far off it may be; states are rulings over the
 * whole list, so that screen, server and tablet without a network ask the same.
 *
 * <p><b>Limits.</b> One bike at a time: which bike comes first, and who works on it, is not decided here.
 */
package hingeyard.core.install;
