package hingeyard.core.plan;

import java.time.LocalDateTime;
import java.util.List;

/**
 * Something that might let a job be finished earlier, tried by planning with it.
 *
 * @param what   what is done: a clause without a full stop
 * @param finish when the job is finished then
 * @param gain   open days earlier; 0 for less than a day, or for nothing
 * @param later  numbers of jobs that are finished on a later day then
 */
public record Help(String what, LocalDateTime finish, int gain, List<Long> later) {
}
