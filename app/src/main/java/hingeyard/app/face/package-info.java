/**
 * Who the shop is: what its papers and screens say of it. {@link hingeyard.app.face.Faces} is the door; it knows nobody who works there.
 */
package hingeyard.app.face;
