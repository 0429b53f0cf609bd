package hingeyard.core.made;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.made.MadePart.Block;
import hingeyard.core.made.MadePart.CableSeparator;
import hingeyard.core.explain.Making;
import hingeyard.core.made.MadePart.HalfShim;
import hingeyard.core.made.MadePart.PlugCover;
import hingeyard.core.made.MadePart.PositionStop;
import hingeyard.core.made.MadePart.Sleeve;
import hingeyard.core.made.MadePart.SpacerRing;
import hingeyard.core.made.MadePart.TieProtector;
import hingeyard.core.made.MadePart.TurnedRing;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Every made part is whole: closed, outwards, of the size that was asked, and of the volume that a formula gives. */
class MadePartTest {

    private static final Random RANDOM = new Random(31);

    private static double between(double least, double most) {
        return least + RANDOM.nextDouble() * (most - least);
    }

    private static void whole(MadePart part, double volume, double x, double y, double z) {
        Mesh mesh = part.mesh();
        assertThat(mesh.closed()).as("%s is closed", part).isTrue();
        assertThat(mesh.volume()).as("%s", part).isCloseTo(volume, within(volume * 0.01 + 1));
        double[] size = mesh.size();
        assertThat(size[0]).as("%s across", part).isCloseTo(x, within(0.1));
        assertThat(size[1]).as("%s deep", part).isCloseTo(y, within(0.1));
        assertThat(size[2]).as("%s high", part).isCloseTo(z, within(1e-9));
        assertThat(part.grams()).isCloseTo(mesh.volume() / 1000 * 1.07, within(1e-9));
        assertThat(part.minutes()).isPositive();
        assertThat(part.note()).contains("not the brittle common one");
    }

    @Test
    void rings() {
        for (int i = 0; i < 200; i++) {
            double in = between(3, 60);
            double out = between(in + 2, 100);
            double height = between(0.2, 20);
            whole(new SpacerRing(in, out, height), Math.PI * (out * out - in * in) / 4 * height, out, out, height);
        }
    }

    @Test
    void sleevesWithTheirSlit() {
        for (int i = 0; i < 200; i++) {
            double in = between(15, 58);
            double out = between(in + 0.8, 70);
            double slit = between(0.5, 6);
            double height = between(5, 40);
            double ring = Math.PI * (out * out - in * in) / 4;
            // The slit's sides are parallel: its area is a little more than a rectangle's, by the two segments.
            double cut = slit / 2 * (Math.sqrt(out * out - slit * slit) - Math.sqrt(in * in - slit * slit))
                    + out * out / 4 * (Math.asin(slit / out) - slit / out * Math.sqrt(1 - slit * slit / out / out))
                    - in * in / 4 * (Math.asin(slit / in) - slit / in * Math.sqrt(1 - slit * slit / in / in));
            double left = out / 2 + Math.sqrt(out * out - slit * slit) / 2;
            whole(new Sleeve(in, out, height, slit), (ring - cut) * height, left, out, height);
        }
    }

    @Test
    void halfShims() {
        for (int i = 0; i < 100; i++) {
            double in = between(10, 70);
            double out = between(in + 0.8, 95);
            double height = between(3, 60);
            double angle = Math.PI - 2 * Math.toRadians(3);
            double low = in / 2 * Math.sin(Math.toRadians(3));
            whole(new HalfShim(in, out, height), angle / 2 * (out * out - in * in) / 4 * height, out * Math.cos(Math.toRadians(3)),
                    out / 2 - low, height);
        }
    }

    /** A box less the tube's segment, the gap growing evenly from one end to the other. */
    @Test
    void blocksUnderATube() {
        for (int i = 0; i < 200; i++) {
            double width = between(10, 60);
            double tube = between(width + 1, 90);
            double front = between(2, 50);
            double rear = between(2, 50);
            double height = between(10, 100);
            double r = tube / 2;
            double half = Math.asin(width / tube);
            double sides = r - r * Math.cos(half);
            double under = width * sides - (half * r * r - width / 2 * r * Math.cos(half));
            whole(new Block(width, height, front, rear, tube), (width * (front + rear) / 2 + under) * height, width,
                    Math.max(front, rear) + sides, height);
        }
    }

    @Test
    void separators() {
        for (int lanes = 1; lanes <= 6; lanes++) {
            double lane = between(2, 12);
            double height = between(5, 60);
            double width = lanes * lane + (lanes + 1) * 2;
            double top = 2 + lane * 0.75;
            double r = lane / 2;
            double rest = Math.asin(0.5);
            double groove = (Math.PI + 2 * rest) / 2 * r * r + r * r * Math.cos(rest) * Math.sin(rest);
            whole(new CableSeparator(lanes, lane, height), (width * top - lanes * groove) * height, width, top, height);
        }
    }

    /** A ring's section is a rectangle less its groove; what is left open is left out of the turn, by Pappus. */
    @Test
    void collarsWithAGroove() {
        for (int i = 0; i < 100; i++) {
            double in = between(15, 80);
            double height = between(10, 40);
            whole(new PositionStop(in, height), collar(in / 2, 5, 2, 2.5, height, 14), across(in / 2 + 5, 14), in + 10, height);
            double lead = between(3, 20);
            double tie = between(2, 9);
            whole(new TieProtector(lead, tie), collar(lead / 2, 2, 0.8, 1.5, tie + 3.5, 40), across(lead / 2 + 2, 40),
                    lead + 4, tie + 3.5);
        }
    }

    /** From the back to the lips of the opening. */
    private static double across(double r, double open) {
        return r + r * Math.cos(Math.toRadians(open / 2));
    }

    private static double collar(double r, double wall, double deep, double lip, double height, double open) {
        double groove = deep * (height - 2 * lip);
        double turn = Math.toRadians(360 - open);
        return turn * (wall * height * (r + wall / 2) - groove * (r + wall - deep / 2));
    }

    @Test
    void coversWithAFloor() {
        for (int i = 0; i < 100; i++) {
            double plug = between(5, 60);
            double deep = between(5, 60);
            double in = (plug + 0.3) / 2;
            double out = in + 1.6;
            whole(new PlugCover(plug, deep), Math.PI * (out * out * (deep + 2) - in * in * deep), 2 * out, 2 * out, deep + 2);
        }
    }

    /** Of aluminium, and never printed. */
    @Test
    void turnedRings() {
        TurnedRing ring = new TurnedRing(12, 24, 4);
        double volume = Math.PI * (144 - 36) * 4;
        assertThat(ring.mesh().closed()).isTrue();
        assertThat(ring.mesh().volume()).isCloseTo(volume, within(volume * 0.01));
        assertThat(ring.grams()).isCloseTo(volume / 1000 * 2.7, within(0.1));
        assertThat(ring.minutes()).isEqualTo(16);
        assertThat(ring.said()).isEqualTo("Turned ring 12 × 24 × 4 mm, about 4 g, 16 min");
        assertThat(ring.note()).contains("Never printed");
        assertThatThrownBy(() -> new TurnedRing(12, 24, 0.9)).hasMessage("height: 0.9 mm, allowed: 1 to 40 mm");
    }

    /** What a bill keeps is what is made of it again. */
    @Test
    void aMakingIsKeptAsText() {
        Making making = Making.of("turned-ring", Length.ofMillimetres("12.2"), Length.ofMillimetres(24), Length.ofMillimetres("1.350"));
        assertThat(making.text()).isEqualTo("turned-ring 12.2 24 1.35");
        assertThat(Making.parse(making.text())).isEqualTo(making);
        assertThat(MadeKind.of(making)).isEqualTo(new TurnedRing(12.2, 24, 1.35));
        assertThat(MadeKind.of(Making.counting("cable-separator", 2, Length.ofMillimetres(5), Length.ofMillimetres(40))))
                .isEqualTo(new CableSeparator(2, 5, 40));
        assertThatThrownBy(() -> MadeKind.of(Making.parse("bracket 1"))).isInstanceOf(BenchFaultException.class)
                .hasMessageContaining("kind: bracket");
        assertThatThrownBy(() -> MadeKind.of(Making.parse("sleeve 22.2 25.4"))).hasMessageContaining("measures: 2 of them");
    }

    /** What is turned inside out or has a hole is told. */
    @Test
    void aMeshThatIsNotWholeIsNotClosed() {
        Mesh ring = new SpacerRing(10, 20, 3).mesh();
        List<int[]> less = new ArrayList<>(ring.triangles());
        less.remove(7);
        assertThat(new Mesh(ring.points(), less).closed()).isFalse();
        List<int[]> turned = new ArrayList<>(ring.triangles());
        int[] t = turned.get(7);
        turned.set(7, new int[]{t[0], t[2], t[1]});
        assertThat(new Mesh(ring.points(), turned).closed()).isFalse();
        assertThat(new Mesh(ring.points(), ring.triangles().stream().map(f -> new int[]{f[0], f[2], f[1]}).toList()).volume()).isNegative();
    }

    @Test
    void whatCannotBeMadeIsNamed() {
        assertThatThrownBy(() -> new SpacerRing(10, 11, 3)).isInstanceOf(BenchFaultException.class)
                .hasMessage("outer: 11 mm, allowed: 12 to 120 mm");
        assertThatThrownBy(() -> new Sleeve(22.2, 22.5, 20, 2)).hasMessageContaining("outer: 22.5 mm");
        assertThatThrownBy(() -> new Block(40, 30, Double.NaN, 5, 45)).hasMessageContaining("gapFront: NaN mm");
        assertThatThrownBy(() -> new Block(40, 30, 5, 5, 40)).hasMessageContaining("tube: 40 mm, allowed: 41 to 90 mm");
        assertThatThrownBy(() -> new CableSeparator(7, 5, 20)).hasMessageContaining("lanes: 7");
        assertThat(new SpacerRing(12.2, 24, 1.35).name()).isEqualTo("Spacer ring 12.2 × 24 × 1.35 mm");
        assertThat(new SpacerRing(12.2, 24, 1.35).note()).contains("never printed");
    }
}
