package hingeyard.app.install;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claims;
import hingeyard.app.command.Commands;
import hingeyard.app.kit.Kits;
import hingeyard.app.match.Drawn;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.bill.BillLine;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Blocker;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.WheelPlace;
import hingeyard.core.install.Zone;
import hingeyard.core.stack.StackSection;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The stand: a job's steps for the hands that do them. */
@RestController
@RequestMapping("/api/jobs/{number}/steps")
class StepsController {

    record Wanted(String key, String name, String unit, String window, BigDecimal least, BigDecimal greatest, String tool) {
    }

    /** @param overdue whether the wrench it was read from was to be calibrated first */
    record Read(String key, BigDecimal reading, boolean passed, String by, Instant at, Optional<String> wrench, boolean overdue) {
    }

    /**
     * @param start    whether it may be started now, and why not
     * @param waitsFor keys of the steps that must be finished first: a screen without a network goes by them
     */
    record StepView(String key, String title, Optional<String> phase, String text, List<String> zones, String posture, String skill, int people, int minutes,
                    boolean batteryIn, List<String> wheels, List<String> tools, List<Fastening> fastenings, List<String> cautions, List<Wanted> figures,
                    List<Read> readings, Optional<String> hold, StepState state, Optional<String> doer, Optional<Instant> startedAt,
                    Optional<Instant> doneAt, Optional<String> inspectedBy, Optional<String> stuckReason, Optional<String> handover, Ruling start, List<String> waitsFor, Ruling undo, Ruling skip,
                    Optional<StackSection> drawing, Optional<BayDrawing> bay, List<String> parts) {
    }

    record Happened(String step, String what, String detail, String by, Instant at) {
    }

    record Spent(String person, int minutes) {
    }

    /**
     * @param broken         what is wrong with the history; empty when it is whole
     * @param batteryHeldOut who holds the battery out, and who asks for power
     * @param turns          what this order of the steps saves; empty for lists planned by earlier versions
     */
    record StepsAnswer(JobCard job, String kitName, List<StepView> steps, List<Happened> history, String broken, List<Spent> spent, List<BatteryHolds.Hold> batteryHeldOut,
                       List<Wrenches.Wrench> wrenches, String turns) {
    }

    record HandoverNote(@NotBlank(message = "what is done, only hand-tight, found, missing; 1 to 600 letters") @Size(max = 600, message = "at most 600 letters") String note) {
    }

    record UndoReason(@NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    /** @param wrenches which torque wrench a figure was read from, by the figure's key; may be absent */
    record Figures(@NotNull(message = "figures by key, may be empty") Map<String, BigDecimal> figures, Optional<Map<String, String>> wrenches) {
    }

    /** @param kind absent for something else */
    record StuckReason(@NotBlank(message = "what stops it, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason, Optional<Blocker.Kind> kind,
                       Optional<@Size(max = 160, message = "at most 160 letters") String> part, Optional<@Size(max = 40, message = "at most 40 letters") String> checkId, Optional<Long> photo,
                       Optional<Blocker.Who> mustAct) {

        Stop stop() {
            return new Stop(kind.orElse(Blocker.Kind.OTHER), reason.strip(), part.orElse(""), checkId.orElse(""), photo, mustAct);
        }
    }

    record SkipReason(@NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    /** @param to its place afterwards, from 1 */
    record NewPlace(@Min(value = 1, message = "1 or more") int to) {
    }

    private final Steps steps;
    private final Ticks ticks;
    private final BatteryHolds batteryHolds;
    private final Wrenches wrenches;
    private final StepHistory history;
    private final Jobs jobs;
    private final Kits kits;
    private final Claims claims;
    private final Commands commands;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    StepsController(Steps steps, Ticks ticks, BatteryHolds batteryHolds, Wrenches wrenches, StepHistory history, Jobs jobs, Kits kits, Claims claims, Commands commands, ShopClock clock, JdbcTemplate jdbc, JsonMapper json) {
        this.steps = steps;
        this.ticks = ticks;
        this.batteryHolds = batteryHolds;
        this.wrenches = wrenches;
        this.history = history;
        this.jobs = jobs;
        this.kits = kits;
        this.claims = claims;
        this.commands = commands;
        this.clock = clock;
        this.jdbc = jdbc;
        this.json = json;
    }

    @GetMapping
    StepsAnswer list(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        List<StepRow> rows = steps.rows(number);
        Map<Long, List<StepFigure>> read = ticks.figures(rows);
        List<StepRun> runs = rows.stream().map(StepRow::run).toList();
        Map<String, Drawn> drawings = drawings(number);
        Map<String, List<String>> parts = partsByRole(number);
        Map<String, String> blocked = claims.blockedRoles(number);
        List<StepView> views = rows.stream().map(r -> view(r, runs, read.getOrDefault(r.id, List.of()), drawings, parts, blocked)).toList();
        List<StepEvent> events = history.of(number);
        List<Happened> happened = events.stream()
                .map(e -> new Happened(e.stepKey, e.what.name().toLowerCase(), e.detail, e.doneBy, e.doneAt)).toList();
        return new StepsAnswer(job, job.kitCode().map(code -> kits.kit(code).fullName()).orElse(""), views, happened, history.broken(number).orElse(""),
                StepHistory.times(events, clock.now()).entrySet().stream().map(e -> new Spent(e.getKey(), (int) e.getValue().toMinutes())).toList(), batteryHolds.of(number), wrenches.all(),
                jdbc.queryForObject("SELECT COALESCE(step_turns, '') FROM job WHERE id = ?", String.class, number));
    }

    @PostMapping("/{key}/start")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer start(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
                      @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        try {
            return done(key, number, () -> steps.start(number, step, SignedIn.isManager(), SignedIn.name()));
        } catch (BatteryHolds.HeldOut held) {
            batteryHolds.remember(held, SignedIn.name());
            throw Refused.conflict(held.getMessage());
        }
    }

    @PostMapping("/{key}/skip")
    @PreAuthorize("hasRole('MANAGER')")
    StepsAnswer skip(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody SkipReason reason,
                     @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.skip(number, step, reason.reason().strip(), SignedIn.name()));
    }

    @PostMapping("/{key}/move")
    @PreAuthorize("hasRole('MANAGER')")
    StepsAnswer move(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody NewPlace place,
                     @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.move(number, step, place.to() - 1, SignedIn.name()));
    }

    /** Holds the battery out of this bike, until it is let go. */
    @PostMapping("/battery-out")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer holdBattery(@PathVariable(name = "number") long number, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> batteryHolds.hold(number, SignedIn.name()));
    }

    @DeleteMapping("/battery-out")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer letBatteryGo(@PathVariable(name = "number") long number, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> batteryHolds.letGo(number, SignedIn.name()));
    }

    @PostMapping("/{key}/tick")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer tick(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody Figures figures,
                     @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> ticks.tick(number, step, new Ticks.Read(figures.figures(), figures.wrenches().orElse(Map.of())), SignedIn.name()));
    }

    @PostMapping("/{key}/stuck")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer stuck(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody StuckReason reason,
                      @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.stuck(number, step, reason.stop(), SignedIn.name()));
    }

    @PostMapping("/{key}/pause")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer pause(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody HandoverNote note,
                      @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.pause(number, step, note.note().strip(), SignedIn.name()));
    }

    @PostMapping("/{key}/undo")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer undo(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody UndoReason reason,
                     @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.undo(number, step, reason.reason().strip(), SignedIn.isManager(), SignedIn.name()));
    }

    @PostMapping("/{key}/inspect")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    StepsAnswer inspect(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
                        @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.inspect(number, step, SignedIn.name()));
    }

    private StepsAnswer done(String key, long number, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
        return list(number);
    }

    private static StepView view(StepRow row, List<StepRun> runs, List<StepFigure> read, Map<String, Drawn> drawings,
                                 Map<String, List<String>> parts, Map<String, String> blocked) {
        Step s = row.step();
        return new StepView(s.key(), s.title(), s.phase().map(Phase::label), s.text(), s.zones().stream().map(Zone::label).sorted().toList(), s.posture().label(), s.skill(),
                s.people(), s.minutes(), s.batteryIn(), s.wheels().stream().map(WheelPlace::label).sorted().toList(), s.tools(), s.fastenings(), s.cautions(),
                s.figures().stream().map(StepsController::wanted).toList(),
                read.stream().map(f -> new Read(f.figureKey, f.reading.stripTrailingZeros(), f.passed, f.readBy, f.readAt, Optional.ofNullable(f.wrench), f.overdue)).toList(),
                s.hold(), row.state, Optional.ofNullable(row.doer), Optional.ofNullable(row.startedAt), Optional.ofNullable(row.doneAt),
                Optional.ofNullable(row.inspectedBy), Optional.ofNullable(row.stuckReason), Optional.ofNullable(row.handover), StepRules.mayStart(runs, s.key(), blocked),
                runs.stream().map(StepRun::step).filter(o -> o != s && s.waitsFor(o)).map(Step::key).toList(),
                StepRules.mayUndo(runs, s.key(), SignedIn.name(), SignedIn.isManager()), SignedIn.isManager() ? StepRules.maySkip(row.run()) : Ruling.no("The manager leaves steps out."),
                s.exhibitOf().map(drawings::get).flatMap(Drawn::stack), s.exhibitOf().map(drawings::get).flatMap(Drawn::bay), s.mounts().stream().sorted().flatMap(role -> parts.getOrDefault(role, List.of()).stream()).toList());
    }

    private static Wanted wanted(FigureWanted f) {
        return new Wanted(f.key(), f.name(), f.unit(), f.window(), f.least(), f.greatest(), f.tool());
    }

    private Map<String, Drawn> drawings(long number) {
        List<String> stored = jdbc.queryForList("SELECT drawings FROM bill WHERE job_id = ? AND withdrawn_reason IS NULL", String.class, number);
        Map<String, Drawn> drawings = new HashMap<>();
        if (!stored.isEmpty()) {
            json.readTree(stored.get(0)).forEachEntry((check, node) -> drawings.put(check, drawn(node)));
        }
        return drawings;
    }

    /** Bills of before there were other drawings than stacks keep them bare. */
    private Drawn drawn(JsonNode node) {
        return node.has("stack") || node.has("bay") ? json.treeToValue(node, Drawn.class) : Drawn.of(json.treeToValue(node, StackSection.class));
    }

    private Map<String, List<String>> partsByRole(long number) {
        Map<String, List<String>> parts = new HashMap<>();
        jdbc.query("""
                SELECT l.role, l.count, l.name, l.place, l.source FROM bill_line l JOIN bill b ON b.id = l.bill_id
                WHERE b.job_id = ? AND b.withdrawn_reason IS NULL AND l.role <> '' ORDER BY l.ordinal""", r -> {
            String from = switch (BillLine.Source.valueOf(r.getString(5))) {
                case FROM_DRAWER -> ", drawer " + r.getString(4);
                case TO_ORDER -> ", to order";
                case NOT_TAKEN -> ", not from stock: see the bill";
                case FROM_KIT -> ", from the box";
                default -> "";
            };
            parts.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getInt(2) + " × " + r.getString(3) + from);
        }, number);
        return parts;
    }
}
