package hingeyard.app.receiving;

import hingeyard.app.bill.Bills;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claim;
import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.claim.Claims;
import hingeyard.app.install.Steps;
import hingeyard.app.install.Ticks;
import hingeyard.app.kit.Kits;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Bill;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Milestone;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.receiving.KitCheck;
import hingeyard.core.receiving.KitCheck.Content;
import hingeyard.core.receiving.KitCheck.Numbered;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A box held against its list. Every mark, number and run is only added; the last one is in force. */
@Service
public class KitChecks {

    /** @param found good pieces; @param fault what is wrong with the others, MISSING where none are others */
    record Mark(String item, int expected, int found, Fault fault, String note, String by, Instant at) {
    }

    record Serial(String number, String by, Instant at) {
    }

    record Run(BigDecimal volts, boolean passed, String note, String by, Instant at) {
    }

    /** Everything of a job's kit check. */
    record Sheet(JobCard job, Kit kit, List<Content> contents, Map<String, Mark> marks, Set<Numbered> wanted, Map<Numbered, Serial> serials,
            Optional<Run> run, List<Claim> claims, boolean closed) {

        List<String> open() {
            return KitCheck.open(contents, marks.keySet(), wanted, serials.keySet(), run.filter(Run::passed).isPresent());
        }
    }

    /** What the papers say of a box: numbers of its pieces, and whether its keys are written down; a key's number stands on no paper. */
    public record Printed(List<String> numbers, boolean keys) {
    }

    private final Jobs jobs;
    private final Bills bills;
    private final Kits kits;
    private final Claims claims;
    private final Steps steps;
    private final Ticks ticks;
    private final Holds holds;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    KitChecks(Jobs jobs, Bills bills, Kits kits, Claims claims, Steps steps, Ticks ticks, Holds holds, LiveEvents live, ShopClock clock,
            JdbcTemplate jdbc) {
        this.jobs = jobs;
        this.bills = bills;
        this.kits = kits;
        this.claims = claims;
        this.steps = steps;
        this.ticks = ticks;
        this.holds = holds;
        this.live = live;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    /** Nothing for a job without a box. */
    @Transactional(readOnly = true)
    public Printed printed(long number) {
        Map<Numbered, String> serials = new EnumMap<>(Numbered.class);
        jdbc.query("SELECT of_what, serial FROM kit_serial WHERE job_id = ? AND box = ? ORDER BY id", r -> {
            serials.put(Numbered.valueOf(r.getString(1)), r.getString(2));
        }, number, jobs.box(number));
        return new Printed(serials.entrySet().stream().filter(s -> s.getKey() != Numbered.KEY)
                .map(s -> s.getKey().label() + " " + s.getValue()).toList(), serials.containsKey(Numbered.KEY));
    }

    /** @throws Refused while the job has no bill: a box belongs to a job by its bill */
    @Transactional(readOnly = true)
    Sheet sheet(long number) {
        JobCard job = jobs.card(number);
        Bill bill = bills.agreed(number)
                .orElseThrow(() -> Refused.conflict("Job %d has no bill yet: no box belongs to it.".formatted(number)));
        Kit kit = kits.kit(bill.kitCode());
        if (!kit.boxed()) {
            throw Refused.conflict("Job %d is %s: no box belongs to it.".formatted(number, job.jobKindLabel()));
        }
        int box = jobs.box(number);
        Map<String, Mark> marks = new LinkedHashMap<>();
        jdbc.query(
                "SELECT item, expected, found, fault, note, marked_by, marked_at FROM kit_check_mark WHERE job_id = ? AND kit_code = ? AND box = ? ORDER BY id",
                r -> {
                    marks.put(r.getString(1), new Mark(r.getString(1), r.getInt(2), r.getInt(3), Fault.valueOf(r.getString(4)),
                            r.getString(5), r.getString(6), r.getTimestamp(7).toInstant()));
                }, number, kit.code(), box);
        Map<Numbered, Serial> serials = new EnumMap<>(Numbered.class);
        jdbc.query("SELECT of_what, serial, noted_by, noted_at FROM kit_serial WHERE job_id = ? AND box = ? ORDER BY id", r -> {
            serials.put(Numbered.valueOf(r.getString(1)), new Serial(r.getString(2), r.getString(3), r.getTimestamp(4).toInstant()));
        }, number, box);
        Optional<Run> run = jdbc.query(
                "SELECT volts, passed, note, run_by, run_at FROM bench_run WHERE job_id = ? AND box = ? ORDER BY id DESC LIMIT 1",
                (r, n) -> new Run(r.getBigDecimal(1), r.getBoolean(2), r.getString(3), r.getString(4), r.getTimestamp(5).toInstant()),
                number, box).stream().findFirst();
        return new Sheet(job, kit, KitCheck.contents(kit, bill), marks, KitCheck.numbered(kit), serials, run, claims.of(number),
                steps.reached(number, Milestone.BOX_CHECKED));
    }

    /**
     * How a line of the contents was found. What is missing or wrong is claimed; what the job needs of it keeps its step waiting. A line
     * that is looked at again
     * settles what was claimed of it before.
     *
     * @param good  pieces that are there and right
     * @param fault what is wrong with the others
     */
    @Transactional
    public void mark(long number, String item, int good, Fault fault, String note, String by) {
        jobs.hold(number);
        Sheet sheet = sheet(number);
        Content content = sheet.contents().stream().filter(c -> c.name().equals(item)).findFirst()
                .orElseThrow(() -> Refused.notFound("line of the contents", item));
        if (good > content.count()) {
            throw Refused.input("good", String.valueOf(good),
                    "0 to %d, so many the box should hold; what is too many goes in a drawer".formatted(content.count()));
        }
        jobs.openBox(number);
        jdbc.update(
                "INSERT INTO kit_check_mark (job_id, box, kit_code, item, expected, found, fault, note, marked_by, marked_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                number, jobs.box(number), sheet.kit().code(), item,
                content.count(), good, fault.name(), note, by, Timestamp.from(clock.now()));
        claims.settleOf(number, item, List.of(Fault.values()), "looked at again", by);
        if (good < content.count()) {
            claims.raise(new Claim.Raised(Optional.of(number), jobs.box(number), Optional.empty(), sheet.kit().maker(),
                    sheet.kit().boxNumber(), item,
                    content.count() - good, fault, content.role(),
                    KitCheck.blocks(content, good), note), by);
        }
        live.jobChanged(number);
    }

    /**
     * Writes a number down; all but a key's stand in the stock ledger too.
     *
     * @throws Refused when the same number is written down on another job
     */
    @Transactional
    public void number(long number, Numbered what, String serial, String by) {
        jobs.hold(number);
        if (!sheet(number).wanted().contains(what)) {
            throw Refused.input("what", what.label(),
                    "what this kit has: " + String.join(", ", sheet(number).wanted().stream().map(Numbered::label).toList()));
        }
        List<Long> others = what == Numbered.KEY ? List.of() : withNumber(what, serial).filter(job -> job != number).toList();
        if (!others.isEmpty()) {
            throw Refused.conflict("serial", serial, "%s %s is written down on job %d already. Look at the plate again; nothing was saved."
                    .formatted(what.label(), serial, others.get(0)));
        }
        jobs.openBox(number);
        jdbc.update("INSERT INTO kit_serial (job_id, box, of_what, serial, noted_by, noted_at) VALUES (?, ?, ?, ?, ?, ?)", number,
                jobs.box(number),
                what.name(), serial, by, Timestamp.from(clock.now()));
        if (what != Numbered.KEY) {
            holds.numbered(number, KitCheck.partOf(what, sheet(number).kit()), what.label(), serial, by);
        }
        live.jobChanged(number);
    }

    /**
     * Jobs whose box has a piece of this number now: not those it was on before its box went back, nor those where it was written by
     * mistake.
     */
    private Stream<Long> withNumber(Numbered what, String serial) {
        return jdbc.query("""
                SELECT s.job_id, s.box FROM kit_serial s WHERE s.of_what = ? AND s.serial = ?
                  AND s.id = (SELECT MAX(x.id) FROM kit_serial x WHERE x.job_id = s.job_id AND x.box = s.box AND x.of_what = s.of_what)""",
                (r, n) -> jobs.box(r.getLong(1)) == r.getInt(2) ? Optional.of(r.getLong(1)) : Optional.<Long>empty(), what.name(), serial)
                .stream().flatMap(Optional::stream);
    }

    /** The kit ran on the bench, or did not: kept either way. Answers whether it is proven, and why not. */
    @Transactional
    public Ruling ran(long number, BigDecimal volts, boolean ran, String note, String by) {
        jobs.hold(number);
        Ruling proven = KitCheck.proven(sheet(number).kit().battery(), Voltage.ofMillivolts(volts.movePointRight(3).longValueExact()), ran);
        jobs.openBox(number);
        jdbc.update("INSERT INTO bench_run (job_id, box, volts, passed, note, run_by, run_at) VALUES (?, ?, ?, ?, ?, ?, ?)", number,
                jobs.box(number), volts,
                proven.allowed(), note, by, Timestamp.from(clock.now()));
        live.jobChanged(number);
        return proven;
    }

    /** Closes the check: the steps of the box and the bench are done, before the bike is on a stand. */
    @Transactional
    void close(long number, String by) {
        jobs.hold(number);
        Sheet sheet = sheet(number);
        if (sheet.closed()) {
            throw Refused.conflict("The box of job %d is checked already.".formatted(number));
        }
        if (!sheet.open().isEmpty()) {
            throw Refused.conflict("Open still: %s. The check was not closed.".formatted(String.join("; ", sheet.open())));
        }
        ticks.doneAtReceiving(number, Milestone.BOX_CHECKED, Map.of(), by);
        // Whoever ran it did that step, whoever closes the check.
        sheet.run().ifPresent(run -> ticks.doneAtReceiving(number, Milestone.BENCH_PROVEN, Map.of("battery-volts", run.volts()),
                run.by()));
    }
}
