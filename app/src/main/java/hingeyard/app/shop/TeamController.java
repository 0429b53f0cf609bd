package hingeyard.app.shop;

import hingeyard.app.command.Commands;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.WeekGiven.DayHours;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.rights.Right;
import hingeyard.core.rights.Role;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is skilled in what, and works when. */
@RestController
@RequestMapping("/api/people")
class TeamController {

    /** A skill somebody has begun. */
    record GradedSkill(@NotNull(message = "a skill") Skill skill, @NotNull(message = "a grade") SkillGrade grade) {
    }

    /**
     * Somebody of the shop.
     *
     * @param steps   whether they do steps at all
     * @param version what a change builds on
     */
    record TeamMember(String username, String displayName, Role role, boolean steps, int version, List<GradedSkill> skills,
            List<DayHours> hours) {
    }

    /** A kind of work in words. */
    record SkillView(Skill skill, String label) {
    }

    record TeamView(List<SkillView> skills, List<TeamMember> people) {
    }

    /** @param version what its writer saw */
    record TeamMemberGiven(int version,
            @NotNull(message = "the skills, may be none") @Size(max = 5, message = "each skill once") List<@NotNull(message = "a skill") @Valid GradedSkill> skills,
            @NotNull(message = "the hours, may be none") @Size(max = 7, message = "each day once") List<@NotNull(message = "a day") @Valid DayHours> hours) {
    }

    private final Team team;
    private final Commands commands;

    TeamController(Team team, Commands commands) {
        this.team = team;
        this.commands = commands;
    }

    @GetMapping
    TeamView people() {
        return new TeamView(Arrays.stream(Skill.values()).map(s -> new SkillView(s, s.label())).toList(),
                team.everybody().stream().map(TeamController::shown).toList());
    }

    @PutMapping("/{username}")
    TeamView change(@PathVariable(name = "username") String username, @Valid @RequestBody TeamMemberGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        Map<Skill, SkillGrade> grades = new EnumMap<>(Skill.class);
        for (GradedSkill graded : given.skills()) {
            if (grades.put(graded.skill(), graded.grade()) != null) {
                throw Refused.input("skills", graded.skill().label() + " twice", "each skill once");
            }
        }
        commands.once(key, Boolean.class, () -> {
            team.change(username, given.version(), new Skills(grades), WeekGiven.read("hours", given.hours()));
            return true;
        });
        return people();
    }

    private static TeamMember shown(Team.Member m) {
        return new TeamMember(m.username(), m.displayName(), m.role(), Right.DO_STEPS.of(m.role()), m.version(),
                Arrays.stream(Skill.values()).flatMap(s -> m.skills().grade(s).stream().map(g -> new GradedSkill(s, g))).toList(),
                WeekGiven.shown(m.hours()));
    }
}
