package hingeyard.app.shop;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.person.Staff;
import hingeyard.app.person.StaffJoined;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.people.Absence;
import hingeyard.core.people.SecondPerson;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.plan.Worker;
import hingeyard.core.rights.Right;
import hingeyard.core.rights.Role;
import hingeyard.core.rights.Standing;
import java.sql.Date;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What the people of the shop are skilled in and when they work. */
@Service
public class Team {

    /**
     * Somebody of the shop.
     *
     * @param version what a change builds on
     */
    record Member(String username, String displayName, Set<Role> roles, Standing standing, int version, Skills skills, WorkingHours hours,
            List<Absence> absences) {

        /** Whether they do steps, and are here to do them. */
        boolean doesSteps() {
            return standing == Standing.ACTIVE && Right.DO_STEPS.of(roles);
        }

        /** Legs are planned for technicians; whoever else does steps steps in, and looks at what others did. */
        Worker worker() {
            return new Worker(displayName, skills, hours, absences, roles.contains(Role.TECHNICIAN));
        }
    }

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopBook book;
    private final ShopClock clock;

    Team(JdbcTemplate jdbc, LiveEvents live, ShopBook book, ShopClock clock) {
        this.book = book;
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<Member> everybody() {
        Map<Long, Map<Skill, SkillGrade>> grades = new HashMap<>();
        jdbc.query("SELECT person_id, skill, grade FROM person_skill", r -> {
            grades.computeIfAbsent(r.getLong(1), p -> new EnumMap<>(Skill.class)).put(Skill.valueOf(r.getString(2)),
                    SkillGrade.valueOf(r.getString(3)));
        });
        Map<Long, WorkingHours> hours = WeekGiven.keptOf(jdbc, "SELECT person_id, weekday, starts, ends FROM person_hours");
        Map<Long, List<Absence>> absences = new HashMap<>();
        jdbc.query("SELECT person_id, from_day, to_day, why FROM person_absence ORDER BY from_day", r -> {
            absences.computeIfAbsent(r.getLong(1), p -> new ArrayList<>())
                    .add(new Absence(r.getDate(2).toLocalDate(), r.getDate(3).toLocalDate(), r.getString(4)));
        });
        return jdbc.query(
                "SELECT p.id, p.username, p.display_name, p.roles, p.standing, COALESCE(v.version, 0) FROM person p LEFT JOIN person_team v ON v.person_id = p.id ORDER BY p.display_name",
                (r, n) -> new Member(r.getString(2), r.getString(3), Staff.roles(r.getString(4)), Standing.valueOf(r.getString(5)),
                        r.getInt(6),
                        new Skills(grades.getOrDefault(r.getLong(1), Map.of())),
                        hours.getOrDefault(r.getLong(1), new WorkingHours(Map.of())), absences.getOrDefault(r.getLong(1), List.of())));
    }

    /** @param name as it stands on steps; somebody whom nobody knows is skilled in nothing */
    @Transactional(readOnly = true)
    public Skills skills(String name) {
        Map<Skill, SkillGrade> grades = new EnumMap<>(Skill.class);
        jdbc.query("SELECT s.skill, s.grade FROM person_skill s JOIN person p ON p.id = s.person_id WHERE p.display_name = ?", r -> {
            grades.put(Skill.valueOf(r.getString(1)), SkillGrade.valueOf(r.getString(2)));
        }, name);
        return new Skills(grades);
    }

    /** Everybody who does steps, with what they are skilled in, and whether they work today. */
    @Transactional(readOnly = true)
    public List<SecondPerson.Hand> hands() {
        LocalDate today = clock.today();
        return everybody().stream().filter(Member::doesSteps)
                .map(m -> new SecondPerson.Hand(m.displayName, m.skills, m.worker().on(today))).toList();
    }

    /** Everybody who does steps, for whoever plans. */
    @Transactional(readOnly = true)
    public List<Worker> workers() {
        return everybody().stream().filter(Member::doesSteps).map(Member::worker).toList();
    }

    /** Somebody new is in when the shop is open, until it is said otherwise; nobody is planned for who is never in. */
    @EventListener
    @Transactional(propagation = Propagation.MANDATORY)
    void joined(StaffJoined told) {
        change(told.username(), 0, Skills.NONE, book.now().hours(), List.of());
    }

    /**
     * Writes anew what somebody is skilled in, when they work and when they are away.
     *
     * @param seen the version its writer saw
     * @throws Refused when somebody else changed it meanwhile
     */
    @Transactional
    public void change(String username, int seen, Skills skills, WorkingHours hours, List<Absence> absences) {
        List<long[]> found = jdbc.query(
                "SELECT p.id, COALESCE(v.version, 0) FROM person p LEFT JOIN person_team v ON v.person_id = p.id WHERE p.username = ? FOR UPDATE",
                (r, n) -> new long[]{r.getLong(1), r.getLong(2)}, username);
        if (found.isEmpty()) {
            throw Refused.notFound("account", username);
        }
        if (found.get(0)[1] != seen) {
            throw Refused.conflict("version", String.valueOf(seen),
                    "Somebody changed what is entered for %s a moment ago. Yours was not saved; look, and change it again if you still want to."
                            .formatted(username));
        }
        long id = found.get(0)[0];
        jdbc.update("DELETE FROM person_skill WHERE person_id = ?", id);
        skills.grades().forEach((skill, grade) -> jdbc.update("INSERT INTO person_skill (person_id, skill, grade) VALUES (?, ?, ?)", id,
                skill.name(), grade.name()));
        jdbc.update("DELETE FROM person_hours WHERE person_id = ?", id);
        hours.days().forEach((day, span) -> jdbc.update("INSERT INTO person_hours (person_id, weekday, starts, ends) VALUES (?, ?, ?, ?)",
                id, day.name(), span.from().toString(), span.to().toString()));
        jdbc.update("DELETE FROM person_absence WHERE person_id = ?", id);
        absences.forEach(a -> jdbc.update("INSERT INTO person_absence (person_id, from_day, to_day, why) VALUES (?, ?, ?, ?)", id,
                Date.valueOf(a.from()), Date.valueOf(a.to()), a.why()));
        jdbc.update("INSERT INTO person_team (person_id, version) VALUES (?, 1) ON DUPLICATE KEY UPDATE version = version + 1", id);
        live.shopChanged();
    }
}
