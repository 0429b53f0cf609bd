package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.PartCells.Wrong;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PartCellsTest {

    private static final Map<String, String> WASHER = Map.of("number", "W-1", "name", "Washer", "used as", "axle-washer", "place", "B04",
            "thickness", "1.5", "plus-minus", "0.05", "inner", "12", "outer", "24",
            "on hand", "7", "price", "0.80");

    private static Map<String, String> with(String cell, String value) {
        Map<String, String> cells = new HashMap<>(WASHER);
        cells.put(cell, value);
        return cells;
    }

    @Test
    void readsWhatItWrites() {
        List<Wrong> wrong = new ArrayList<>();
        PartSheet sheet = PartCells.read(WASHER, wrong).orElseThrow();
        assertThat(wrong).isEmpty();
        assertThat(sheet.pack()).isEqualTo(1);
        assertThat(sheet.part().free()).isEqualTo(7);
        assertThat(PartCells.read(PartCells.write(sheet), wrong)).contains(sheet);
    }

    /** Every part of the demo's list comes back as it went out, adapters, spans and lengths among them. */
    @Test
    void aWholeListComesBackAsItWasWritten() throws IOException {
        List<PartSheet> sheets = StockCsv.sheets(Files.readString(Path.of("../app/src/main/resources/demo/parts.csv")));
        assertThat(sheets).hasSizeGreaterThan(150).anyMatch(s -> s.part().facts().adapter().isPresent())
                .anyMatch(s -> s.part().facts().span().isPresent());
        assertThat(StockCsv.sheets(StockCsv.write(sheets))).isEqualTo(sheets);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"name | '' | is empty", "used as | '' | is empty",
        "used as | axle-wosher | one of axle-guard, axle-washer", "used as | chain | chain-#", "used as | bolt-m | asked for by nothing",
        "on hand | -1 | a whole number from 0 to 9999", "on hand | many | a whole number from 0 to 9999",
        "pack | 0 | a whole number from 1 to 9999", "minimum | 1.5 | a whole number from 0 to 9999",
        "lead days | soon | a whole number from 0", "thickness | thin | together, in millimetres",
        "outer | 10 | must be more than the bore", "length | 1.23456 | a length in millimetres", "from | x | from and to in millimetres",
        "plug | blade | both plugs with their amperes", "price | free | an amount such as 2.40",
        "place | a-drawer-with-far-too-long-a-name | at most 20"})
    void saysWhichCellIsWrongAndWhatIsWanted(String cell, String value, String reason) {
        List<Wrong> wrong = new ArrayList<>();
        assertThat(PartCells.read(with(cell, value), wrong)).isEmpty();
        assertThat(wrong).anySatisfy(w -> assertThat(w.reason()).contains(reason));
        assertThat(wrong).extracting(Wrong::cell).containsAnyOf(cell, "thickness");
    }

    @Test
    void aSheetWithoutAPackOrWithANegativeMinimumCannotBe() {
        DrawerPart part = new DrawerPart("W-1", "Washer", "axle-washer", "B04", 0, Optional.empty());
        assertThatThrownBy(() -> new PartSheet(part, "", 0, 0)).hasMessageContaining("pack of 0: must be at least 1");
        assertThatThrownBy(() -> new PartSheet(part, "", 1, -1)).hasMessageContaining("minimum of -1: must be 0 or more");
        assertThat(PartSheet.of(part).supplier()).isEmpty();
    }
}
