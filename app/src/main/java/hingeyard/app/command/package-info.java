/**
 * Carrying out commands: one transaction each, retried on deadlock, answered once per idempotency key, which belongs to a person and a
 * content; and what became of one that got no answer.
 */
package hingeyard.app.command;
