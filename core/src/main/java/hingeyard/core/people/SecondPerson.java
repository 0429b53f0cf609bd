package hingeyard.core.people;

import hingeyard.core.explain.Ruling;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Who looks at what somebody did who is not skilled in it. */
public final class SecondPerson {

    /**
     * Somebody who could.
     *
     * @param name as it stands on steps
     * @param in   whether they are in today
     */
    public record Hand(String name, Skills skills, boolean in) {
    }

    private SecondPerson() {
    }

    /**
     * Who is skilled in it and had no hand in it, those who are in today first, then by name.
     *
     * @param hands whoever had a hand in it
     */
    public static List<Hand> whoCan(Skill skill, Collection<Hand> people, Set<String> hands) {
        return people.stream().filter(p -> p.skills().skilledIn(skill) && !hands.contains(p.name()))
                .sorted(Comparator.comparing((Hand p) -> !p.in()).thenComparing(Hand::name)).toList();
    }

    /** Who they are, as one says it. */
    public static String said(Skill skill, List<Hand> can) {
        if (can.isEmpty()) {
            return "Nobody else of the shop is skilled in %s: the manager enters who is, or has it looked at by somebody from outside the shop."
                    .formatted(skill.label());
        }
        List<String> in = can.stream().filter(Hand::in).map(Hand::name).toList();
        List<String> away = can.stream().filter(p -> !p.in()).map(Hand::name).toList();
        return in.isEmpty() ? "Skilled in %s, but not in today: %s.".formatted(skill.label(), String.join(", ", away))
                : "Skilled in %s and in today: %s.".formatted(skill.label(), String.join(", ", in));
    }

    /** Whether somebody may look at what wants this skill. */
    public static Ruling mayLook(Skill skill, Skills theirs) {
        return theirs.skilledIn(skill) ? Ruling.yes()
                : Ruling.no("It was done by somebody who is not skilled in %s: only somebody who is looks at it.".formatted(skill.label()));
    }
}
