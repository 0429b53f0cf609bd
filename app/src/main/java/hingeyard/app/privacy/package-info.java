/** What a package that keeps something of a customer has to answer for: handing it out, and letting it go. */
package hingeyard.app.privacy;
