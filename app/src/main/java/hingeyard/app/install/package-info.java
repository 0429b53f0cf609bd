/** A job's steps and what happens to them. {@link hingeyard.app.install.Steps} is the door. */
package hingeyard.app.install;
