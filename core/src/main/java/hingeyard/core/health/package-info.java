/**
 * Whether a shop's installation is well. Input: what was read of backups, disk, database, clock and tablets. Answer: a sign for each, good,
 * to be looked at, or bad, with what to do. Method: one list, {@link hingeyard.core.health.ShopHealth}; the page and the console say the
 * same. Limits: it looks at this one machine.
 */
package hingeyard.core.health;
