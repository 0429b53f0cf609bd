package hingeyard.app.demo;

import hingeyard.app.install.Wrenches;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.Pins;
import hingeyard.core.rights.Role;
import hingeyard.app.person.Staff;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.shop.Team;
import hingeyard.app.stock.Stock;
import hingeyard.core.booking.WorkingDays;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.Absence;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.people.WorkingHours.Span;
import hingeyard.core.quantity.Mass;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.StockCsv;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    /** The hash of no password. */
    private static final String NO_WAY_IN = "";

    private final Staff staff;
    private final Kits kits;
    private final Stock stock;
    private final Pins pins;
    private final Wrenches wrenches;
    private final Team team;
    private final ShopBook shop;

    DemoShop(Staff staff, Kits kits, Stock stock, Pins pins, Wrenches wrenches, Team team, ShopBook shop) {
        this.team = team;
        this.shop = shop;
        this.pins = pins;
        this.wrenches = wrenches;
        this.staff = staff;
        this.kits = kits;
        this.stock = stock;
    }

    private record Hand(String username, String displayName, Role role, Optional<String> pin, Skills skills) {

        /** Everybody knows it: the demo is for trying. */
        String password() {
            return "wharf-" + username;
        }
    }

    private static final List<Hand> HANDS = List.of(
            new Hand("orla", "Orla M.", Role.MANAGER, Optional.of("7410"), Skills.all().without(Skill.WELDING)),
            new Hand("tova", "Tova", Role.TECHNICIAN, Optional.of("2580"), Skills.all().without(Skill.WELDING)),
            new Hand("rian", "Rian", Role.TECHNICIAN, Optional.of("3692"), Skills.all()),
            new Hand("ned", "Ned", Role.TECHNICIAN, Optional.of("1470"),
                    Skills.all().without(Skill.WELDING).with(Skill.ELECTRICS, SkillGrade.LEARNING)),
            // Whoever opens the boxes also proves a motor on the bench.
            new Hand("ines", STOCK_KEEPER, Role.STOCK_KEEPER, Optional.empty(), Skills.NONE.with(Skill.ELECTRICS, SkillGrade.SKILLED)));

    /** The clamp stands and what each carries; the last two take what is heavy. */
    private static final List<Stand> STANDS = List.of(new Stand(1, "", Stand.Holding.CLAMP, kilograms("50")),
            new Stand(2, "", Stand.Holding.CLAMP, kilograms("50")), new Stand(3, "", Stand.Holding.CLAMP, kilograms("50")),
            new Stand(4, "at the window", Stand.Holding.CLAMP, kilograms("30")), new Stand(5, "lift", Stand.Holding.FLOOR, kilograms("90")),
            new Stand(6, "wheels and frames", Stand.Holding.BENCH, kilograms("60")));

    /** What there is one or two of: a job waits for it while another has it. */
    private static final List<SpecialTool> TOOLS = List.of(new SpecialTool("bleed kit for its fluid", 1),
            new SpecialTool("crank puller, square or splined tip", 2), new SpecialTool("crimper", 2),
            new SpecialTool("dial gauge on an arm", 1), new SpecialTool("sleeve press", 1));

    private static Optional<Mass> kilograms(String kilograms) {
        return Optional.of(Mass.ofKilograms(kilograms));
    }

    private static WorkingHours week(LocalTime from, LocalTime to, DayOfWeek last) {
        return new WorkingHours(EnumSet.range(DayOfWeek.MONDAY, last).stream().collect(Collectors.toMap(d -> d, d -> new Span(from, to))));
    }

    /** The hashes of all passwords and PINs: made beside the story, on another core, because each takes its time. */
    CompletableFuture<Map<String, String>> hashes() {
        return CompletableFuture.supplyAsync(() -> HANDS.stream().flatMap(h -> Stream.concat(Stream.of(h.password()), h.pin().stream()))
                .collect(Collectors.toMap(secret -> secret, staff::hash)));
    }

    /** Nobody can sign in before the doors have their keys. */
    void people(LocalDate today) {
        LocalDate course = WorkingDays.after(today, 2);
        for (Hand hand : HANDS) {
            staff.add(hand.username, hand.displayName, Set.of(hand.role), NO_WAY_IN);
            team.change(hand.username, 0, hand.skills, week(LocalTime.of(8, 0), LocalTime.of(17, 0),
                    hand.role == Role.STOCK_KEEPER ? DayOfWeek.THURSDAY : DayOfWeek.FRIDAY),
                    // The day after tomorrow one of them sits in a classroom.
                    hand.username.equals("ned") ? List.of(new Absence(course, course, "electrics course")) : List.of());
        }
    }

    void keys(Map<String, String> hashes) {
        for (Hand hand : HANDS) {
            staff.keep(hand.username, hashes.get(hand.password()));
            hand.pin.ifPresent(pin -> pins.keep(hand.username, hashes.get(pin)));
        }
    }

    /** Six stands, a working week, and two days in three weeks on which the drawers are counted. */
    void house(LocalDate today) {
        LocalDate stocktaking = WorkingDays.after(today, 15);
        shop.change(shop.now().version(), STANDS, week(LocalTime.of(8, 0), LocalTime.of(17, 30), DayOfWeek.FRIDAY),
                Map.of(stocktaking, "stocktaking", WorkingDays.after(stocktaking, 1), "stocktaking"), TOOLS);
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
