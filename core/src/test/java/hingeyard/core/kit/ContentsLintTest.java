package hingeyard.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.GivenKits;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContentsLintTest {

    private static Kit with(String kit, KitItem item) {
        Kit k = GivenKits.kit(kit);
        List<KitItem> contents = new ArrayList<>(k.contents());
        contents.removeIf(i -> i.role().equals(item.role()));
        contents.add(item);
        return new Kit(k.code(), k.maker(), k.name(), k.drive(), k.controller(), k.battery(), k.equipment(), contents);
    }

    /** GivenKits: 42 teeth, bead seat 622, a ring that splits, levers for cables. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"mid | chainring | Chainring 42 with screws | 0", "mid | chainring | Chainring 44 with screws | 1",
        "mid | chainring | Chainring with screws | 0", "mid teeth=34 | chainring | Chainring 42 with screws | 1",
        "front | motor-wheel | Motor wheel 622 | 0", "front | motor-wheel | Motor wheel 507 | 1",
        "front | pedal-sensor | Pedal sensor, split ring | 0", "front | pedal-sensor | Pedal sensor, wireless | 1",
        "mid | levers | Brake levers with switch, pair | 0", "mid cut-off=clip_on | levers | Brake levers with switch, pair | 1",
        "mid cut-off=clip_on | levers | Brake sensors, clip-on, pair | 0",
        "mid | battery | Battery of another name | 1"})
    void saysWhatContradictsTheSheet(String kit, String role, String name, int times) {
        Kit linted = with(kit, KitItem.of(name, 1, role));
        assertThat(ContentsLint.of(linted).stream().filter(s -> s.contains("“" + name + "”"))).as("%s", ContentsLint.of(linted))
                .hasSize(times);
    }

    /** What lies in the box and in no figure is judged by no check and has no step: the sheet is told so. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"roller | speed-sensor | 1", "mid | speed-sensor | 0", "arm | display | 0"})
    void whatIsInTheBoxIsInTheFiguresToo(String kit, String role, int times) {
        Kit linted = with(kit, KitItem.of("Part of the box", 1, role));
        assertThat(ContentsLint.of(linted).stream().filter(s -> s.contains("“Part of the box”") && s.contains("no check and no step")))
                .as("%s: %s", linted.equipment().speedSensor(), ContentsLint.of(linted)).hasSize(times);
    }

    @Test
    void aPieceIsAsThickAsItIsCalled() {
        Kit thin = with("mid", KitItem.piece("Bracket spacer 2.5", 1, "bracket-spacer", PieceSize.of("2", "0.05", "34", "42")));
        assertThat(ContentsLint.of(thin)).anyMatch(s -> s.contains("Bracket spacer 2.5") && s.contains("2 mm thick"));
        Kit right = with("mid", KitItem.piece("Bracket spacer 2.5", 1, "bracket-spacer", PieceSize.of("2.5", "0.05", "34", "42")));
        assertThat(ContentsLint.of(right)).noneMatch(s -> s.contains("Bracket spacer"));
    }
}
