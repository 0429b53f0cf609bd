package hingeyard.core.commission;

import java.util.List;

/**
 * Something that is seen when a test fails, and its likely causes in order.
 *
 * @param id     kebab-case, unique
 * @param title  what one sees, as one would say it
 * @param steps  keys of the steps at which it is met
 * @param causes the likeliest first
 */
public record Symptom(String id, String title, List<String> steps, List<Cause> causes) {

    /**
     * @param id    kebab-case, unique in its symptom
     * @param cause what is wrong
     * @param check how to tell, without taking more apart than one must
     * @param tells what the check shows when this is it
     * @param step  the step to do again then; blank when it ends in a stop
     * @param stop  the kind of stop it ends in; blank when it ends in a step
     * @param work  what is done about it
     */
    public record Cause(String id, String cause, String check, String tells, String step, String stop, String work) {

        public Cause {
            step = step == null ? "" : step;
            stop = stop == null ? "" : stop;
        }
    }

    public Symptom {
        steps = List.copyOf(steps);
        causes = List.copyOf(causes);
    }
}
