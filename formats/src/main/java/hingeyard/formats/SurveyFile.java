package hingeyard.formats;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;

/** A bike's survey as a file holds it. */
public record SurveyFile(BikeKind kind, String bike, String size, String frameNumber, FrameSurvey survey) {
}
