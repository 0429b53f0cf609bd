package hingeyard.app.bill;

import hingeyard.app.bill.Bills.Agreed;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.ByHand;
import hingeyard.core.bill.NotTaken;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bill of a job: made, revised, taken back, laid out. */
@RestController
@RequestMapping("/api/jobs/{number}/bill")
class BillController {

    /**
     * @param waits     whether the job waits for what is short; else a shortage is refused
     * @param agreement who agreed, when and how; needed where a trade-off is consented to
     */
    record Choose(@NotBlank(message = "a kit's code") String kitCode, @NotBlank(message = "the match that was looked at") String stamp,
            @NotNull(message = "a list, may be empty") Set<String> consented,
            @NotNull(message = "a list, may be empty") List<@Valid TickedOff> notTaken,
            Boolean waits, Optional<@Valid AgreementGiven> agreement) {
    }

    /** @param remedy its place among the check's remedies, from 0 */
    record TickedOff(@NotBlank(message = "a check's id") String checkId, @Min(value = 0, message = "0 or more") int remedy,
            @NotBlank(message = "why it is left out, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason) {

        static List<NotTaken> all(List<TickedOff> ticked) {
            return ticked.stream().map(n -> new NotTaken(n.checkId(), n.remedy(), n.reason().strip(), SignedIn.name())).toList();
        }
    }

    /** @param parts numbers; empty for everything the job holds */
    record Picks(@NotNull(message = "a list, may be empty") Set<String> parts) {
    }

    record Withdrawal(@NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record Revise(@NotBlank(message = "the proposal that was looked at") String stamp,
            @NotNull(message = "a list, may be empty") Set<String> consented, Boolean waits,
            Optional<@Valid AgreementGiven> agreement,
            @NotBlank(message = "a reason, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason) {
    }

    /**
     * @param ordinal the line's place on the bill, from 0; absent for a part that is added
     * @param part    number of the part that is added or goes on instead; absent otherwise
     * @param count   how many of an added part, or of a line whose count changes; absent otherwise
     * @param step    key of the step an added part goes on with; absent otherwise
     */
    record HandChange(@NotNull(message = "ADDED, OTHER_PART, OTHER_COUNT or LEFT_OUT") ByHand.Kind kind, Optional<Integer> ordinal,
            Optional<@Size(max = 40, message = "at most 40 letters") String> part,
            Optional<Integer> count, Optional<@Size(max = 60, message = "at most 60 letters") String> step,
            @NotBlank(message = "why, 1 to 200 letters") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    private final Bills bills;
    private final Revisions revisions;
    private final BillTeller teller;
    private final Steps steps;
    private final Stock stock;
    private final ShopClock clock;
    private final Commands commands;

    BillController(Bills bills, Revisions revisions, BillTeller teller, Steps steps, Stock stock, ShopClock clock, Commands commands) {
        this.steps = steps;
        this.stock = stock;
        this.bills = bills;
        this.revisions = revisions;
        this.teller = teller;
        this.clock = clock;
        this.commands = commands;
    }

    @GetMapping
    BillTeller.BillAnswer bill(@PathVariable(name = "number") long number) {
        return teller.answer(number);
    }

    @PostMapping
    BillTeller.BillAnswer make(@PathVariable(name = "number") long number, @Valid @RequestBody Choose choose,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return made(number, key,
                () -> bills.make(number, choose.kitCode(),
                        new Agreed(choose.stamp(), choose.consented(), TickedOff.all(choose.notTaken()),
                                Boolean.TRUE.equals(choose.waits()),
                                choose.agreement().map(a -> a.read(clock.today()))),
                        SignedIn.name()));
    }

    @PostMapping("/revisions")
    BillTeller.BillAnswer revise(@PathVariable(name = "number") long number, @Valid @RequestBody Revise revise,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return made(number, key,
                () -> revisions.approve(number,
                        new Agreed(revise.stamp(), revise.consented(), List.of(), Boolean.TRUE.equals(revise.waits()),
                                revise.agreement().map(a -> a.read(clock.today()))),
                        revise.reason().strip(), SignedIn.name()));
    }

    /** Another part, one more, fewer or none: the manager's word, beside what the match asks for. */
    @PostMapping("/changes")
    BillTeller.BillAnswer change(@PathVariable(name = "number") long number, @Valid @RequestBody HandChange given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return made(number, key, () -> revisions.byHand(number, byHand(number, given)));
    }

    private ByHand byHand(long number, HandChange given) {
        boolean names = given.kind() == ByHand.Kind.ADDED || given.kind() == ByHand.Kind.OTHER_PART;
        String part = names ? given.part().map(String::strip).filter(p -> !p.isEmpty())
                .orElseThrow(() -> Refused.input("part", "nothing", "the number of a part in the drawers")) : "";
        String name = names ? stock.row(part).name() : "";
        if (given.kind() == ByHand.Kind.ADDED) {
            String step = given.step().orElse("");
            String role = steps.runs(number).stream().filter(r -> r.step().key().equals(step))
                    .flatMap(r -> r.step().mounts().stream().sorted()).findFirst()
                    .orElseThrow(() -> Refused.input("step", step, "a step of this job that mounts parts"));
            return new ByHand(given.kind(), role, "", part, name, given.count().orElse(1), given.reason().strip(), SignedIn.name());
        }
        BillLine line = bills.inForceOrRefuse(number).lines.stream().filter(l -> l.ordinal == given.ordinal().orElse(-1)).findFirst()
                .map(BillLineRow::line)
                .orElseThrow(() -> Refused.input("ordinal", given.ordinal().map(String::valueOf).orElse("nothing"),
                        "the place of a line on the bill, from 0"));
        return new ByHand(given.kind(), line.role(), ByHand.what(line), part, name, given.count().orElse(line.count()),
                given.reason().strip(), SignedIn.name());
    }

    @DeleteMapping
    BillTeller.BillAnswer withdraw(@PathVariable(name = "number") long number, @Valid @RequestBody Withdrawal withdrawal,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> bills.withdraw(number, withdrawal.reason(), SignedIn.name()));
    }

    /** Lays what the job holds on its tray. */
    @PostMapping("/picks")
    BillTeller.BillAnswer pick(@PathVariable(name = "number") long number, @Valid @RequestBody Picks picks,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> bills.pick(number, picks.parts(), SignedIn.name()));
    }

    private BillTeller.BillAnswer made(long number, String key, Runnable work) {
        once(key, work);
        return teller.fresh(number);
    }

    private BillTeller.BillAnswer done(long number, String key, Runnable work) {
        once(key, work);
        return teller.answer(number);
    }

    private void once(String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
    }
}
