package hingeyard.app.shop;

import hingeyard.app.command.Commands;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.WeekGiven.DayHours;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.people.Absence;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.rights.Role;
import hingeyard.core.rights.Standing;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
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
    record TeamMember(String username, String displayName, List<Role> roles, Standing standing, boolean steps, int version,
            List<GradedSkill> skills,
            List<DayHours> hours, List<AbsenceGiven> absences) {
    }

    /**
     * Days somebody is away.
     *
     * @param to  the last of them
     * @param why in a few words, may be empty
     */
    record AbsenceGiven(@NotNull(message = "the first day") LocalDate from, @NotNull(message = "the last day") LocalDate to,
            @NotNull(message = "why, may be empty") @Size(max = 60, message = "at most 60 letters") String why) {
    }

    /** A kind of work in words. */
    record SkillView(Skill skill, String label) {
    }

    record TeamView(List<SkillView> skills, List<TeamMember> people) {
    }

    /** @param version what its writer saw */
    record TeamMemberGiven(int version,
            @NotNull(message = "the skills, may be none") @Size(max = 5, message = "each skill once") List<@NotNull(message = "a skill") @Valid GradedSkill> skills,
            @NotNull(message = "the hours, may be none") @Size(max = 7, message = "each day once") List<@NotNull(message = "a day") @Valid DayHours> hours,
            @NotNull(message = "the absences, may be none") @Size(max = 60, message = "at most 60 absences") List<@NotNull(message = "an absence") @Valid AbsenceGiven> absences) {
    }

    private final Team team;
    private static final int YEARS = 3;

    private final Commands commands;
    private final ShopClock clock;

    TeamController(Team team, Commands commands, ShopClock clock) {
        this.clock = clock;
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
        List<Absence> absences = absences(given.absences());
        commands.once(key, Boolean.class, () -> {
            team.change(username, given.version(), new Skills(grades), WeekGiven.read("hours", given.hours()), absences);
            return true;
        });
        return people();
    }

    private List<Absence> absences(List<AbsenceGiven> given) {
        LocalDate least = clock.today().minusYears(YEARS);
        LocalDate most = clock.today().plusYears(YEARS);
        List<Absence> absences = new ArrayList<>();
        for (AbsenceGiven a : given) {
            String said = "%s to %s".formatted(a.from(), a.to());
            if (a.from().isBefore(least) || a.to().isAfter(most)) {
                throw Refused.input("absences", said, "days from %s to %s".formatted(least, most));
            }
            if (a.to().isBefore(a.from())) {
                throw Refused.input("absences", said, "a last day not before the first");
            }
            Absence read = new Absence(a.from(), a.to(), a.why().strip());
            absences.stream().filter(read::meets).findFirst().ifPresent(other -> {
                throw Refused.input("absences", said, "no day twice: %s to %s is entered already".formatted(other.from(), other.to()));
            });
            absences.add(read);
        }
        return absences;
    }

    private static TeamMember shown(Team.Member m) {
        return new TeamMember(m.username(), m.displayName(), m.roles().stream().sorted().toList(), m.standing(), m.doesSteps(), m.version(),
                Arrays.stream(Skill.values()).flatMap(s -> m.skills().grade(s).stream().map(g -> new GradedSkill(s, g))).toList(),
                WeekGiven.shown(m.hours()),
                m.absences().stream().map(a -> new AbsenceGiven(a.from(), a.to(), a.why())).toList());
    }
}
