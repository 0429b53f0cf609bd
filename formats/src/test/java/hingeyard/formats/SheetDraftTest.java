package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.formats.SheetDraft.SheetGap;
import hingeyard.formats.SheetDraft.MissingFigure;
import hingeyard.formats.SheetForm.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A sheet that is filled in: what is missing of it is exactly what it cannot be read without. */
class SheetDraftTest {

    private static final JsonMapper MAPPER = new JsonMapper();

    /** A figure of a sheet, where it stands and what the form says of it. */
    private record Place(String path, SheetForm form) {
    }

    static Stream<String> kits() {
        return Stream.concat(GivenKits.families().stream(),
                Stream.of("mid coaster=yes;lights=6;fuse=20;settable=10", "front anti-turn=1;key=beside;wedge=40",
                        "build steerer=220", "arm eye=8;cable=300"));
    }

    private static String sheet(String kit) {
        return SheetJson.write(GivenKits.kit(kit));
    }

    private static List<Place> places(SheetForm form, JsonNode value, String path) {
        if (form.kind() == Kind.LIST) {
            List<Place> all = new ArrayList<>();
            for (int i = 0; i < value.size(); i++) {
                all.addAll(places(form.fields().get(0), value.get(i), path + "/" + i));
            }
            return all;
        }
        List<SheetForm> fields = form.kind() != Kind.DRIVE ? form.fields()
                : form.fields().stream().filter(f -> f.name().equals(value.path("mount").asString())).findFirst().orElseThrow().fields();
        return fields.stream().filter(f -> value.has(f.name())).flatMap(f -> Stream.concat(
                Stream.of(new Place(path + "/" + f.name(), f)), places(f, value.get(f.name()), path + "/" + f.name()).stream())).toList();
    }

    private static String without(String sheet, String path) {
        JsonNode root = MAPPER.readTree(sheet);
        int last = path.lastIndexOf('/');
        JsonNode holder = root.at(path.substring(0, last));
        if (holder instanceof ArrayNode list) {
            list.remove(Integer.parseInt(path.substring(last + 1)));
        } else {
            ((ObjectNode) holder).remove(path.substring(last + 1));
        }
        return MAPPER.writeValueAsString(root);
    }

    private static boolean readable(String sheet) {
        try {
            KitSheetJson.read(sheet);
            return true;
        } catch (UnreadableSheetException refused) {
            return false;
        }
    }

    private static Set<String> missing(SheetDraft draft) {
        return draft.gaps().stream().flatMap(g -> g.missing().stream()).map(MissingFigure::path)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @ParameterizedTest
    @MethodSource("kits")
    void aWholeSheetLacksNothing(String kit) {
        SheetDraft draft = SheetDraft.of(sheet(kit));
        assertThat(draft.gaps()).isEmpty();
        assertThat(draft.faults()).isEmpty();
        assertThat(draft.file()).isPresent();
    }

    /** Taken away one after the other: it is named, and nothing else is, exactly where the sheet is unreadable without. */
    @ParameterizedTest
    @MethodSource("kits")
    void whatIsTakenAwayIsNamed(String kit) {
        String sheet = sheet(kit);
        List<Place> places = places(SheetForm.kit(), MAPPER.readTree(sheet), "");
        assertThat(places).hasSizeGreaterThan(40);
        for (Place place : places) {
            String left = without(sheet, place.path);
            Set<String> missing = missing(SheetDraft.of(left));
            assertThat(missing.isEmpty()).as(place.path).isEqualTo(readable(left));
            if (!missing.isEmpty()) {
                assertThat(missing).as(place.path).allMatch(m -> m.equals(place.path) || m.startsWith(place.path + "/"));
            }
            assertThat(place.form.optional()).as(place.path).isEqualTo(readable(left));
        }
    }

    /** Each gap is told at every check that rests on the figure, and at no check of the other wheel. */
    @ParameterizedTest
    @MethodSource("kits")
    void itIsNamedAtEveryCheckThatRestsOnIt(String kit) {
        String sheet = sheet(kit);
        String end = MAPPER.readTree(sheet).path("drive").path("end").asString("");
        for (Place place : places(SheetForm.kit(), MAPPER.readTree(sheet), "")) {
            if (place.form.optional() || !place.form.fields().isEmpty()) {
                continue;
            }
            List<SheetGap> gaps = SheetDraft.of(without(sheet, place.path)).gaps();
            boolean endUnknown = place.path.equals("/drive/end");
            Set<String> checks = FitCheckCatalogue.all().stream().filter(c -> place.form.checks().contains(c.id()))
                    .filter(c -> endUnknown || end.isEmpty() || c.wheel().filter(w -> !w.name().equals(end)).isEmpty()).map(FitCheck::title)
                    .collect(Collectors.toSet());
            assertThat(gaps).extracting(SheetGap::what).as(place.path).containsAll(checks);
            Set<String> titles = FitCheckCatalogue.all().stream().map(FitCheck::title).collect(Collectors.toSet());
            assertThat(gaps.stream().map(SheetGap::what).filter(titles::contains).collect(Collectors.toSet())).as(place.path)
                    .isEqualTo(checks);
        }
    }

    @Test
    void anEmptySheetAsksForEverything() {
        SheetDraft draft = SheetDraft.of("{}");
        assertThat(missing(draft)).contains("/code", "/name", "/drive", "/controller/rated", "/battery/cellsInSeries", "/equipment/mass",
                "/contents");
        assertThat(draft.faults()).isEmpty();
        assertThat(draft.file()).isEmpty();
    }

    @Test
    void whatStandsThereAndMayNotIsAFaultAndNoGap() {
        SheetDraft draft = SheetDraft.of(sheet("roller").replace("\"28 mm\"", "\"thick mm\""));
        assertThat(draft.gaps()).isEmpty();
        assertThat(draft.faults()).singleElement().satisfies(f -> {
            assertThat(f.path()).isEqualTo("/drive/tubeLeast");
            assertThat(f.reason()).contains("thick mm", "a length");
        });
        SheetDraft bounds = SheetDraft.of(sheet("roller").replace("\"28 mm\"", "\"2 mm\""));
        assertThat(bounds.faults()).singleElement()
                .satisfies(f -> assertThat(f.reason()).isEqualTo("tubes from 2.0 mm: must be from 5 to 200 mm"));
    }

    /** A fault is told while something else is missing still. */
    @Test
    void bothAreToldAtOnce() {
        SheetDraft draft = SheetDraft.of(without(sheet("roller").replace("\"28 mm\"", "\"thick mm\""), "/drive/armLeast"));
        assertThat(missing(draft)).containsExactly("/drive/armLeast");
        assertThat(draft.faults()).extracting(UnreadableSheetException.Fault::path).containsExactly("/drive/tubeLeast");
    }

    /** What only a variant lacks is told as well: or a sheet would be called whole and could not be saved. */
    @Test
    void aVariantThatTakesAwayWhatIsWantedIsTold() {
        ObjectNode sheet = (ObjectNode) MAPPER.readTree(sheet("roller"));
        ObjectNode variant = sheet.putArray("variants").addObject().put("code", "OTHER");
        variant.putObject("change").putObject("drive").putNull("tubeLeast");
        SheetDraft draft = SheetDraft.of(MAPPER.writeValueAsString(sheet));
        assertThat(draft.file()).isEmpty();
        assertThat(draft.gaps()).isEmpty();
        assertThat(draft.faults()).singleElement().satisfies(f -> {
            assertThat(f.path()).startsWith("/variants/0/change");
            assertThat(f.reason()).contains("tubeLeast");
        });
    }

    @Test
    void whatIsNoJsonIsRefused() {
        assertThatThrownBy(() -> SheetDraft.of("{")).isInstanceOf(UnreadableSheetException.class);
    }

    @Test
    void noFieldIsWithoutWordsAndNoChoiceWithoutLabel() {
        List<SheetForm> all = new ArrayList<>();
        gather(SheetForm.kit(), all);
        gather(SheetForm.battery(), all);
        assertThat(all).hasSizeGreaterThan(200).allSatisfy(f -> {
            assertThat(f.title()).isNotBlank();
            assertThat(f.choices()).allSatisfy(c -> assertThat(c.label()).isNotBlank().isNotEqualTo(c.value()));
            assertThat(f.choices().isEmpty()).isEqualTo(f.kind() != Kind.CHOICE && f.kind() != Kind.DRIVE);
            if (f.kind() == Kind.QUANTITY || f.kind() == Kind.RANGE) {
                assertThat(f.unit()).as(f.title()).isNotBlank();
            }
        });
    }

    private static void gather(SheetForm form, List<SheetForm> all) {
        all.add(form);
        form.fields().forEach(f -> gather(f, all));
    }
}
