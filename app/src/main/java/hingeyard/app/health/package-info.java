/** Whether the installation is well, for the manager to see. */
package hingeyard.app.health;
