package hingeyard.app.calloff;

import hingeyard.app.bill.AgreementGiven;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.calloff.CallOffs.Open;
import hingeyard.app.calloff.CallOffs.TakingOff;
import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.LastBill;
import hingeyard.core.booking.CallOff;
import hingeyard.core.explain.Ruling;
import hingeyard.core.quantity.Scale;
import hingeyard.core.stock.ReturnState;
import hingeyard.formats.LastBillPdf;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A job that is called off: asked for, gone on with after all, settled. */
@RestController
@RequestMapping("/api/jobs/{number}/call-off")
class CallOffController {

    /** @param agreement whose word it is, on which day and in which way */
    record CallOffAsked(@NotBlank(message = "why, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason,
            @NotNull(message = "whose word it is, when and how") @Valid AgreementGiven agreement) {
    }

    record AfterAll(@NotBlank(message = "why, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason) {
    }

    /**
     * @param states  of every line that had left its drawer, by its place on the bill
     * @param minutes that are charged
     * @param claimed damaged ones that are claimed from their supplier, by their place on the bill; may be absent
     */
    record CallOffSettlement(
            @NotNull(message = "the state of each line, by its place on the bill") Map<Integer, @NotNull(message = "a state") ReturnState> states,
            @Min(value = 0, message = "0 or more") @Max(value = 100_000, message = "at most 100,000") int minutes,
            Optional<@Size(max = 300, message = "at most 300 letters") String> note,
            Optional<@Size(max = 400, message = "at most 400 lines") Set<@NotNull(message = "a line") Integer>> claimed) {
    }

    record StateChoice(ReturnState state, String label, Ruling may) {
    }

    /**
     * @param ordinal  its place on the bill, from 0
     * @param price    of one
     * @param proposed how it is taken back when nobody says anything
     */
    record ReturnLine(int ordinal, String name, String part, int count, String price, boolean mounted, boolean stays, ReturnState proposed,
            List<StateChoice> states) {

        static ReturnLine of(Open open) {
            return new ReturnLine(open.ordinal(), open.line().name(), open.line().partNumber(), open.line().count(),
                    Scale.money(open.line().priceMinor()), open.mounted(), open.stays(), open.usual(),
                    Arrays.stream(ReturnState.values()).map(s -> new StateChoice(s, s.label(), open.may(s))).toList());
        }
    }

    record SettledLine(String name, String part, int count, String state, String sum) {
    }

    /** @param said what is to pay or to give back */
    record LastBillView(List<SettledLine> lines, String parts, int workMinutes, int minutes, String anHour, String labour,
            String taxPercent,
            String tax, String total, String deposit, String said) {

        static LastBillView of(LastBill bill) {
            return new LastBillView(
                    bill.lines().stream()
                            .map(l -> new SettledLine(l.line().name(), l.line().partNumber(), l.line().count(), l.state().label(),
                                    l.sumMinor() == 0 ? "" : Scale.money(l.sumMinor())))
                            .toList(),
                    Scale.money(bill.partsMinor()), bill.workMinutes(), bill.minutes(), bill.anHour().toPlainString(),
                    Scale.money(bill.labourMinor()), bill.taxPercent().toPlainString(), Scale.money(bill.taxMinor()),
                    Scale.money(bill.totalMinor()), Scale.money(bill.depositMinor()), bill.said());
        }
    }

    /**
     * @param said        whose word it was, when and how; blank where the shop decided
     * @param signature   their name as they drew it, an SVG path on a field of 600 by 200
     * @param stays       what stays other than the bike came
     * @param lines       what is still to be said of; empty once it is settled
     * @param workMinutes that were worked by the book
     * @param ended       by whom, when and with which note; empty while it is open
     * @param lastBill    once it is settled
     */
    record CallOffView(JobCard job, String kitName, CallOff.Why why, String whyLabel, String reason, String said,
            Optional<String> signature, String by, Instant at,
            List<String> stays, Ruling maySettle, Ruling mayGoOn, List<ReturnLine> lines, int workMinutes,
            Optional<String> endedBy, Optional<Instant> endedAt, String note, Optional<LastBillView> lastBill) {
    }

    private final CallOffs callOffs;
    private final Jobs jobs;
    private final Kits kits;
    private final Commands commands;
    private final ShopClock clock;
    private final Faces faces;

    CallOffController(CallOffs callOffs, Jobs jobs, Kits kits, Commands commands, ShopClock clock, Faces faces) {
        this.faces = faces;
        this.callOffs = callOffs;
        this.jobs = jobs;
        this.kits = kits;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping
    CallOffView callOff(@PathVariable(name = "number") long number) {
        CallOffRow row = lastOrRefuse(number);
        boolean open = row.open();
        return new CallOffView(jobs.card(number), kits.kit(row.kitCode).fullName(), row.why, row.why.label(), row.reason, row.said(),
                row.drawn(),
                row.calledBy, row.calledAt, callOffs.stays(row).said(), callOffs.maySettle(row), callOffs.mayGoOn(row),
                open ? callOffs.open(row).stream().map(ReturnLine::of).toList() : List.of(), open ? callOffs.workMinutes(number) : 0,
                Optional.ofNullable(row.endedBy), Optional.ofNullable(row.endedAt), row.note,
                Optional.ofNullable(row.settlement).map(s -> LastBillView.of(callOffs.settlement(row))));
    }

    private CallOffRow lastOrRefuse(long number) {
        jobs.card(number);
        return callOffs.last(number).orElseThrow(() -> Refused.conflict("Job %d was not called off.".formatted(number)));
    }

    /** What calling it off now would bring. */
    @GetMapping("/taking-off")
    TakingOff takingOff(@PathVariable(name = "number") long number) {
        return callOffs.takingOff(number);
    }

    @PostMapping
    CallOffView callOff(@PathVariable(name = "number") long number, @Valid @RequestBody CallOffAsked asked,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> callOffs.callOff(number, CallOff.Why.CUSTOMER, asked.reason().strip(),
                Optional.of(asked.agreement().read(clock.today())), SignedIn.name()));
    }

    /** The job goes on after all. */
    @DeleteMapping
    CallOffView goOn(@PathVariable(name = "number") long number, @Valid @RequestBody AfterAll after,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> callOffs.goOn(number, after.reason().strip(), SignedIn.name()));
    }

    @PostMapping("/settlement")
    CallOffView settle(@PathVariable(name = "number") long number, @Valid @RequestBody CallOffSettlement settlement,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> callOffs.settle(number, settled(settlement), SignedIn.name()));
    }

    /** What would be paid if it were settled so; saves nothing. */
    @PostMapping("/reckoning")
    LastBillView reckon(@PathVariable(name = "number") long number, @Valid @RequestBody CallOffSettlement settlement) {
        return LastBillView.of(callOffs.reckoned(number, settled(settlement)));
    }

    private static CallOffs.Settled settled(CallOffSettlement s) {
        return new CallOffs.Settled(s.states(), s.minutes(), s.note().orElse("").strip(), s.claimed().orElse(Set.of()));
    }

    private CallOffView done(long number, String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
        return callOff(number);
    }

    @GetMapping(path = "/last-bill.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(@PathVariable(name = "number") long number) {
        CallOffRow row = lastOrRefuse(number);
        if (row.settlement == null) {
            throw Refused.conflict("Job %d is not settled yet: there is no last bill.".formatted(number));
        }
        JobCard job = jobs.card(number);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("last-bill-%d.pdf".formatted(number)).build().toString())
                .body(LastBillPdf.write(faces.letterhead(), new LastBillPdf.Sheet(number, job.customer(), job.bike() + ", " + job.frame(),
                        kits.kit(row.kitCode).fullName(), clock.day(row.endedAt), row.endedBy, row.why.label(), row.reason, row.said(),
                        callOffs.stays(row).said(), row.note, callOffs.settlement(row))));
    }
}
