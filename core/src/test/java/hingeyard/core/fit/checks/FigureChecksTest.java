package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.form.ChangedFigures;
import hingeyard.core.kit.form.ChangedFigures.Changed;
import hingeyard.core.kit.form.SheetUse;
import hingeyard.core.kit.form.SheetWords;
import hingeyard.core.kit.form.SheetWords.Word;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Which checks rest on which figure of a sheet, found out without asking the checks: in every worked case each figure is changed, taken
 * away or doubled, and the check whose answer changes rests on it. Written anew with {@code -Dchecks.write=true}.
 */
class FigureChecksTest {

    private static final Path FILE = Path.of("src/main/resources/hingeyard/core/kit/form/figure-checks.properties");
    private static final Map<String, Word> WORDS = SheetWords.all().stream().collect(Collectors.toMap(Word::key, w -> w));

    @Test
    void theListSaysWhatEachFigureDecides() throws IOException {
        Map<String, Set<String>> found = new TreeMap<>();
        FitCheckCatalogue.all().parallelStream().map(c -> Map.entry(c.id(), figuresOf(c)))
                .forEachOrdered(c -> c.getValue().forEach(f -> found.computeIfAbsent(f, k -> new TreeSet<>()).add(c.getKey())));
        List<String> lines = new ArrayList<>(List.of("# Figure of a sheet: the checks whose answer rests on it."));
        found.forEach((figure, checks) -> lines.add(figure + ": " + String.join(", ", checks)));
        if (Boolean.getBoolean("checks.write")) {
            Files.write(FILE, lines);
        }
        assertThat(lines).isEqualTo(Files.readAllLines(FILE));
        assertThat(WORDS.keySet()).as("a figure that decides something has words").containsAll(found.keySet());
    }

    /** A figure that decides nothing, and of which nobody says what it is for, would be asked for in vain. */
    @Test
    void noFigureIsAskedForInVain() {
        assertThat(SheetWords.all()).filteredOn(w -> w.checks().isEmpty() && w.uses().isEmpty()).extracting(Word::key)
                .as("groups of figures, whose own figures say what they are for")
                .containsExactlyInAnyOrder("Kit.drive", "Kit.controller", "Kit.battery", "Kit.equipment", "BracketBody.ring",
                        "BracketBody.fixing", "HubDrive.axle", "HubDrive.wheel", "NoDrive.steerer", "Controller.plug", "Controller.supply",
                        "Controller.lights", "Battery.casing", "Battery.plug", "Battery.charger", "Equipment.speedSensor", "Lead.plug");
    }

    /** What a thing is called stands in many answers and decides none. */
    private static Set<String> figuresOf(FitCheck check) {
        Set<String> found = new TreeSet<>();
        Map<Kit, List<Changed>> changes = new HashMap<>();
        for (FitCase given : RowsByCheck.given(check.id())) {
            String before = said(check, given, given.kit());
            for (Changed changed : changes.computeIfAbsent(given.kit(), ChangedFigures::of)) {
                Word word = WORDS.get(changed.figure());
                boolean name = word != null && word.uses().contains(SheetUse.NAME);
                if (!name && !found.contains(changed.figure()) && check.concerns(changed.kit())
                        && !said(check, given, changed.kit()).equals(before)) {
                    found.add(changed.figure());
                }
            }
        }
        return found;
    }

    private static String said(FitCheck check, FitCase given, Kit kit) {
        Finding finding = check.assess(new FitCase(given.bike(), kit, given.drawers(), given.rules()));
        return finding.verdict() + " " + finding.margin().text() + " " + RemediesSaid.of(finding) + " " + Said.of(finding);
    }
}
