/** Carrying out commands: one transaction each, retried on deadlock, answered once per idempotency key. */
package hingeyard.app.command;
