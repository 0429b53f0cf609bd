/**
 * Where a battery goes in the main triangle.
 *
 * <p><b>Input.</b> Tubes as centre lines with radii in the frame's side plane, a tube or two that may carry the rail with their bosses, and
 * the
 * pack: the side of a case on a rail, slots in the rail, the way it slides and swings off, what a hand needs to reach its key and its port.
 *
 * <p><b>Answer.</b> Among all places where the case keeps its clearance to every tube, stays under whatever moves above it, comes off its
 * rail
 * free and has its key in reach, the one with the lowest centre of mass; with two bosses in two slots if there is such a place, without
 * otherwise. When there is none, the
 * place with the greatest clearance and what it comes up against.
 *
 * <p><b>Method.</b> Sliding along a straight tube, the distance between two convex outlines is a convex function of the place: what an
 * obstacle forbids
 * is one interval, found by bisection to a hundredth of a millimetre. Nothing is sampled. Distances are JTS's.
 */
package hingeyard.core.bay;
