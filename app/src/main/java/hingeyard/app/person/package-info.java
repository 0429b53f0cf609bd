/** Who signs in, and what their role may do. */
package hingeyard.app.person;
