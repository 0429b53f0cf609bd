/** What stops bikes, in one list, and what the manager does about it. */
package hingeyard.app.blocker;
