/** Pictures of a bike, made anew when they come in, and measuring from them. {@link hingeyard.app.photo.Photos} is the door. */
package hingeyard.app.photo;
