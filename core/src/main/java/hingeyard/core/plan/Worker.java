package hingeyard.core.plan;

import hingeyard.core.people.Absence;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Somebody who does steps, and may look at what others did.
 *
 * @param name as it is on steps
 * @param does whether legs are planned for them; else they do only what is in their hands already or the manager said, and look at others'
 */
public record Worker(String name, Skills skills, WorkingHours hours, List<Absence> absences, boolean does) {

    /** A learner takes longer, by this much of a hundred; a guess of the trade until the shop's own record says otherwise. */
    static final int LEARNERS_SHARE = 125;

    public Worker {
        absences = List.copyOf(absences);
    }

    /** Somebody for whom legs are planned. */
    public Worker(String name, Skills skills, WorkingHours hours, List<Absence> absences) {
        this(name, skills, hours, absences, true);
    }

    /** The same working other hours. */
    Worker working(WorkingHours others) {
        return new Worker(name, skills, others, absences, does);
    }

    /** The same, away on these days and no others. */
    public Worker away(List<Absence> others) {
        return new Worker(name, skills, hours, others, does);
    }

    /** Whether they are in on that day, if the shop is open. */
    public boolean on(LocalDate day) {
        return hours.on(day.getDayOfWeek()) && away(day).isEmpty();
    }

    public Optional<Absence> away(LocalDate day) {
        return absences.stream().filter(a -> a.on(day)).findFirst();
    }

    /** What of these they learn, and somebody skilled looks at; empty when they do all of it alone, nothing when they do it not at all. */
    Optional<Set<Skill>> learnedOf(Collection<Skill> wanted) {
        Set<Skill> learned = wanted.stream().filter(s -> skills.grade(s).filter(SkillGrade.LEARNING::equals).isPresent())
                .collect(Collectors.toSet());
        return wanted.stream().allMatch(s -> skills.grade(s).isPresent()) ? Optional.of(learned) : Optional.empty();
    }

    /**
     * What of a leg somebody skilled looks at when they do it; empty where they may not. What they have begun already they finish, and what
     * they have no grade in is looked at as well.
     */
    Optional<Set<Skill>> learning(Leg leg) {
        Optional<Set<Skill>> learned = learnedOf(leg.skills());
        return learned.isPresent() || leg.doer().filter(name::equals).isEmpty() ? learned
                : Optional.of(leg.skills().stream().filter(s -> !skills.skilledIn(s)).collect(Collectors.toSet()));
    }

    /** Minutes they need for what takes somebody skilled so many. */
    static int minutes(int skilled, Set<Skill> learned) {
        return learned.isEmpty() ? skilled : Math.max(skilled, (skilled * LEARNERS_SHARE + 99) / 100);
    }
}
