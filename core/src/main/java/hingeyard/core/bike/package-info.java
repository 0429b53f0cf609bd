/**
 * What a bike measures. A {@link hingeyard.core.bike.Measure} says what is measured, with which tool, how, and which values are
 * possible; a {@link hingeyard.core.bike.Reading} is one measured value with its uncertainty, who and when; a
 * {@link hingeyard.core.bike.FrameSurvey} holds the readings in force. {@link hingeyard.core.bike.BikeGeometry} draws the side
 * elevation to scale from a survey, in pencil where the kind's usual dimensions stand in for a measure.
 *
 * <p>Plane of the drawing: origin at the bracket's centre, x forward, y up, millimetres; seen from the drive side.
 */
package hingeyard.core.bike;
