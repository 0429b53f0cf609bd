package hingeyard.app.install;

import hingeyard.app.command.Commands;
import hingeyard.app.install.StandTeller.StandAnswer;
import hingeyard.app.install.StandTeller.StandNow;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.Blocker;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The stand: a job's steps for the hands that do them. */
@RestController
@RequestMapping("/api/jobs/{number}/steps")
class StepsController {

    record Happened(String step, String what, String detail, String by, Instant at) {
    }

    record HandoverNote(
            @NotBlank(message = "what is done, only hand-tight, found, missing; 1 to 600 letters") @Size(max = 600, message = "at most 600 letters") String note) {
    }

    record UndoReason(@NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    /** @param wrenches which torque wrench a figure was read from, by the figure's key; may be absent */
    record Figures(@NotNull(message = "figures by key, may be empty") Map<String, BigDecimal> figures,
            Optional<Map<String, String>> wrenches) {
    }

    /** @param kind absent for something else */
    record StuckReason(
            @NotBlank(message = "what stops it, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason,
            Optional<Blocker.Kind> kind,
            Optional<@Size(max = 160, message = "at most 160 letters") String> part,
            Optional<@Size(max = 40, message = "at most 40 letters") String> checkId, Optional<Long> photo,
            Optional<Blocker.Who> mustAct) {

        Stop stop() {
            return new Stop(kind.orElse(Blocker.Kind.OTHER), reason.strip(), part.orElse(""), checkId.orElse(""), photo, mustAct);
        }
    }

    record NotAccepted(
            @NotBlank(message = "what was found, 1 to 280 letters") @Size(max = 280, message = "at most 280 letters") String found,
            Optional<Long> photo) {
    }

    record SkipReason(@NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    /** @param to its place afterwards, from 1 */
    record NewPlace(@Min(value = 1, message = "1 or more") int to) {
    }

    private final StandTeller stand;
    private final Steps steps;
    private final Ticks ticks;
    private final BatteryHolds batteryHolds;
    private final StepHistory history;
    private final Commands commands;
    private final ShopClock clock;

    StepsController(StandTeller stand, Steps steps, Ticks ticks, BatteryHolds batteryHolds, StepHistory history, Commands commands,
            ShopClock clock) {
        this.clock = clock;
        this.stand = stand;
        this.steps = steps;
        this.ticks = ticks;
        this.batteryHolds = batteryHolds;
        this.history = history;
        this.commands = commands;
    }

    @GetMapping
    StandAnswer list(@PathVariable(name = "number") long number) {
        return stand.whole(number);
    }

    /** Where the steps stand, without what they are. */
    @GetMapping("/now")
    StandNow now(@PathVariable(name = "number") long number) {
        return stand.now(number);
    }

    @GetMapping("/history")
    List<Happened> history(@PathVariable(name = "number") long number) {
        return history.of(number).stream()
                .map(e -> new Happened(e.stepKey, e.what.name().toLowerCase(Locale.ROOT), e.detail, e.doneBy, e.doneAt)).toList();
    }

    @PostMapping("/{key}/start")
    StandNow start(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        try {
            return done(key, number, () -> steps.start(number, step, SignedIn.may(Right.CLEAR_HOLD), SignedIn.name()));
        } catch (BatteryHolds.HeldOut held) {
            batteryHolds.remember(held, SignedIn.name());
            throw Refused.conflict(held.getMessage());
        }
    }

    @PostMapping("/{key}/skip")
    StandNow skip(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @Valid @RequestBody SkipReason reason,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.skip(number, step, reason.reason().strip(), SignedIn.name()));
    }

    @PostMapping("/{key}/move")
    StandNow move(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody NewPlace place,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.move(number, step, place.to() - 1, SignedIn.name()));
    }

    /** Holds the battery out of this bike, until it is let go. */
    @PostMapping("/battery-out")
    StandNow holdBattery(@PathVariable(name = "number") long number,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> batteryHolds.hold(number, SignedIn.name()));
    }

    @DeleteMapping("/battery-out")
    StandNow letBatteryGo(@PathVariable(name = "number") long number,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> batteryHolds.letGo(number, SignedIn.name()));
    }

    @PostMapping("/{key}/tick")
    StandNow tick(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step, @Valid @RequestBody Figures figures,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number,
                () -> ticks.tick(number, step, new Ticks.Read(figures.figures(), figures.wrenches().orElse(Map.of())), SignedIn.name()));
    }

    @PostMapping("/{key}/stuck")
    StandNow stuck(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @Valid @RequestBody StuckReason reason,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.stuck(number, step, reason.stop(), SignedIn.name()));
    }

    @PostMapping("/{key}/pause")
    StandNow pause(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @Valid @RequestBody HandoverNote note,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number,
                () -> steps.pause(number, step, note.note().strip(), SignedIn.may(Right.UNDO_FOR_OTHERS), SignedIn.name()));
    }

    @PostMapping("/{key}/undo")
    StandNow undo(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @Valid @RequestBody UndoReason reason,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number,
                () -> steps.undo(number, step, reason.reason().strip(), SignedIn.may(Right.UNDO_FOR_OTHERS), SignedIn.name()));
    }

    @PostMapping("/{key}/inspect")
    StandNow inspect(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.inspect(number, step, SignedIn.name()));
    }

    @PostMapping("/{key}/refuse")
    StandNow refuse(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @Valid @RequestBody NotAccepted given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> steps.refuse(number, step, given.found().strip(), given.photo(), SignedIn.name()));
    }

    /** What a tablet kept while it had no network happened when it was tapped there. */
    private StandNow done(String key, long number, Runnable work) {
        TappedAt.byWhoeverIsSignedIn();
        commands.once(key, Boolean.class, () -> {
            clock.at(history.bounded(number, TappedAt.asked()), work);
            return true;
        });
        return stand.now(number);
    }
}
