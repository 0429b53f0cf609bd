package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StepOrderTest {

    private static Step step(String key, Posture posture, String tool, String... after) {
        return Step.called(key, key).in(Phase.MOUNT).at(posture, Zone.BARS).tools(List.of(tool)).after(List.of(after)).step();
    }

    @Test
    void gathersWhatIsDoneInOnePosture() {
        StepPlan plan = StepOrder.of(List.of(step("a", Posture.CLAMP, "x"), step("b", Posture.ON_WHEELS, "x"),
                step("c", Posture.CLAMP, "x"), step("d", Posture.ON_WHEELS, "x")));
        assertThat(plan.steps()).extracting(Step::key).containsExactly("a", "c", "b", "d");
        assertThat(plan.asTold()).isEqualTo(new Turns(3, 0, 0, 1));
        assertThat(plan.turns()).isEqualTo(new Turns(1, 0, 0, 1));
        assertThat(plan.said())
                .isEqualTo("1 turns of the bike, 0 changes of part, 1 tools picked up; as told 3, 0 and 1. No order has fewer.");
        assertThat(plan.best()).isTrue();
    }

    @Test
    void aWheelThatIsOutIsUsedWhileItIsOut() {
        Step out = Step.called("out", "out").in(Phase.MOUNT).at(Posture.CLAMP, Zone.REAR_WHEEL).wheels(List.of(WheelPlace.REAR_OUT)).step();
        Step ride = Step.called("in", "in").in(Phase.MOUNT).at(Posture.CLAMP, Zone.REAR_WHEEL).wheels(List.of(WheelPlace.REAR_IN))
                .after(List.of("out")).step();
        Step rotor = Step.called("rotor", "rotor").in(Phase.MOUNT).at(Posture.CLAMP, Zone.REAR_WHEEL).wheels(List.of(WheelPlace.REAR_OUT))
                .step();
        StepPlan plan = StepOrder.of(List.of(out, ride, rotor));
        assertThat(plan.steps()).extracting(Step::key).containsExactly("out", "rotor", "in");
        assertThat(plan.turns().wheels()).isEqualTo(2);
        assertThat(plan.asTold().wheels()).isEqualTo(3);
    }

    @Test
    void aToolInHandIsUsedAgainAndTheOrderToldDecidesTheRest() {
        StepPlan plan = StepOrder.of(List.of(step("a", Posture.CLAMP, "x"), step("b", Posture.CLAMP, "y", "a"),
                step("c", Posture.CLAMP, "x"), step("d", Posture.CLAMP, "z"), step("e", Posture.CLAMP, "v")));
        assertThat(plan.steps()).extracting(Step::key).containsExactly("a", "c", "b", "d", "e");
        assertThat(plan.turns().tools()).isEqualTo(4);
    }

    @Test
    void aPartOfTheWorkIsFinishedBeforeAnotherIsBegunThoughItCostsATool() {
        Step motor = step("motor", Posture.CLAMP, "x");
        Step nut = step("nut", Posture.CLAMP, "y");
        Step bars = Step.called("bars", "bars").in(Phase.BARS).at(Posture.CLAMP, Zone.BARS).tools(List.of("x")).step();
        StepPlan plan = StepOrder.of(List.of(motor, bars, nut));
        assertThat(plan.turns()).isEqualTo(new Turns(0, 0, 1, 2));
        assertThat(plan.steps()).extracting(Step::key).containsSubsequence("motor", "nut").element(1).as("the bars are not in between")
                .isNotEqualTo("bars");
    }

    @Test
    void noStepsAreAnEmptyList() {
        assertThat(StepOrder.of(List.of()).steps()).isEmpty();
    }

    /** Against every order there is. */
    @Test
    void noOrderIsCheaper() {
        Random random = new Random(5);
        for (int round = 0; round < 400; round++) {
            List<Step> told = List.of(StepPlannerTest.random(random, 2 + random.nextInt(7)));
            List<Step> valid = new ArrayList<>();
            assertThat(StepOrder.of(sorted(told, valid)).turns()).as("%s", told).isEqualTo(cheapest(valid, new ArrayList<>(), null));
            assertThat(StepOrder.of(valid).best()).isTrue();
        }
    }

    private static List<Step> sorted(List<Step> told, List<Step> into) {
        while (into.size() < told.size()) {
            into.add(told.stream()
                    .filter(s -> !into.contains(s) && told.stream().noneMatch(b -> !into.contains(b) && b != s && s.waitsFor(b)))
                    .findFirst().orElseThrow());
        }
        return into;
    }

    private static Turns cheapest(List<Step> all, List<Step> sofar, Turns best) {
        if (sofar.size() == all.size()) {
            Turns turns = turns(sofar);
            return best == null || turns.compareTo(best) < 0 ? turns : best;
        }
        Turns found = best;
        for (Step next : all) {
            if (!sofar.contains(next) && all.stream().noneMatch(b -> !sofar.contains(b) && b != next && next.waitsFor(b))) {
                sofar.add(next);
                found = cheapest(all, sofar, found);
                sofar.remove(sofar.size() - 1);
            }
        }
        return found;
    }

    /** Counted again, step by step. */
    private static Turns turns(List<Step> order) {
        Posture posture = null;
        boolean front = false;
        boolean rear = false;
        List<String> hand = List.of();
        int flips = 0;
        int wheels = 0;
        int tools = 0;
        int parts = 0;
        Step before = null;
        for (Step step : order) {
            if (step.posture() != Posture.ANY) {
                flips += posture != null && posture != step.posture() ? 1 : 0;
                posture = step.posture();
            }
            for (WheelPlace place : step.wheels()) {
                boolean out = place == WheelPlace.FRONT_OUT || place == WheelPlace.REAR_OUT;
                boolean isFront = place == WheelPlace.FRONT_IN || place == WheelPlace.FRONT_OUT;
                wheels += out == (isFront ? front : rear) ? 0 : 1;
                front = isFront ? out : front;
                rear = isFront ? rear : out;
            }
            for (String tool : step.tools()) {
                tools += hand.contains(tool) ? 0 : 1;
            }
            parts += before != null && !before.phase().equals(step.phase()) ? 1 : 0;
            before = step;
            hand = step.tools();
        }
        return new Turns(flips, wheels, parts, tools);
    }
}
