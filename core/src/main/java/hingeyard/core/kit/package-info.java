/**
 * What a kit's maker publishes: dimensions, ratings, contents. A {@link hingeyard.core.kit.Kit} carries one
 * {@link hingeyard.core.kit.Drive}; nothing outside of this package asks which kind of drive it is, only for the
 * dimensions of the mount that a check is about.
 */
package hingeyard.core.kit;
