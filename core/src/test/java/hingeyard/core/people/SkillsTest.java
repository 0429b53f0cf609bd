package hingeyard.core.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.people.SecondPerson.Hand;
import hingeyard.core.people.WorkingHours.Span;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SkillsTest {

    private static final Skills LEARNER = Skills.NONE.with(Skill.WHEELS, SkillGrade.SKILLED).with(Skill.ELECTRICS, SkillGrade.LEARNING);

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "general               | ",
        "wheels                | ",
        "electrics             | Learning electrics: somebody skilled in it looks at it afterwards.",
        "brakes and hydraulics | Not skilled in brakes and hydraulics: somebody who is looks at it afterwards.",
        "welding               | Not skilled in welding: somebody who is looks at it afterwards."})
    void whoIsNotSkilledInAWorkIsTold(String work, String told) {
        assertThat(LEARNER.alone(work).allowed()).isEqualTo(told == null);
        assertThat(LEARNER.alone(work).reason()).isEqualTo(told == null ? "" : told);
    }

    @ParameterizedTest
    @EnumSource(Skill.class)
    void whoIsSkilledInEverythingDoesEverythingAloneUntilOneIsTakenAway(Skill skill) {
        assertThat(Skills.all().alone(skill.label()).allowed()).isTrue();
        assertThat(Skills.all().without(skill).alone(skill.label()).allowed()).isFalse();
        assertThat(Skills.all().with(skill, SkillGrade.LEARNING).skilledIn(skill)).isFalse();
        assertThat(Skill.named(skill.label())).contains(skill);
        assertThat(Skill.known(skill.label())).isTrue();
        assertThat(SecondPerson.mayLook(skill, Skills.all()).allowed()).isTrue();
        assertThat(SecondPerson.mayLook(skill, Skills.all().with(skill, SkillGrade.LEARNING)).reason()).contains(skill.label());
    }

    @Test
    void whatNobodyCallsASkillIsNone() {
        assertThat(Skill.known("general")).isTrue();
        assertThat(Skill.known("Wheels")).isFalse();
        assertThat(Skill.known("")).isFalse();
        assertThat(Skill.all()).isEqualTo("general, wheels, brakes and hydraulics, electrics, machining, welding");
    }

    private static Hand hand(String name, boolean in) {
        return new Hand(name, Skills.all(), in);
    }

    @Test
    void whoCouldLookIsNamedFirstWhoIsIn() {
        List<Hand> people = List.of(hand("Tova", false), hand("Rian", true), hand("Orla", true), new Hand("Ned", LEARNER, true));
        List<Hand> can = SecondPerson.whoCan(Skill.ELECTRICS, people, Set.of("Rian"));
        assertThat(can).extracting(Hand::name).containsExactly("Orla", "Tova");
        assertThat(SecondPerson.said(Skill.ELECTRICS, can)).isEqualTo("Skilled in electrics and in today: Orla.");
        assertThat(SecondPerson.said(Skill.ELECTRICS, List.of(hand("Tova", false))))
                .isEqualTo("Skilled in electrics, but not in today: Tova.");
        assertThat(SecondPerson.said(Skill.WELDING, List.of())).startsWith("Nobody else of the shop is skilled in welding");
    }

    @Test
    void aWeekHasItsHours() {
        WorkingHours week = new WorkingHours(Map.of(DayOfWeek.MONDAY, new Span(LocalTime.of(8, 0), LocalTime.of(12, 30)),
                DayOfWeek.SATURDAY, new Span(LocalTime.of(9, 0), LocalTime.of(11, 0))));
        assertThat(week.minutes()).isEqualTo(390);
        assertThat(week.on(DayOfWeek.SATURDAY)).isTrue();
        assertThat(week.on(DayOfWeek.SUNDAY)).isFalse();
        assertThatThrownBy(() -> new Span(LocalTime.of(9, 0), LocalTime.of(9, 0))).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("09:00 to 09:00");
    }
}
