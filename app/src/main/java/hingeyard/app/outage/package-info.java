/** The shop's database is away for a while: everybody is told at once, and the way back is found without anybody's doing. */
package hingeyard.app.outage;
