/**
 * The people of a shop: what each of them is skilled in, and when they work.
 *
 * <p><b>Input.</b> A grade for each skill and the hours of a week, as the manager enters them.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.people.Skills}: whether somebody does a kind of work alone, and if not, why;
 * {@link hingeyard.core.people.SecondPerson}: who looks at what somebody did who is not skilled in it;
 * {@link hingeyard.core.people.WorkingHours}: whether somebody is in at a moment.
 *
 * <p><b>Limits.</b> Two grades: whoever learns is treated like whoever has not begun, because a second person looks either way. Absences
 * and
 * holidays of one person do not enter it.
 */
package hingeyard.core.people;
