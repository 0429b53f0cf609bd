/** The floor as one picture, and moving bikes on it. */
package hingeyard.app.yard;
