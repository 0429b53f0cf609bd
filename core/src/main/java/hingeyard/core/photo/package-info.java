/**
 * Measuring a frame from a side photo. The entry is {@link hingeyard.core.photo.PhotoMeasure}.
 *
 * <p><b>Given:</b> where in the picture the two axles, the bracket, the head tube's ends and the seat cluster are, a ring of marks
 * on each rim's edge, and one length that is known: a rim's bead seat or the wheelbase.
 *
 * <p><b>Answered:</b> the triangle's coordinates in the frame's side plane, wheelbase, chainstay, bracket height and tube lengths,
 * each with what it is uncertain by.
 *
 * <p><b>How:</b> a pinhole camera, wherever it stood, shows the side plane by a homography. Both wheels are circles round their
 * axles in that plane. Camera, wheelbase and the rims' radii are those that fit all marks best, in least squares
 * (Levenberg-Marquardt): two coplanar circles fix a plane's metric up to size (Hartley and Zisserman, <i>Multiple View Geometry in
 * Computer Vision</i>, circular points), the known length fixes the size. What marks leave open is decided by where people stand
 * and what lenses are usual. What each mark's own inaccuracy does to each answer is found by moving that mark and solving again.
 */
package hingeyard.core.photo;
