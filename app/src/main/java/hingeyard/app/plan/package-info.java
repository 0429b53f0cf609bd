/** The plan of the coming days: what is left of the jobs, with whom and where, asked of the core; what was promised and said is kept. */
package hingeyard.app.plan;
