/** What becomes of what is known of a person when they ask for it, or ask that it goes. */
package hingeyard.core.privacy;
