package hingeyard.core.condition;

import hingeyard.core.explain.Ruling;
import java.util.Collection;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the arrival check lets go on. The entry of this package. */
public final class ConditionRules {

    private static final int SHORTEST_REASON = 8;

    private ConditionRules() {
    }

    /** Whether bill, stand and steps may follow. */
    public static Ruling mayGoOn(Collection<Found> found) {
        String stops = found.stream().filter(Found::stops).map(f -> f.point().title() + " (" + f.note() + ")")
                .collect(Collectors.joining(", "));
        return stops.isEmpty() ? Ruling.yes()
                : Ruling.no("The arrival check stops this job: " + stops
                        + ". The manager can lift it with a reason, on the job's arrival sheet.");
    }

    /**
     * Whether a point may be graded so: what is not good wants a word, and what stops the job is never graded away, by nobody: the manager
     * lifts it by its rule.
     *
     * @param now   how it was found so far; empty while nobody looked
     * @param begun whether its step was begun: what it used up stays on the bill
     */
    public static Ruling mayGrade(ConditionPoint point, Optional<Found> now, Grade grade, String note, boolean begun) {
        if (grade == Grade.GOOD && begun && now.filter(Found::toDo).isPresent()) {
            return Ruling.no(
                    "%s goes with the job and its step was begun: the arrival check says how the bike came. Undo the step first if it was not needed."
                            .formatted(point.title()));
        }
        if (grade != Grade.STOPS && now.filter(Found::stops).isPresent()) {
            return Ruling.no(
                    "%s stops this job: it is not graded away. The manager lifts it once it is mended, or accepts it where nobody can be hurt."
                            .formatted(point.title()));
        }
        return grade == Grade.GOOD || !note.isBlank() ? Ruling.yes()
                : Ruling.no("%s: say what you saw; a few words are enough.".formatted(point.title()));
    }

    /** Whether a stop may be lifted on that ground. What may hurt somebody is mended, never just accepted. */
    public static Ruling mayLift(Found found, Lift lift, String reason) {
        if (!found.stops()) {
            return Ruling.no("%s does not stop this job.".formatted(found.point().title()));
        }
        if (found.point().grave() && lift == Lift.ACCEPTED) {
            return Ruling.no(
                    "%s: somebody may be hurt. It is lifted only once it is mended or replaced and looked at again; nobody may wave it through."
                            .formatted(found.point().title()));
        }
        return reason.strip().length() >= SHORTEST_REASON ? Ruling.yes()
                : Ruling.no("Say why, in at least %d letters: what was done, or who judged it.".formatted(SHORTEST_REASON));
    }
}
