package hingeyard.benchmarks;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.Work;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.match.Candidate;
import hingeyard.core.booking.JobKind;
import hingeyard.core.match.Costing;
import hingeyard.core.match.Shortlist;
import hingeyard.core.match.ShortlistRow;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSolver;
import hingeyard.core.stock.Drawers;
import hingeyard.formats.StockCsv;
import hingeyard.formats.StepLibraryFiles;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What is measured of the core: one match, many matches, one stack. */
@Fork(1)
@Warmup(iterations = 10, time = 2)
@Measurement(iterations = 5, time = 2)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class FitMeasured {

    private static final int VARIANTS = 5_000;

    /** A whole steel tourer against one kit of a family, with the demo shop's 154 parts in the drawers. */
    @State(Scope.Benchmark)
    public static class Match {

        @Param({"mid", "front", "rear-cassette"})
        public String family;
        FitAssessor whole;
        FitAssessor withoutBay;
        FitCase.Bike bike;
        Kit kit;
        Drawers drawers;

        @Setup
        public void set() throws IOException {
            List<FitCheck> all = FitCheckCatalogue.all();
            whole = new FitAssessor(all);
            withoutBay = new FitAssessor(
                    all.stream().filter(c -> !c.id().startsWith("battery-bay") && !c.id().startsWith("battery-holding")).toList());
            bike = bike();
            kit = GivenKits.kit(family);
            drawers = drawers();
        }
    }

    /** 5,000 variants of four families: chainrings, current limits and batteries differ, no two are alike. */
    @State(Scope.Benchmark)
    public static class Many {

        Shortlist shortlist;
        Costing costing;
        FitAssessor assessor;
        FitCase.Bike bike;
        List<Candidate> candidates;
        Drawers drawers;

        @Setup
        public void set() throws IOException {
            assessor = new FitAssessor(FitCheckCatalogue.all());
            StepPlanner planner = new StepPlanner(StepLibraryFiles.shipped().library());
            shortlist = new Shortlist(assessor);
            costing = new Costing() {

                @Override
                public int minutes(FitReport match) {
                    return planner.minutes(Work.of(match));
                }

                @Override
                public long total(FitReport match) {
                    return match.kit().equipment().priceMinor();
                }
            };
            bike = bike();
            drawers = drawers();
            candidates = new ArrayList<>();
            List<String> families = List.of("mid teeth=%d;limit=%d", "front teeth=%d;limit=%d", "rear-cassette teeth=%d;limit=%d",
                    "rear-thread teeth=%d;limit=%d");
            for (int i = 0; i < VARIANTS; i++) {
                Kit kit = GivenKits.kit(families.get(i % 4).formatted(34 + 2 * (i / 4 % 10), 12 + i / 40 % 9));
                candidates.add(new Candidate(kit.with(larger(kit.battery(), 100 * (i / 360))), 1, 1000 + i, 0, 1));
            }
        }
    }

    /** Twelve kinds of which six are free, two sides of at most six pieces: drive side and other side of a bracket. */
    @State(Scope.Benchmark)
    public static class Stack {

        @Param({"few", "many", "none", "proof"})
        public String pieces;
        StackProblem problem;

        @Setup
        public void set() {
            String[] thickness = {"0.5", "0.8", "1", "1.5", "2", "2.5", "3", "4", "4.5", "6", "8", "10"};
            List<StackPiece> kinds = new ArrayList<>();
            for (int i = 0; i < thickness.length; i++) {
                kinds.add(new StackPiece("S" + i, "spacer " + thickness[i], "C12", PieceSize.of(thickness[i], "0.05", "34", "42"), 6,
                        i % 3 == 0));
            }
            Band[] limits = limits();
            problem = new StackProblem(List.of("drive", "other"), kinds,
                    List.of(new StackLimit("drive", List.of(1, 0), limits[0], Length.ZERO, false),
                            StackLimit.toleranced("thread", List.of(1, 1), limits[1], mm("0.1"))),
                    List.of(mm("2.5"), Length.ZERO), 6);
        }

        /** {@code none}: nothing so thin is there. {@code proof}: no sum of pieces comes to it, which every count of pieces has to show. */
        private Band[] limits() {
            return switch (pieces) {
                case "few" -> new Band[]{new Band(mm("2.5"), mm("30")), new Band(mm("6.2"), mm("9.4"))};
                case "many" -> new Band[]{new Band(mm("23.5"), mm("60")), new Band(mm("51.2"), mm("51.9"))};
                case "proof" -> new Band[]{new Band(mm("2.5"), mm("30")), new Band(mm("33.22"), mm("33.28"))};
                default -> new Band[]{new Band(mm("0.2"), mm("0.4")), new Band(mm("0.2"), mm("0.4"))};
            };
        }
    }

    private static Battery larger(Battery b, int milliampereHours) {
        return new Battery(b.code(), b.name(), b.cellsInSeries(), b.milliampereHours() + milliampereHours, b.continuous(), b.cutOff(),
                b.mass(), b.length(), b.height(), b.casing(), b.plug(), b.charger());
    }

    private static Length mm(String millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static FitCase.Bike bike() {
        return new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.BIKE), RiderNeed.none(), Set.of());
    }

    private static Drawers drawers() throws IOException {
        try (InputStream csv = FitMeasured.class.getResourceAsStream("/demo/parts.csv")) {
            return StockCsv.read(new String(csv.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    @Benchmark
    @BenchmarkMode(Mode.SampleTime)
    public FitReport oneMatchWithoutTheBay(Match m) {
        return m.withoutBay.assess(new FitCase(m.bike, m.kit, m.drawers, ShopRules.standard()));
    }

    @Benchmark
    @BenchmarkMode(Mode.SampleTime)
    public FitReport oneMatch(Match m) {
        return m.whole.assess(new FitCase(m.bike, m.kit, m.drawers, ShopRules.standard()));
    }

    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    // On one core the compiler shares it: some fifty rounds go by before it has done.
    @Warmup(iterations = 80)
    @Measurement(iterations = 30)
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<ShortlistRow> fiveThousandVariants(Many m) {
        return m.shortlist.of(new Shortlist.Wanted(m.bike, JobKind.DRIVE_KIT), m.candidates, m.drawers, ShopRules.standard(), m.costing);
    }

    @Benchmark
    @BenchmarkMode(Mode.SampleTime)
    public StackAnswer bestStack(Stack s) {
        return StackSolver.best(s.problem);
    }
}
