/**
 * What several nodes of one database need besides: a row that is only locked is locked on its own node alone, so that what must happen one
 * after the other everywhere leaves a mark that travels ({@link hingeyard.app.cluster.Everywhere}). Where one database serves all, nothing
 * is
 * done here.
 */
package hingeyard.app.cluster;
