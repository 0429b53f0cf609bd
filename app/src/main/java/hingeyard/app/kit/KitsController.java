package hingeyard.app.kit;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.DrawerRow;
import hingeyard.app.stock.Stock;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.ContentsLint;
import hingeyard.core.kit.Kit;
import hingeyard.formats.KitSheetJson;
import hingeyard.formats.KitSheetFile;
import hingeyard.formats.PriceCsv;
import hingeyard.formats.SheetSchema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Kit sheets, battery sheets and prices. */
@RestController
class KitsController {

    private static final int MOST = 400_000;

    record VariantHead(String code, String name, String battery, int boxesFree) {
    }

    record SheetHead(String code, String maker, String name, String family, List<VariantHead> variants) {
    }

    record BatteryHead(String code, String name, String voltage, String watts, String mass, String hold, int free) {
    }

    record Shelf(List<SheetHead> sheets, List<BatteryHead> batteries) {
    }

    /**
     * @param text the sheet as JSON; @param version what a change builds on; @param contradictions where its contents name otherwise than
     *             its own figures
     */
    record SheetText(String code, String text, int version, List<Kits.SheetChange> history, List<String> contradictions) {
    }

    record NewSheet(@NotBlank(message = "a sheet's text") @Size(max = MOST, message = "at most 400 kB") String text,
            @NotNull(message = "the version looked at, nothing for a new sheet") Optional<Integer> seen,
            @NotBlank(message = "a reason") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record Prices(@NotBlank(message = "a price list as CSV") @Size(max = MOST, message = "at most 400 kB") String csv) {
    }

    record PricesSet(int count) {
    }

    private final Kits kits;
    private final Stock stock;
    private final Commands commands;

    KitsController(Kits kits, Stock stock, Commands commands) {
        this.kits = kits;
        this.stock = stock;
        this.commands = commands;
    }

    @GetMapping("/api/kits")
    Shelf shelf() {
        Map<String, Integer> free = stock.rows().stream().collect(Collectors.toMap(DrawerRow::number, DrawerRow::free));
        List<SheetHead> sheets = kits.files().stream().map(f -> head(f, free)).toList();
        return new Shelf(sheets, kits.batteries().stream().map(b -> head(b, free)).toList());
    }

    private static SheetHead head(KitSheetFile file, Map<String, Integer> free) {
        Kit first = file.kits().get(0);
        return new SheetHead(file.code(), first.maker(), first.name(), first.drive().family(), file.kits().stream()
                .map(k -> new VariantHead(k.code(), k.name(), k.battery().name(), free.getOrDefault(k.code(), 0))).toList());
    }

    private static BatteryHead head(Battery b, Map<String, Integer> free) {
        return new BatteryHead(b.code(), b.name(), b.soldAs().text(), "%.0f Wh".formatted(b.wattHours()), b.mass().text(),
                b.casing().hold().label(), free.getOrDefault(b.code(), 0));
    }

    @GetMapping("/api/kits/{sheet}")
    SheetText sheet(@PathVariable(name = "sheet") String sheet) {
        String text = kits.text(sheet).orElseThrow(() -> Refused.notFound("kit sheet", sheet));
        return new SheetText(sheet, text, kits.version(sheet),
                kits.changes(sheet),
                KitSheetJson.read(text).kits().stream().flatMap(k -> ContentsLint.of(k).stream()).toList());
    }

    @GetMapping("/api/batteries/{battery}")
    SheetText battery(@PathVariable(name = "battery") String battery) {
        Kits.SheetNow now = kits.batteryText(battery).orElseThrow(() -> Refused.notFound("battery", battery));
        return new SheetText(battery, now.text(), now.version(), kits.batteryChanges(battery), List.of());
    }

    @PostMapping("/api/kits")
    SheetText save(@Valid @RequestBody NewSheet sheet, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        String code = commands.once(key, String.class, () -> kits.save(sheet.text(), sheet.seen(), sheet.reason(), SignedIn.name()).code());
        return sheet(code);
    }

    @PostMapping("/api/batteries")
    SheetText saveBattery(@Valid @RequestBody NewSheet sheet, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return battery(commands.once(key, String.class,
                () -> kits.saveBattery(sheet.text(), sheet.seen(), sheet.reason(), SignedIn.name()).code()));
    }

    /** All prices of a list or none. */
    @PostMapping("/api/prices")
    PricesSet prices(@Valid @RequestBody Prices prices, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return new PricesSet(commands.once(key, Integer.class, () -> stock.setPrices(PriceCsv.read(prices.csv()))));
    }

    @GetMapping(path = "/api/prices", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> priceList() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("prices.csv").build().toString())
                .body(PriceCsv.write(stock.prices()));
    }

    @GetMapping(path = "/api/battery-schema", produces = MediaType.APPLICATION_JSON_VALUE)
    String batterySchema() {
        return SheetSchema.batteryText();
    }

    @GetMapping(path = "/api/kit-schema", produces = MediaType.APPLICATION_JSON_VALUE)
    String schema() {
        return SheetSchema.kitText();
    }
}
