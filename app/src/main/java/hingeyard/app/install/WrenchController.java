package hingeyard.app.install;

import hingeyard.app.command.Commands;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's torque wrenches. */
@RestController
@RequestMapping("/api/wrenches")
class WrenchController {

    record WrenchGiven(@NotBlank(message = "what it is called") @Size(max = 80, message = "at most 80 letters") String name,
            @NotNull(message = "the least it reads, N·m") BigDecimal leastNm,
            @NotNull(message = "the most it reads, N·m") BigDecimal mostNm,
            @NotNull(message = "the day it was calibrated") LocalDate calibratedOn,
            @NotNull(message = "the day it is due again") LocalDate dueOn) {
    }

    record WrenchesAnswer(List<Wrenches.Wrench> wrenches) {
    }

    private final Wrenches wrenches;
    private final Commands commands;

    WrenchController(Wrenches wrenches, Commands commands) {
        this.wrenches = wrenches;
        this.commands = commands;
    }

    @GetMapping
    WrenchesAnswer all() {
        return new WrenchesAnswer(wrenches.all());
    }

    @PutMapping("/{code}")
    WrenchesAnswer keep(@PathVariable(name = "code") String code, @Valid @RequestBody WrenchGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            wrenches.keep(code, given.name().strip(), given.leastNm(), given.mostNm(), given.calibratedOn(), given.dueOn());
            return true;
        });
        return all();
    }
}
