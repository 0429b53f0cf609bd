package hingeyard.app.order;

import hingeyard.app.booking.JobNotices;
import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.command.Commands;
import hingeyard.app.order.OrderTeller.OrdersAnswer;
import hingeyard.app.person.SignedIn;
import hingeyard.app.stock.Waits;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.order.SimulatedSupplier.Mood;
import hingeyard.core.order.SimulatedSupplier;
import hingeyard.core.stock.SerialNumbers;
import hingeyard.formats.OrderJson;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Buying: what is wanted, what is on its way, what came. */
@RestController
@RequestMapping("/api/orders")
class OrdersController {

    record WantedLine(@NotBlank(message = "a part's number") String part,
            @Min(value = 1, message = "1 to 9999") @Max(value = 9999, message = "1 to 9999") int count) {
    }

    record NewOrder(@NotBlank(message = "a supplier") @Size(max = 80, message = "at most 80 letters") String supplier,
            @NotEmpty(message = "at least one line") List<@Valid WantedLine> lines) {
    }

    record AnswerFile(@NotBlank(message = "the answer's text") @Size(max = 400_000, message = "at most 400 kB") String json) {
    }

    /** @param mood how the simulated supplier answers */
    record Simulate(@NotNull(message = "one of the answers offered") Mood mood) {
    }

    record Cancel(@NotBlank(message = "a part's number") String part, @Min(value = 1, message = "1 or more") int count,
            @NotBlank(message = "a reason, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason) {
    }

    /** @param fault what is wrong with the pieces; null for good ones */
    record CameLine(@NotBlank(message = "a part's number") @Size(max = 40, message = "at most 40 letters") String part,
            @Min(value = 1, message = "1 to 9999") @Max(value = 9999, message = "1 to 9999") int count,
            @Size(max = 40, message = "at most 40 letters") String lot,
            Optional<List<@Pattern(regexp = SerialNumbers.PATTERN, message = SerialNumbers.SAID) String>> serials,
            Fault fault, @Size(max = 300, message = "at most 300 letters") String note) {
    }

    record Delivery(@NotEmpty(message = "at least one line") List<@Valid CameLine> lines) {
    }

    record Reallocation(@NotBlank(message = "a part's number") String part, long from, long to,
            @NotBlank(message = "why, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String reason) {
    }

    private final Orders orders;
    private final OrderTeller teller;
    private final Proposals proposals;
    private final Waits waits;
    private final JobNotices notices;
    private final Commands commands;
    private final ShopClock clock;

    OrdersController(Orders orders, OrderTeller teller, Proposals proposals, Waits waits, JobNotices notices, Commands commands,
            ShopClock clock) {
        this.orders = orders;
        this.teller = teller;
        this.proposals = proposals;
        this.waits = waits;
        this.notices = notices;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping
    OrdersAnswer all() {
        return teller.all();
    }

    /** How many of each part are on their way: the drawers draw it beside what lies there. */
    @GetMapping("/coming")
    Map<String, Integer> coming() {
        return proposals.onOrder();
    }

    @PostMapping
    OrdersAnswer send(@Valid @RequestBody NewOrder order, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, () -> orders.send(order.supplier(),
                order.lines().stream().map(l -> new Orders.Ordered(l.part(), l.count())).toList(), SignedIn.name()));
    }

    /** The order as a file for its supplier. */
    @GetMapping(path = "/{number}/order.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> file(@PathVariable(name = "number") long number) {
        OrderTeller.OrderView order = teller.one(number);
        String json = OrderJson.write(new OrderJson.OrderFile(number, order.supplier(), clock.day(order.madeAt()), order.madeBy(),
                order.lines().stream()
                        .map(l -> new OrderJson.OrderFile.Line(l.part(), l.name(), l.ordered(),
                                l.coming().isEmpty() ? clock.day(order.madeAt()) : l.coming().get(l.coming().size() - 1).on()))
                        .toList()));
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename("order-%d.json".formatted(number)).build().toString()).body(json);
    }

    @PostMapping("/{number}/answers")
    OrdersAnswer answer(@PathVariable(name = "number") long number, @Valid @RequestBody AnswerFile file,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, () -> {
            orders.answered(number, OrderJson.readAnswer(file.json()), SignedIn.name());
            return number;
        });
    }

    /** What the simulated supplier would answer: a file like one that came by mail, to be taken in or not. */
    @PostMapping(path = "/{number}/simulated-answer")
    AnswerFile simulated(@PathVariable(name = "number") long number, @Valid @RequestBody Simulate simulate) {
        OrderTeller.OrderView order = teller.one(number);
        return new AnswerFile(OrderJson.write(SimulatedSupplier.answer(number, order.supplier(),
                order.lines().stream().filter(l -> l.open() > 0)
                        .map(l -> new SimulatedSupplier.Wanted(l.part(), l.open(), proposals.buyable(l.part()).leadDays())).toList(),
                simulate.mood(), clock.today())));
    }

    @PostMapping("/{number}/cancellations")
    OrdersAnswer cancel(@PathVariable(name = "number") long number, @Valid @RequestBody Cancel cancel,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, () -> {
            orders.cancel(number, cancel.part(), cancel.count(), cancel.reason().strip(), SignedIn.name());
            return number;
        });
    }

    @PostMapping("/{number}/deliveries")
    OrdersAnswer deliver(@PathVariable(name = "number") long number, @Valid @RequestBody Delivery delivery,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, () -> {
            orders.received(number,
                    delivery.lines().stream()
                            .map(l -> new Orders.Came(l.part().strip(), l.count(), text(l.lot()),
                                    l.serials() == null ? List.of() : l.serials().orElse(List.of()), Optional.ofNullable(l.fault()),
                                    text(l.note())))
                            .toList(),
                    SignedIn.name());
            return number;
        });
    }

    private static String text(String said) {
        return said == null ? "" : said.strip();
    }

    /** Gives what one job was promised to another; the one that loses is told. */
    @PostMapping("/reallocations")
    OrdersAnswer reallocate(@Valid @RequestBody Reallocation ask, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, () -> {
            waits.reallocate(ask.part(), ask.from(), ask.to(), SignedIn.name());
            notices.tell(ask.from(),
                    "%s was given to job %d: %s".formatted(proposals.buyable(ask.part()).name(), ask.to(), ask.reason().strip()),
                    SignedIn.name());
            return ask.to();
        });
    }

    private OrdersAnswer done(String key, Supplier<Long> work) {
        commands.once(key, Long.class, work);
        return teller.all();
    }
}
