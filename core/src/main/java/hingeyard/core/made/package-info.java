/**
 * What a shop makes itself: pieces to print or turn, and sheets at their true size.
 *
 * <p><b>Input.</b> A few measures in millimetres, each within bounds that its record names.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.made.MadePart}: a closed mesh with outward faces, what it weighs and how long it prints;
 * {@link hingeyard.core.made.Template}: lines, circles and words in millimetres.
 *
 * <p><b>Method.</b> Sections are drawn as polygons and drawn out between two planes; ends are cut into triangles ear by ear. Round edges
 * are
 * chords of at most 0.02 mm of sag, on the side that leaves the piece its room.
 *
 * <p><b>Limits.</b> Strength is not computed: nothing that carries a rider, a brake or a battery alone is made here.
 */
package hingeyard.core.made;
