/**
 * Core types as files. {@link hingeyard.formats.SheetJson} writes quantities as a person writes them ({@code "33.5 mm"}, {@code "48 V"},
 * {@code "80–100 N·m"}), so that a stored or exported sheet can be read and mended by hand;
 * {@link hingeyard.formats.AnswerJson} writes them as whole numbers for programs that draw.
 */
package hingeyard.formats;
