package hingeyard.app.bench;

import hingeyard.app.bench.BenchGiven.AxleGiven;
import hingeyard.app.bench.BenchGiven.BatteriesGiven;
import hingeyard.app.bench.BenchGiven.BendGiven;
import hingeyard.app.bench.BenchGiven.ExtensionGiven;
import hingeyard.app.bench.BenchGiven.FastenerGiven;
import hingeyard.app.bench.BenchGiven.GearsGiven;
import hingeyard.app.bench.BenchGiven.PressureGiven;
import hingeyard.app.bench.BenchGiven.RangeGiven;
import hingeyard.app.bench.BenchGiven.RollOutGiven;
import hingeyard.app.bench.BenchGiven.StackGiven;
import hingeyard.app.bench.BenchGiven.TruingGiven;
import hingeyard.app.bench.BenchGiven.WireGiven;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.install.Steps;
import hingeyard.app.kit.Kits;
import hingeyard.app.problem.Refused;
import hingeyard.app.survey.Surveys;
import hingeyard.core.bench.BenchFigure;
import hingeyard.core.bench.BenchTool;
import hingeyard.core.bench.RideLog;
import hingeyard.core.bench.job.BenchFills;
import hingeyard.core.fit.FitCase;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Works out at the bench what a job asks, and keeps it. */
@Service
public class BenchWork {

    /** One calculator's inputs; the others are left out. */
    public record BenchKeep(Optional<@Size(max = 60, message = "at most 60 letters") String> step, Optional<@Valid TruingGiven> truing,
            Optional<@Valid RollOutGiven> rollOut, Optional<@Valid ExtensionGiven> wrench, Optional<@Valid BendGiven> bend,
            Optional<@Valid BatteriesGiven> batteries, Optional<@Valid GearsGiven> gears, Optional<@Valid PressureGiven> pressure,
            Optional<@Valid AxleGiven> axle, Optional<@Valid FastenerGiven> fastener, Optional<@Valid WireGiven> wire,
            Optional<@Valid StackGiven> stack, Optional<@Valid RangeGiven> range) {

        public static BenchKeep truing(String step, TruingGiven given) {
            return new BenchKeep(Optional.of(step), Optional.of(given), Optional.empty(), Optional.empty(), Optional.empty(),
                    Optional.empty(),
                    Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(),
                    Optional.empty());
        }
    }

    private record Found(BenchTool tool, Object given, String sentence, Map<BenchFigure, Double> figures) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final Steps steps;
    private final Calculators calculators;
    private final BenchResults results;

    BenchWork(Jobs jobs, Surveys surveys, Kits kits, Steps steps, Calculators calculators, BenchResults results) {
        this.surveys = surveys;
        this.kits = kits;
        this.jobs = jobs;
        this.steps = steps;
        this.calculators = calculators;
        this.results = results;
    }

    /** Works it out and keeps it; the screen's own answer is not asked. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(long number, BenchKeep given, String by) {
        onFloor(number);
        Found found = found(given);
        given.step().ifPresent(step -> check(number, step, found.tool));
        results.keep(number, given.step(), found.tool, found.given, found.sentence, found.figures, by);
    }

    private void onFloor(long number) {
        JobCard job = jobs.hold(number);
        if (!job.place().onFloor()) {
            throw Refused.conflict("Job %d is with its customer: nothing is worked out for it any more.".formatted(number));
        }
    }

    /** @param read what was read of the battery and the display; the ride's own file is not kept */
    @Transactional(propagation = Propagation.MANDATORY)
    void keepRide(long number, Object read, RideLog.Answer ride, String by) {
        onFloor(number);
        JobCard job = jobs.card(number);
        Map<BenchFigure, Double> figures = new EnumMap<>(BenchFigure.class);
        ride.perKm().ifPresent(p -> figures.put(BenchFigure.PER_KM, p));
        job.kitCode().map(kits::kit).flatMap(kit -> BenchFills.rider(
                new FitCase.Bike(job.kind(), surveys.of(job.bikeId()).forVerdicts(), jobs.need(number), Set.of()), kit, ride))
                .ifPresent(w -> figures.put(BenchFigure.RIDER, w));
        String said = figures.containsKey(BenchFigure.RIDER)
                ? "%s As if the rider gave %.0f W.".formatted(ride.told(), figures.get(BenchFigure.RIDER))
                : ride.told();
        results.keep(number, Optional.empty(), BenchTool.RIDE, read, said, figures, by);
    }

    /** What a step takes over must be a figure that it wants of that tool. */
    private void check(long number, String key, BenchTool tool) {
        Step step = steps.runs(number).stream().map(StepRun::step).filter(s -> s.key().equals(key)).findFirst()
                .orElseThrow(() -> Refused.input("step", key, "a step of job %d".formatted(number)));
        if (!step.bench().contains(tool.key())
                && step.figures().stream().noneMatch(f -> f.bench().filter(b -> b.tool() == tool).isPresent())) {
            throw Refused.input("step", key, "a step that uses this tool");
        }
    }

    private Found found(BenchKeep given) {
        List<Found> found = new ArrayList<>();
        given.truing().ifPresent(g -> {
            BenchViews.TruingView v = calculators.truing(g);
            found.add(new Found(BenchTool.TRUING, g, v.sentence(), Map.of(BenchFigure.RUN_OUT, v.before(), BenchFigure.CUT,
                    v.cuts().stream().mapToDouble(BenchViews.CutView::mm).max().orElse(0))));
        });
        given.rollOut().ifPresent(g -> {
            BenchViews.RollOutView v = calculators.rollOut(g);
            found.add(new Found(BenchTool.ROLL_OUT, g, v.sentence(),
                    v.measured() && v.plausible() ? Map.of(BenchFigure.CIRCUMFERENCE, v.circumference()) : Map.of()));
        });
        given.wrench().ifPresent(g -> {
            BenchViews.ExtensionView v = calculators.wrench(g);
            found.add(new Found(BenchTool.WRENCH, g, v.sentence(), Map.of(BenchFigure.SETTING, v.setting())));
        });
        given.bend().ifPresent(g -> {
            BenchViews.BendView v = calculators.bend(g);
            found.add(new Found(BenchTool.BEND, g, v.sentence(), v.angle() > 0 ? Map.of(BenchFigure.ANGLE, v.angle()) : Map.of()));
        });
        given.batteries().ifPresent(g -> {
            BenchViews.BatteriesView v = calculators.batteries(g);
            found.add(new Found(BenchTool.BATTERIES, g, String.join(" ", v.sentence(), String.join(" ", v.warnings())).strip(), Map.of()));
        });
        given.pressure().ifPresent(g -> {
            BenchViews.PressureView v = calculators.pressure(g);
            found.add(new Found(BenchTool.PRESSURE, g, v.sentence(), Map.of(BenchFigure.PRESSURE, v.pressure())));
        });
        given.gears().ifPresent(g -> found.add(new Found(BenchTool.GEARS, g, calculators.gears(g).sentence(), Map.of())));
        given.axle().ifPresent(g -> found.add(new Found(BenchTool.AXLE, g, calculators.axle(g).sentence(), Map.of())));
        given.fastener().ifPresent(g -> found.add(new Found(BenchTool.FASTENER, g, calculators.fastener(g).sentence(), Map.of())));
        given.wire().ifPresent(g -> found.add(new Found(BenchTool.WIRE, g, calculators.wire(g).sentence(), Map.of())));
        given.stack().ifPresent(g -> found.add(new Found(BenchTool.STACK, g, calculators.stack(g).sentence(), Map.of())));
        given.range().ifPresent(g -> found.add(new Found(BenchTool.RANGE, g, calculators.range(g).sentence(), Map.of())));
        if (found.size() != 1) {
            throw Refused.input("tool", "%d of them".formatted(found.size()), "one calculator at a time");
        }
        return found.get(0);
    }
}
