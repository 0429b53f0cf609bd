package hingeyard.core.bike;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.kit.Kit;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Every kind of bike, in pencil and measured, with a motor in each place: drawn as it was when somebody looked at the pictures. A drawing
 * that is changed on purpose is
 * looked at, and written anew with {@code -Ddrawings.write=true}.
 */
class DrawingsTest {

    private static final Path KEPT = Path.of("src", "test", "resources", "hingeyard", "core", "bike", "drawings.txt");

    @Test
    void everyDrawingIsAsItWasLookedAt() throws IOException {
        List<String> drawn = new ArrayList<>();
        for (BikeKind kind : BikeKind.values()) {
            drawn.addAll(told(kind + ", pencil", BikeGeometry.draw(kind, FrameSurvey.empty())));
            drawn.addAll(told(kind + ", measured", BikeGeometry.draw(kind, Given.survey(GivenKits.BIKE))));
            for (String family : List.of("mid", "front hold=straps", "rear-cassette hold=rack", "frame")) {
                Kit kit = GivenKits.kit(family);
                drawn.addAll(told(kind + ", " + family,
                        BikeGeometry.draw(kind, FrameSurvey.empty(), Optional.of(kit.drive().outline(kit.battery())), Ink.PLANNED,
                                Ink.FITTED))
                        .stream().filter(l -> l.contains("PLANNED") || l.contains("FITTED") || !l.startsWith(" ")).toList());
            }
        }
        String all = String.join("\n", drawn) + "\n";
        if (Boolean.getBoolean("drawings.write")) {
            Files.writeString(KEPT, all);
        }
        assertThat(all).isEqualTo(Files.readString(KEPT, StandardCharsets.UTF_8));
    }

    private static List<String> told(String what, BikeDrawing d) {
        List<String> lines = new ArrayList<>();
        lines.add("%s: %s".formatted(what, numbers(d.left(), d.bottom(), d.right(), d.top())));
        d.shapes().forEach(s -> lines.add(
                "  %s %s %s r%s w%s %s".formatted(s.part(), s.form(), s.ink(), number(s.radius()), number(s.width()), points(s.points()))));
        d.dimensions().forEach(l -> lines.add("  %s %s %s off %s %s".formatted(l.measureKey(), points(List.of(l.from(), l.to())), l.text(),
                number(l.offset()), l.measured() ? "measured" : "pencil")));
        return lines;
    }

    private static String points(List<Point> points) {
        return points.stream().map(p -> numbers(p.x(), p.y())).collect(Collectors.joining(" "));
    }

    private static String numbers(double... numbers) {
        return java.util.Arrays.stream(numbers).mapToObj(DrawingsTest::number).collect(Collectors.joining(","));
    }

    /** To the tenth of a millimetre: what nobody sees is not held. */
    private static String number(double n) {
        String said = String.format(Locale.ROOT, "%.1f", n);
        return said.equals("-0.0") ? "0.0" : said;
    }
}
