package hingeyard.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.ContentsLint;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import hingeyard.formats.KitSheetJson;
import hingeyard.formats.StockCsv;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every demo pair and ten thousand made-up bikes before a judge who shares no line with the checks: nowhere "fits" where bodies overlap,
 * nowhere "does not fit" where everything is roomy.
 */
class PlausibilitySweepTest {

    private static final int MADE_UP = 10_000;
    private static final FitAssessor ASSESSOR = new FitAssessor(FitCheckCatalogue.all());
    private static final Instant TUESDAY = Instant.parse("2026-03-24T09:00:00Z");
    private static final Path DEMO = Path.of("src/main/resources/demo");
    private static final List<String> KITS = List.of("mid", "mid teeth=52;plane=20", "mid coaster=yes", "front",
            "front shoulders=98;box=axle-washer:1:2", "rear-cassette", "rear-thread", "rear-cassette rotor=no", "roller", "mid hold=rack",
            "front hold=bag", "mid cells=14", "mid pack=500", "frame", "front rim-offset=3");

    private static Map<String, String> readings(String said) {
        Map<String, String> readings = new LinkedHashMap<>();
        Stream.of(said.split(";")).map(String::strip).filter(r -> !r.isEmpty())
                .forEach(r -> readings.put(r.split("=")[0], r.split("=")[1]));
        return readings;
    }

    private static FrameSurvey survey(Map<String, String> readings) {
        FrameSurvey survey = FrameSurvey.empty();
        for (Map.Entry<String, String> r : readings.entrySet()) {
            Measure measure = MeasureCatalogue.find(r.getKey()).orElseThrow();
            survey = survey.with(MeasureEntry.read(measure, r.getValue(), measure.tool(), "Tova", TUESDAY));
        }
        return survey;
    }

    private static FitReport match(BikeKind kind, Map<String, String> bike, Kit kit, Drawers drawers) {
        return ASSESSOR
                .assess(new FitCase(new FitCase.Bike(kind, survey(bike), RiderNeed.none(), Set.of()), kit, drawers, ShopRules.standard()));
    }

    private static List<Kit> demoKits() throws IOException {
        List<Kit> kits = new ArrayList<>();
        try (Stream<Path> sheets = Files.list(DEMO.resolve("kits"))) {
            for (Path sheet : sheets.sorted().toList()) {
                kits.addAll(KitSheetJson.read(Files.readString(sheet)).kits());
            }
        }
        List<Battery> batteries = new ArrayList<>();
        try (Stream<Path> sheets = Files.list(DEMO.resolve("batteries"))) {
            for (Path sheet : sheets.sorted().toList()) {
                batteries.add(KitSheetJson.readBattery(Files.readString(sheet)));
            }
        }
        List<Kit> all = new ArrayList<>(kits);
        kits.stream().filter(k -> k.equipment().motor().isPresent())
                .forEach(k -> batteries.stream().filter(k::takes).forEach(b -> all.add(k.with(b))));
        return all;
    }

    private static Map<String, Map<String, String>> demoBikes() {
        Map<String, Map<String, String>> bikes = new LinkedHashMap<>();
        bikes.put("DIAMOND tourer 68", readings(DemoSurveys.tourer("68", "steel")));
        bikes.put("DIAMOND tourer 73", readings(DemoSurveys.tourer("73", "steel")));
        bikes.put("DIAMOND carbon fork", readings(DemoSurveys.tourer("73", "carbon")));
        bikes.put("STEP_THROUGH", readings(DemoSurveys.stepThrough("68")));
        bikes.put("LONG_TAIL", readings(DemoSurveys.longTail()));
        bikes.put("FAT_TYRE", readings(DemoSurveys.fatTyre()));
        bikes.put("FULL_SUSPENSION", readings(DemoSurveys.trail()));
        bikes.put("BOX_CARGO", readings(DemoSurveys.box()));
        bikes.put("DIAMOND city", readings(DemoSurveys.whole()));
        bikes.put("DIAMOND bent", readings(DemoSurveys.bentTube()));
        bikes.put("FOLDING", readings(DemoSurveys.folder()));
        bikes.put("STAND_UP_TRIKE", readings(DemoSurveys.standUp()));
        return bikes;
    }

    @Test
    void noDemoPairFitsThatCannot() throws IOException {
        Drawers drawers = StockCsv.read(Files.readString(DEMO.resolve("parts.csv")));
        List<Kit> kits = demoKits();
        int fits = 0;
        List<String> lies = new ArrayList<>();
        for (Map.Entry<String, Map<String, String>> bike : demoBikes().entrySet()) {
            for (Kit kit : kits) {
                FitReport match = match(BikeKind.valueOf(bike.getKey().split(" ")[0]), bike.getValue(), kit, drawers);
                if (match.goesOn()) {
                    fits++;
                    List<String> against = FirstPrinciples.against(bike.getValue(), kit, match, drawers);
                    if (!against.isEmpty()) {
                        lies.add(bike.getKey() + " with " + kit.code() + ": " + against);
                    }
                }
            }
        }
        assertThat(lies).isEmpty();
        assertThat(fits).as("pairs that fit, of %d", demoBikes().size() * kits.size()).isGreaterThan(40);
    }

    /** Believable measures of bikes of all kinds; each is its own seed. */
    private static Map<String, String> madeUp(int seed) {
        Random r = new Random(seed * 7_919L);
        Map<String, String> b = readings(GivenKits.BIKE);
        b.put("bracket.shell-width", pick(r, "68", "68", "73", "83", "100", "120"));
        b.put("bracket.standard", r.nextInt(40) == 0 ? "none" : "iso");
        if (b.get("bracket.standard").equals("none")) {
            b.remove("bracket.shell-width");
        }
        for (String side : List.of("right", "left")) {
            double at = 24 + r.nextInt(22);
            for (int radius = 60; radius <= 100; radius += 20) {
                b.put("bracket.%s-stay-%d".formatted(side, radius), String.valueOf(at));
                at += 1 + r.nextInt(6);
            }
        }
        for (String end : List.of("front", "rear")) {
            b.put(end + ".bead-seat", pick(r, "622", "622", "584", "559", "507", "406", "349"));
            b.put(end + ".tyre-width", String.valueOf(25 + r.nextInt(60)));
            b.put(end + ".radial-clearance", String.valueOf(2 + r.nextInt(30)));
            b.put(end + ".clear-width", String.valueOf(40 + r.nextInt(70)));
        }
        b.put("front.over-locknut", pick(r, "74", "95", "98", "100", "100", "100", "102", "110", "135"));
        b.put("rear.over-locknut", pick(r, "120", "126", "130", "135", "135", "138", "142", "170"));
        b.put("front.fork-material", pick(r, "steel", "steel", "aluminium", "carbon", "magnesium-casting"));
        b.put("rear.dropout-material", pick(r, "steel", "aluminium", "carbon"));
        b.put("rear.brake-kind", pick(r, "rim", "disc", "coaster", "drum", "rim"));
        b.put("front.brake-kind", pick(r, "rim", "rim", "disc"));
        b.put("triangle.down-tube", String.valueOf(300 + r.nextInt(450)));
        b.put("triangle.seat-tube", String.valueOf(250 + r.nextInt(350)));
        b.put("bike.rack-load", String.valueOf(r.nextInt(30)));
        b.put("bike.mass", String.valueOf(10 + r.nextInt(30)));
        b.put("bike.permitted-mass", String.valueOf(100 + r.nextInt(150)));
        b.put("rear.cog-kind", pick(r, "cassette", "screwed-freewheel", "gear-hub"));
        b.put("rear.cogs", String.valueOf(1 + r.nextInt(11)));
        return b;
    }

    private static String pick(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    @Test
    void noMadeUpBikeFitsThatCannot() {
        Drawers drawers = GivenKits.drawers(
                "S1 bracket-spacer 6 t=1 i=34 o=42;S2 bracket-spacer 6 t=2 i=34 o=42;S4 bracket-spacer 4 t=4 i=34 o=42;W1 axle-washer 8 t=1 i=12 o=24;W2 axle-washer 8 t=2 i=12 o=24;"
                        + "SW safety-washer 4 t=2 i=12 o=20;CS chainring-spacer 3 t=1.5 i=20 o=30;F7 freewheel-7 2 len=2;C8 cassette-8 2");
        List<Kit> kits = KITS.stream().map(GivenKits::kit).toList();
        List<String> lies = IntStream.range(0, MADE_UP).parallel().boxed().flatMap(seed -> {
            Map<String, String> bike = madeUp(seed);
            BikeKind kind = BikeKind.values()[seed % BikeKind.values().length];
            return Stream.of(kits.get(seed % kits.size()), kits.get((seed * 7 + 3) % kits.size())).flatMap(kit -> {
                FitReport match = match(kind, bike, kit, drawers);
                return match.goesOn() ? FirstPrinciples.against(bike, kit, match, drawers).stream()
                        .map(why -> "seed " + seed + ", " + kit.name() + ": " + why) : Stream.empty();
            });
        }).toList();
        assertThat(lies).isEmpty();
    }

    /** Steel, the kit's own wheel size, room on all sides: whoever says no here says it of a bike that everybody would convert. */
    @Test
    void noRoomyBikeIsTurnedAway() {
        Drawers drawers = GivenKits.drawers(
                "S1 bracket-spacer 6 t=1 i=34 o=42;S2 bracket-spacer 6 t=2 i=34 o=42;W1 axle-washer 8 t=1 i=12 o=24;W2 axle-washer 8 t=2 i=12 o=24");
        List<String> lies = IntStream.range(0, MADE_UP / 10).boxed().flatMap(seed -> {
            Random r = new Random(seed);
            Map<String, String> bike = readings(GivenKits.BIKE);
            bike.put("bracket.shell-width", pick(r, "68", "68.2", "70", "73"));
            bike.put("front.tyre-width", String.valueOf(28 + r.nextInt(15)));
            bike.put("rear.tyre-width", String.valueOf(28 + r.nextInt(15)));
            bike.put("front.radial-clearance", String.valueOf(12 + r.nextInt(10)));
            bike.put("rear.radial-clearance", String.valueOf(12 + r.nextInt(10)));
            bike.put("front.over-locknut", String.valueOf(100 + r.nextInt(3)));
            bike.put("rear.over-locknut", String.valueOf(135 + r.nextInt(3)));
            bike.put("triangle.down-tube", String.valueOf(640 + r.nextInt(60)));
            return Stream.of("mid", "front", "rear-cassette")
                    .flatMap(kit -> match(BikeKind.DIAMOND, bike, GivenKits.kit(kit), drawers).findings().stream()
                            .filter(f -> f.verdict() == Verdict.NO_FIT)
                            .map(f -> "seed " + seed + ", " + kit + ": " + f.sentence()));
        }).toList();
        assertThat(lies).isEmpty();
    }

    /** Once said to fit. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "FOLDING | front.bead-seat=349;front.tyre-width=37;front.radial-clearance=10 | front | a 622 motor wheel in a folder's fork",
        "DIAMOND | front.bead-seat=559;front.tyre-width=47;front.radial-clearance=8 | front | 559 to 622 into 8 mm",
        "DIAMOND | rear.brake-kind=coaster | mid | a coaster brake on a motor that freewheels",
        "DIAMOND | rear.brake-kind=coaster | rear-cassette | a coaster brake that leaves with its hub",
        "DIAMOND | bracket.right-stay-80=60 | mid | a gearbox inside a chainstay",
        "DIAMOND | bracket.shell-width=120 | mid | a shell wider than the thread",
        "DIAMOND |  | mid cut-off=unsaid;throttle=yes | a throttle without a word of a cut-off",
        "DIAMOND |  | mid leads=no | a motor without leads",
        "DIAMOND | front.brake-kind=disc | front | a disc with nowhere to go",
        "DIAMOND | bike.rack-load=0 | mid hold=rack | a rack battery without a rack"})
    void whatOncePassedStaysOut(String kind, String changes, String kit, String why) {
        Map<String, String> bike = readings(GivenKits.bike(changes == null ? "" : changes));
        FitReport match = match(BikeKind.valueOf(kind), bike, GivenKits.kit(kit), GivenKits.drawers(""));
        List<Finding> said = match.findings().stream().filter(f -> f.verdict() != Verdict.FITS).toList();
        boolean plain = match.goesOn() && FirstPrinciples.against(bike, match.kit(), match, GivenKits.drawers("")).isEmpty()
                && said.stream().allMatch(f -> f.remedies().isEmpty());
        assertThat(plain).as("%s: %s, %s", why, match.headline(), said.stream().map(Finding::sentence).toList()).isFalse();
        assertThat(match.verdict()).as(why).isNotEqualTo(Verdict.FITS);
    }

    /** The judge can say no: each of his principles against a bike that breaks it. */
    @Test
    void theJudgeIsNotAsleep() {
        Map<String, String> folder = readings(
                GivenKits.bike("front.bead-seat=349;front.over-locknut=74;front.fork-material=carbon;front.brake-kind=disc"));
        assertThat(FirstPrinciples.against(folder, GivenKits.kit("front"),
                match(BikeKind.FOLDING, folder, GivenKits.kit("front"), Drawers.empty()), Drawers.empty())).hasSizeGreaterThanOrEqualTo(3);
        Map<String, String> wide = readings(GivenKits.bike(
                "bracket.shell-width=120;bracket.right-stay-80=90;rear.brake-kind=coaster;triangle.down-tube=310;triangle.seat-tube=310"));
        assertThat(FirstPrinciples.against(wide, GivenKits.kit("mid"), match(BikeKind.DIAMOND, wide, GivenKits.kit("mid"), Drawers.empty()),
                Drawers.empty())).hasSizeGreaterThanOrEqualTo(4);
    }

    /** A variant that changes a figure changes the contents that name it. */
    @Test
    void noDemoSheetContradictsItself() throws IOException {
        assertThat(demoKits().stream().flatMap(k -> ContentsLint.of(k).stream()).distinct()).isEmpty();
    }

    @Test
    void bothSecondBatteriesGoOnSomeBike() throws IOException {
        Drawers drawers = StockCsv.read(Files.readString(DEMO.resolve("parts.csv")));
        for (Kit kit : demoKits().stream().filter(k -> k.code().startsWith("TW2")).toList()) {
            String cells = String.valueOf(kit.battery().cellsInSeries());
            Map<String, String> bike = readings(DemoSurveys.whole() + ";bike.pack-cells=" + cells);
            FitReport match = match(BikeKind.DIAMOND, bike, kit, drawers);
            assertThat(match.goesOn()).as("%s: %s, %s", kit.code(), match.headline(),
                    match.findings().stream().filter(f -> f.verdict().compareTo(Verdict.MEASURE) >= 0).map(Finding::sentence).toList())
                    .isTrue();
        }
    }
}
