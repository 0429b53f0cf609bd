package hingeyard.app.opening;

import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.app.stock.DrawerRow;
import hingeyard.app.stock.Stock;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.KitSheetJson;
import hingeyard.formats.StockCsv;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings a set to start with; what is there already is left alone. */
@Service
class StarterSets {

    private static final List<String> KIT_SHEETS = List.of("EX-MID", "EX-FRONT", "EX-REAR");
    private static final String WHY = "example to start with";

    private final Kits kits;
    private final Stock stock;

    StarterSets(Kits kits, Stock stock) {
        this.kits = kits;
        this.stock = stock;
    }

    private static String text(String resource) {
        try {
            return new ClassPathResource("starter/" + resource).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Stream<PartSheet> newParts() {
        Set<String> known = stock.rows().stream().map(DrawerRow::number).collect(Collectors.toSet());
        return StockCsv.sheets(text("parts.csv")).stream().filter(p -> !known.contains(p.part().number()));
    }

    private Stream<String> newKits() {
        return KIT_SHEETS.stream().filter(k -> kits.text(k).isEmpty()).map(k -> text("kits/" + k + ".json"));
    }

    /** Those of which anything is not there yet. */
    @Transactional(readOnly = true)
    List<StarterSet> left() {
        return Arrays.stream(StarterSet.values()).filter(s -> (s == StarterSet.PARTS ? newParts() : newKits()).findAny().isPresent())
                .toList();
    }

    /** @return how many parts or sheets came */
    @Transactional
    int bring(StarterSet set) {
        if (set == StarterSet.PARTS) {
            List<PartSheet> parts = newParts().toList();
            parts.forEach(stock::addPart);
            return parts.size();
        }
        List<String> sheets = newKits().toList();
        sheets.forEach(s -> kits.save(s, Optional.empty(), WHY, SignedIn.name()));
        return sheets.stream().mapToInt(s -> KitSheetJson.read(s).kits().size()).sum();
    }
}
