/**
 * What makers publish: a kit's drive, controller, battery, cockpit, loom and contents.
 *
 * <p><b>Input.</b> A kit's sheet, read by the formats module; what it leaves out stays empty and is told by the checks that would need it,
 * never guessed.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.kit.Kit} as checks, bill and steps ask it: the drive by how it is mounted
 * ({@link hingeyard.core.kit.Drive}), what comes off the bike for it and what of the bike's own moves
 * over; {@link hingeyard.core.kit.ContentsLint}: where a variant's contents contradict what it says of itself.
 *
 * <p><b>Limits.</b> A kit has one drive and one battery; a second battery and a display are kits of their own. Work that takes no kit is a
 * kit that brings nothing ({@link hingeyard.core.kit.ShopWork}).
 */
package hingeyard.core.kit;
