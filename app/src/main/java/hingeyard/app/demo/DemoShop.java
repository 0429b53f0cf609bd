package hingeyard.app.demo;

import hingeyard.app.install.Wrenches;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.Pins;
import hingeyard.core.rights.Role;
import hingeyard.app.person.Staff;
import hingeyard.app.stock.Stock;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.StockCsv;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The demo's people, kits and drawers. */
@Component
class DemoShop {

    private static final String STOCK_KEEPER = "Ines V.";

    private final Staff staff;
    private final Kits kits;
    private final Stock stock;
    private final Pins pins;
    private final Wrenches wrenches;

    DemoShop(Staff staff, Kits kits, Stock stock, Pins pins, Wrenches wrenches) {
        this.pins = pins;
        this.wrenches = wrenches;
        this.staff = staff;
        this.kits = kits;
        this.stock = stock;
    }

    private record Hand(String username, String displayName, Role role, Optional<String> pin) {

        /** Everybody knows it: the demo is for trying. */
        String password() {
            return "wharf-" + username;
        }
    }

    private static final List<Hand> HANDS = List.of(new Hand("orla", "Orla M.", Role.MANAGER, Optional.of("7410")),
            new Hand("tova", "Tova", Role.TECHNICIAN, Optional.of("2580")), new Hand("rian", "Rian", Role.TECHNICIAN, Optional.of("3692")),
            new Hand("ned", "Ned", Role.TECHNICIAN, Optional.of("1470")),
            new Hand("ines", STOCK_KEEPER, Role.STOCK_KEEPER, Optional.empty()));

    /** The hashes of all passwords and PINs: made beside the story, on another core, because each takes its time. */
    CompletableFuture<Map<String, String>> hashes() {
        return CompletableFuture.supplyAsync(() -> HANDS.stream().flatMap(h -> Stream.concat(Stream.of(h.password()), h.pin().stream()))
                .collect(Collectors.toMap(secret -> secret, staff::hash)));
    }

    void people(Map<String, String> hashes) {
        for (Hand hand : HANDS) {
            staff.add(hand.username, hand.displayName, hand.role, hashes.get(hand.password()));
            hand.pin.ifPresent(pin -> pins.keep(hand.username, hashes.get(pin)));
        }
    }

    /** Two that are in order and one that was to be calibrated last month. */
    void wrenches(LocalDate today) {
        wrenches.keep("W1", "Small click wrench", new BigDecimal("2"), new BigDecimal("25"), today.minusMonths(5), today.plusMonths(7));
        wrenches.keep("W2", "Long click wrench", new BigDecimal("20"), new BigDecimal("120"), today.minusMonths(2), today.plusMonths(10));
        wrenches.keep("W3", "Old beam wrench", new BigDecimal("10"), new BigDecimal("140"), today.minusMonths(13), today.minusMonths(1));
    }

    void kits() throws IOException {
        for (Resource sheet : new PathMatchingResourcePatternResolver().getResources("classpath:demo/kits/*.json")) {
            kits.save(sheet.getContentAsString(StandardCharsets.UTF_8), Optional.empty(), "first sheet", STOCK_KEEPER);
        }
    }

    void batteries() throws IOException {
        for (Resource sheet : new PathMatchingResourcePatternResolver().getResources("classpath:demo/batteries/*.json")) {
            kits.saveBattery(sheet.getContentAsString(StandardCharsets.UTF_8), Optional.empty(), "first sheet", STOCK_KEEPER);
        }
    }

    void drawers() throws IOException {
        for (PartSheet sheet : StockCsv.sheets(new ClassPathResource("demo/parts.csv").getContentAsString(StandardCharsets.UTF_8))) {
            stock.addPart(sheet);
            if (sheet.part().free() > 0) {
                stock.receive(sheet.part().number(), Stock.Delivery.of(sheet.part().free(), "opening count"), STOCK_KEEPER);
            }
        }
    }
}
