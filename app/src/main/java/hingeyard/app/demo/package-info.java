/** The demo's story, told through the same services as the real shop's. Exists only in the {@code demo} profile. */
package hingeyard.app.demo;
