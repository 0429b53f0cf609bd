/** The measures of a bike: readings are added, never changed. {@link hingeyard.app.survey.Surveys} is the door. */
package hingeyard.app.survey;
