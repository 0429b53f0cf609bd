/** The kits' sheets. {@link hingeyard.app.kit.Kits} is the door. */
package hingeyard.app.kit;
