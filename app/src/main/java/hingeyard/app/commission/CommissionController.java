package hingeyard.app.commission;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.match.Matches;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.core.commission.ControllerFault;
import hingeyard.core.commission.Setting;
import hingeyard.core.commission.SimulatedController;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.StepRun;
import hingeyard.formats.JobPaperKind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Settings sheet, the stand-in for the bike's controller and devices. */
@RestController
class CommissionController {

    /** @param value what it is set to; dots for what only the customer knows */
    record SettingView(String page, String meaning, String allowed, String value, String ground, boolean hidden, Optional<String> by,
            Optional<Instant> at) {
    }

    record FaultView(ControllerFault fault, String label, boolean on) {
    }

    /** @param key as in its address */
    record PaperView(String key, String title) {
    }

    /**
     * @param papers what can be printed
     * @param seen   what somebody sees who turns the pedals
     */
    record CommissionAnswer(JobCard job, String kitName, List<SettingView> settings, List<PaperView> papers, List<FaultView> faults,
            String seen) {
    }

    record SettingGiven(@NotBlank(message = "a value") @Size(max = 120, message = "at most 120 letters") String value) {
    }

    record FaultGiven(@NotNull(message = "a fault of the stand-in") ControllerFault fault, boolean on) {
    }

    /** Figures by key, as the stand-in answers them. */
    record ReadingsAnswer(Map<String, BigDecimal> figures, String seen) {
    }

    record DeviceGiven(@NotNull(message = "a number") BigDecimal value, @NotBlank(message = "its unit") String unit) {
    }

    record ReplayGiven(@NotBlank(message = "device,value,unit a line") @Size(max = 40_000, message = "at most 40000 letters") String csv) {
    }

    record DeviceAnswer(Optional<Devices.DeviceReading> reading) {
    }

    private final JobSettings settings;
    private final Devices devices;
    private final Matches matches;
    private final Steps steps;
    private final Jobs jobs;
    private final Commands commands;
    private final ControllerFaults faults;

    CommissionController(JobSettings settings, Devices devices, Matches matches, Steps steps, Jobs jobs, Commands commands,
            ControllerFaults faults) {
        this.settings = settings;
        this.devices = devices;
        this.matches = matches;
        this.steps = steps;
        this.jobs = jobs;
        this.commands = commands;
        this.faults = faults;
    }

    @GetMapping("/api/jobs/{number}/settings")
    CommissionAnswer sheet(@PathVariable(name = "number") long number) {
        FitReport match = match(number);
        Set<ControllerFault> on = faults.of(number);
        JobCard job = jobs.card(number);
        return new CommissionAnswer(job, match.kit().fullName(),
                settings.of(number, match).stream().map(CommissionController::view).toList(),
                JobPaperKind.of(match.kit(), job.calledOff().isPresent()).stream().map(k -> new PaperView(k.key(), k.title())).toList(),
                Arrays.stream(ControllerFault.values()).map(f -> new FaultView(f, f.label(), on.contains(f))).toList(),
                new SimulatedController(match, on).seen());
    }

    private FitReport match(long number) {
        return matches.report(number, jobs.card(number).kitCode()
                .orElseThrow(() -> Refused.conflict("Job %d has no kit yet: nothing of it can be set.".formatted(number))));
    }

    private static SettingView view(JobSettings.Set s) {
        Setting setting = s.setting();
        return new SettingView(setting.page(), setting.meaning(), setting.allowed(),
                setting.hidden() && s.by().isPresent() ? "••••" : setting.value(), setting.ground(), setting.hidden(), s.by(), s.at());
    }

    @PutMapping("/api/jobs/{number}/settings/{page}")
    CommissionAnswer set(@PathVariable(name = "number") long number, @PathVariable(name = "page") String page,
            @Valid @RequestBody SettingGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            settings.set(number, match(number), page, given.value(), SignedIn.name());
            return true;
        });
        return sheet(number);
    }

    /** Every open page is set as the sheet shows it, codes excepted. */
    @PostMapping("/api/jobs/{number}/settings/as-shown")
    CommissionAnswer setAsShown(@PathVariable(name = "number") long number,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            settings.setAsShown(number, match(number), SignedIn.name());
            return true;
        });
        return sheet(number);
    }

    /** Switches a fault of the stand-in on or off. */
    @PutMapping("/api/jobs/{number}/controller/faults")
    CommissionAnswer fault(@PathVariable(name = "number") long number, @Valid @RequestBody FaultGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            faults.set(number, given.fault(), given.on());
            return true;
        });
        return sheet(number);
    }

    /** What the stand-in reads for the figures of one step. */
    @GetMapping("/api/jobs/{number}/controller/{step}")
    ReadingsAnswer readings(@PathVariable(name = "number") long number, @PathVariable(name = "step") String step) {
        StepRun run = steps.runs(number).stream().filter(r -> r.step().key().equals(step)).findFirst()
                .orElseThrow(() -> Refused.notFound("step", step));
        SimulatedController controller = new SimulatedController(match(number), faults.of(number));
        return new ReadingsAnswer(controller.readings(run.step()), controller.seen());
    }

    @GetMapping("/api/devices/{device}")
    DeviceAnswer last(@PathVariable(name = "device") String device) {
        return new DeviceAnswer(devices.last(device));
    }

    @PostMapping("/api/devices/{device}/readings")
    DeviceAnswer sent(@PathVariable(name = "device") String device, @Valid @RequestBody DeviceGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            devices.sent(device, given.value(), given.unit());
            return true;
        });
        return last(device);
    }

    @PostMapping("/api/devices/replay")
    int replay(@Valid @RequestBody ReplayGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return commands.once(key, Integer.class, () -> devices.replay(given.csv()));
    }
}
