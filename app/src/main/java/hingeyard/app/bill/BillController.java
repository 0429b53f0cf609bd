package hingeyard.app.bill;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.app.stock.Holds;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.NotTaken;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bill of a job. */
@RestController
@RequestMapping("/api/jobs/{number}/bill")
class BillController {

    record Choose(@NotBlank(message = "a kit's code") String kitCode, @NotBlank(message = "the match that was looked at") String stamp,
                  @NotNull(message = "a list, may be empty") Set<String> consented, @NotNull(message = "a list, may be empty") List<@Valid TickedOff> notTaken) {
    }

    /** @param remedy its place among the check's remedies, from 0 */
    record TickedOff(@NotBlank(message = "a check's id") String checkId, @Min(value = 0, message = "0 or more") int remedy,
                     @NotBlank(message = "why it is left out, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason) {
    }

    /** @param parts numbers; empty for everything the job holds */
    record Picks(@NotNull(message = "a list, may be empty") Set<String> parts) {
    }

    record Withdrawal(@NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record Line(BillLine.Source source, String partNumber, String name, int count, String reason, String checkId, String place, Optional<Instant> usedAt, boolean onTray) {
    }

    /** @param revision A, B, C… */
    record BillView(String revision, String kitName, String madeBy, Instant madeAt, List<Line> lines, int stepsPlanned, boolean begun) {
    }

    record BillAnswer(JobCard job, Optional<BillView> bill) {
    }

    private final Bills bills;
    private final Jobs jobs;
    private final Kits kits;
    private final Steps steps;
    private final Holds holds;
    private final Commands commands;

    BillController(Bills bills, Jobs jobs, Kits kits, Steps steps, Holds holds, Commands commands) {
        this.bills = bills;
        this.jobs = jobs;
        this.kits = kits;
        this.steps = steps;
        this.holds = holds;
        this.commands = commands;
    }

    @GetMapping
    BillAnswer bill(@PathVariable(name = "number") long number) {
        return new BillAnswer(jobs.card(number), bills.inForce(number).map(this::view));
    }

    @PostMapping
    @PreAuthorize("hasRole('MANAGER')")
    BillAnswer make(@PathVariable(name = "number") long number, @Valid @RequestBody Choose choose,
                    @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            bills.make(number, choose.kitCode(), choose.stamp(), choose.consented(),
                    choose.notTaken().stream().map(n -> new NotTaken(n.checkId(), n.remedy(), n.reason().strip(), SignedIn.name())).toList(), SignedIn.name());
            return true;
        });
        return bill(number);
    }

    @DeleteMapping
    @PreAuthorize("hasRole('MANAGER')")
    BillAnswer withdraw(@PathVariable(name = "number") long number, @Valid @RequestBody Withdrawal withdrawal) {
        commands.once(null, Boolean.class, () -> {
            bills.withdraw(number, withdrawal.reason(), SignedIn.name());
            return true;
        });
        return bill(number);
    }

    /** Lays what the job holds on its tray. */
    @PostMapping("/picks")
    @PreAuthorize("hasAnyRole('MANAGER', 'STOCK_KEEPER', 'TECHNICIAN')")
    BillAnswer pick(@PathVariable(name = "number") long number, @Valid @RequestBody Picks picks, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Integer.class, () -> bills.pick(number, picks.parts(), SignedIn.name()));
        return bill(number);
    }

    private BillView view(BillRow row) {
        Set<String> tray = holds.onTray(row.jobId);
        List<Line> lines = row.lines.stream().map(l -> new Line(l.source, l.partNumber, l.name, l.count, l.reason, l.checkId, l.place,
                Optional.ofNullable(l.usedAt), tray.contains(l.partNumber + " " + l.role))).toList();
        return new BillView(String.valueOf((char) ('A' + row.revision - 1)), kits.kit(row.kitCode).fullName(), row.madeBy, row.madeAt, lines,
                steps.runs(row.jobId).size(), steps.begun(row.jobId));
    }
}
