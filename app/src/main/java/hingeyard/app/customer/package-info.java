/**
 * Customers and their bikes: the owner of both tables. Whatever changes one of them comes through {@link hingeyard.app.customer.Customers}
 * with the version it saw; what
 * jobs there are of a bike is asked of the port {@link hingeyard.app.customer.TheirJobs}.
 */
package hingeyard.app.customer;
