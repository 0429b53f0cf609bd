/** The bench calculators, each alone: reads what is typed, asks the core, keeps nothing. */
package hingeyard.app.bench;
