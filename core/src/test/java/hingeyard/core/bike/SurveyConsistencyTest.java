package hingeyard.core.bike;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurveyConsistencyTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        // Both sides of each rule; empty where the values may all be true.
        "rear.cog-largest=14;rear.cog-smallest=16 | cog-order", "rear.cog-largest=16;rear.cog-smallest=16 | ",
        "rear.cog-largest=16;rear.cog-smallest=14;rear.cogs=8 | cog-count", "rear.cog-largest=34;rear.cog-smallest=11;rear.cogs=8 | ",
        "rear.over-locknut=135;rear.thru-axle=197 | rear-axle-width", "rear.over-locknut=142.4;rear.thru-axle=142 | ",
        "rear.over-locknut=144;rear.thru-axle=142 | rear-axle-width", "rear.over-locknut=143.6;rear.thru-axle=142 | ",
        "rear.dropout-kind=open-slot;rear.thru-axle=142 | rear-axle-kind", "rear.dropout-kind=thru-axle;rear.thru-axle=142 | ",
        "front.over-locknut=100;front.thru-axle=110 | front-axle-width", "rear.tyre-width=60;rear.clear-width=55 | rear-tyre-between-stays",
        "rear.tyre-width=47;rear.clear-width=55 | ", "front.rim-inner-width=50;front.tyre-width=40 | front-rim-in-tyre",
        "triangle.down-boss-low=200;triangle.down-boss-high=136 | down-bosses",
        "triangle.head-bottom-up=600;triangle.head-top-up=450 | head-tube-ends",
        "triangle.shock-length=190;triangle.shock-length-full=200 | shock-travel", "bike.mass=120;bike.permitted-mass=110 | mass-permitted",
        "bracket.standard=iso;bracket.bore=41 | shell-bore", "bracket.standard=iso;bracket.bore=33.7 | ",
        "bracket.standard=none;bracket.shell-width=73 | shell-none",
        "triangle.seat-tube=200;triangle.down-tube=900;triangle.top-tube=300 | triangle-closes",
        "triangle.seat-tube=520;triangle.down-tube=640;triangle.top-tube=570 | ",
        // Each pair where it is just so, and just not.
        "rear.cog-largest=18;rear.cog-smallest=11;rear.cogs=8 | ", "rear.cog-largest=17;rear.cog-smallest=11;rear.cogs=8 | cog-count",
        "rear.cog-largest=16;rear.cog-smallest=16;rear.cogs=1 | ",
        "rear.cog-largest=17;rear.cog-smallest=16;rear.cogs=1 | cog-count", "bike.mass=110;bike.permitted-mass=110 | mass-permitted",
        "bike.mass=109;bike.permitted-mass=110 | ",
        "front.tyre-width=60;front.clear-width=55 | front-tyre-between-blades",
        "front.tyre-width=55;front.clear-width=55 | front-tyre-between-blades", "front.tyre-width=54;front.clear-width=55 | ",
        "rear.rim-inner-width=50;rear.tyre-width=40 | rear-rim-in-tyre", "rear.rim-inner-width=19;rear.tyre-width=40 | ",
        "front.rim-inner-width=19;front.tyre-width=40 | ",
        "rear.rotor-diameter=220;rear.bead-seat=203 | rear-rotor-in-rim",
        "front.rotor-diameter=220;front.bead-seat=203 | front-rotor-in-rim", "front.rotor-diameter=180;front.bead-seat=622 | ",
        "triangle.seat-boss-low=200;triangle.seat-boss-high=136 | seat-bosses", "triangle.seat-boss-low=136;triangle.seat-boss-high=200 | ",
        "triangle.down-boss-low=136;triangle.down-boss-high=200 | ",
        "bracket.down-tube-distance=90;triangle.down-tube=600 | ", "triangle.shock-length=200;triangle.shock-length-full=150 | ",
        "triangle.head-bottom-up=450;triangle.head-top-up=600 | ",
        "front.over-locknut=110;front.thru-axle=110 | ", "front.dropout-kind=open-slot;front.thru-axle=110 | front-axle-kind",
        "front.brake-kind=rim;front.rotor-diameter=160 | front-rotor-without-disc",
        "rear.brake-kind=rim;rear.rotor-diameter=160 | rear-rotor-without-disc", "rear.brake-kind=disc;rear.rotor-diameter=160 | "})
    void whatCannotAllBeTrueIsTold(String readings, String rule) {
        List<Contradiction> found = SurveyConsistency.of(Given.survey(readings));
        assertThat(found).extracting(Contradiction::id).isEqualTo(rule == null ? List.of() : Arrays.asList(rule.split(",")));
        assertThat(found).allSatisfy(c -> {
            assertThat(c.sentence()).contains("do not");
            assertThat(c.measures()).hasSizeGreaterThan(1);
        });
    }

    @Test
    void theReadingThatBringsItIsToldAtOnce() {
        FrameSurvey before = Given.survey("rear.over-locknut=135");
        Reading axle = Given.survey("rear.thru-axle=197").reading(RearMeasures.THRU_AXLE).orElseThrow();
        assertThat(SurveyConsistency.broughtBy(axle, before)).extracting(Contradiction::id).containsExactly("rear-axle-width");
        Reading other = Given.survey("bike.mass=14").reading(WholeMeasures.MASS).orElseThrow();
        assertThat(SurveyConsistency.broughtBy(other, before.with(axle))).isEmpty();
    }

    @Test
    void unusualIsAskedImpossibleIsRefused() {
        assertThat(MeasureEntry.doubt(read("bracket.shell-width=64"))).get().asString()
                .contains("Shell width: 64.0 mm is unusual; most are 68–120 mm");
        assertThat(MeasureEntry.doubt(read("bracket.shell-width=68"))).isEmpty();
        assertThat(MeasureEntry.doubt(read("bike.mass=3"))).get().asString().contains("3 kg is unusual");
        assertThat(MeasureEntry.doubt(read("bracket.standard=iso"))).isEmpty();
    }

    private static Reading read(String keyValue) {
        return Given.survey(keyValue).readings().iterator().next();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"rear.chainstay=445@CALIPER | rear.chainstay=440@TAPE | REPLACES",
        "rear.chainstay=445@ESTIMATE | rear.chainstay=440@TAPE | KEPT_BACK",
        "rear.chainstay=445@TAPE | bracket.height=280 | NEW", "rear.chainstay=445@TAPE | rear.chainstay=445@TAPE | SAME",
        "rear.chainstay=445@DATA_SHEET | rear.chainstay=440@CALIPER | KEPT_BACK",
        "rear.chainstay=445@CALIPER | rear.chainstay=440@ESTIMATE | REPLACES"})
    void aSurerValueIsNeverSilentlyReplaced(String incoming, String survey, SurveyMerge.Outcome outcome) {
        SurveyMerge.Line line = SurveyMerge.plan(BikeKind.DIAMOND, Given.survey(survey), Given.survey(incoming).readings()).get(0);
        assertThat(line.outcome()).isEqualTo(outcome);
        assertThat(line.entersByItself()).isEqualTo(outcome == SurveyMerge.Outcome.NEW || outcome == SurveyMerge.Outcome.REPLACES);
    }

    @Test
    void whatAKindDoesNotHaveIsLeftOut() {
        assertThat(SurveyMerge.plan(BikeKind.STAND_UP_TRIKE, FrameSurvey.empty(), Given.survey("bracket.shell-width=68").readings()).get(0)
                .outcome())
                .isEqualTo(SurveyMerge.Outcome.NOT_ON_THIS_KIND);
    }

    @Test
    void theCatalogueIsCompleteAndEveryMeasureCanBeShown() {
        assertThat(MeasureCatalogue.all()).hasSizeGreaterThan(110).allSatisfy(m -> {
            assertThat(m.how()).as(m.key()).hasSizeGreaterThan(5);
            assertThat(m.tools()).as(m.key()).contains(m.tool());
            assertThat(MeasureSketches.of(m).shapes()).as(m.key()).isNotEmpty();
        });
        assertThat(MeasureCatalogue.of(BikeKind.STAND_UP_TRIKE)).noneMatch(m -> m.key().startsWith("bracket."));
        assertThat(MeasureCatalogue.of(BikeKind.DIAMOND)).noneMatch(m -> m.key().startsWith("arm."));
    }
}
