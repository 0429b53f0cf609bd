package hingeyard.core.people;

import hingeyard.core.explain.Ruling;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What one person is skilled in.
 *
 * @param grades by skill; what is not in it they have not begun
 */
public record Skills(Map<Skill, SkillGrade> grades) {

    public static final Skills NONE = new Skills(Map.of());

    public Skills {
        grades = Map.copyOf(grades);
    }

    /** Skilled in everything. */
    public static Skills all() {
        Map<Skill, SkillGrade> grades = new EnumMap<>(Skill.class);
        for (Skill skill : Skill.values()) {
            grades.put(skill, SkillGrade.SKILLED);
        }
        return new Skills(grades);
    }

    /** The same with another grade. */
    public Skills with(Skill skill, SkillGrade grade) {
        Map<Skill, SkillGrade> now = new HashMap<>(grades);
        now.put(skill, grade);
        return new Skills(now);
    }

    /** The same with one of them not begun. */
    public Skills without(Skill skill) {
        Map<Skill, SkillGrade> now = new HashMap<>(grades);
        now.remove(skill);
        return new Skills(now);
    }

    public Optional<SkillGrade> grade(Skill skill) {
        return Optional.ofNullable(grades.get(skill));
    }

    public boolean skilledIn(Skill skill) {
        return grades.get(skill) == SkillGrade.SKILLED;
    }

    /**
     * Whether they do such work alone.
     *
     * @param work as a step names it; {@code general} is done by everybody
     */
    public Ruling alone(String work) {
        Optional<Skill> skill = Skill.named(work);
        return skill.isEmpty() || skilledIn(skill.get()) ? Ruling.yes()
                : Ruling.no(grade(skill.get()).isPresent() ? "Learning " + work + ": somebody skilled in it looks at it afterwards."
                        : "Not skilled in %s: somebody who is looks at it afterwards.".formatted(work));
    }
}
