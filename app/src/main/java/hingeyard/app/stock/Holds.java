package hingeyard.app.stock;

import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Level;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.Reservation.State;
import hingeyard.app.stock.StockMovement.Kind;
import hingeyard.core.stock.Promises;
import hingeyard.core.stock.Promises.Promise;
import hingeyard.core.stock.Promises.Rank;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What jobs hold of the drawers: promised, laid out, mounted or given back. */
@Service
public class Holds {

    /** A part that a job wants. */
    public record Want(String partNumber, int count, String role) {
    }

    /** A job lost what it held, or got it back; told inside the transaction that did it. */
    public record Changed(long job, String partNumber, String role, boolean held) {
    }

    private final ReservationRows reservations;
    private final Ledger ledger;
    private final Stock stock;
    private final Jobs jobs;
    private final LiveEvents live;
    private final ApplicationEventPublisher events;

    Holds(ReservationRows reservations, Ledger ledger, Stock stock, Jobs jobs, LiveEvents live, ApplicationEventPublisher events) {
        this.reservations = reservations;
        this.ledger = ledger;
        this.stock = stock;
        this.jobs = jobs;
        this.live = live;
        this.events = events;
    }

    /** What a job waits for: too few were there when its bill was made, or a count found them missing, or another job got them. */
    public record Waiting(long id, long job, String partNumber, int count, String role) {
    }

    /**
     * Reserves everything; what is short and may be waited for is waited for, what is short and may not refuses it all.
     *
     * @param mayWait those of the wants that the job may wait for
     * @return what it waits for
     * @throws Refused naming each part that is short, how many are free and which jobs hold it
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Set<Want> reserve(long job, List<Want> wants, Set<Want> mayWait, String by) {
        Map<String, Level> levels = ledger.lock(wants.stream().map(Want::partNumber).toList());
        Map<String, Integer> free = new HashMap<>();
        levels.forEach((number, level) -> free.put(number, level.free()));
        List<String> shorts = new ArrayList<>();
        needed(wants, mayWait).forEach((number, count) -> {
            if (count > free.getOrDefault(number, 0)) {
                shorts.add(shortage(number, levels.get(number), count));
            }
        });
        mayWait.stream().map(Want::partNumber).filter(p -> !levels.containsKey(p)).distinct().forEach(p -> shorts.add(p + " is in no drawer"));
        if (!shorts.isEmpty()) {
            throw Refused.conflict("Not enough in the drawers: " + String.join("; ", shorts) + ". Nothing was reserved; match again to see what else would do, or let the job wait for what is short.");
        }
        List<Line> lines = new ArrayList<>();
        // What the job cannot wait for is served before what it can.
        for (Want want : wants.stream().sorted(Comparator.comparing(mayWait::contains)).toList()) {
            Reservation reservation = new Reservation(job, want.partNumber(), want.count(), want.role());
            if (free.get(want.partNumber()) < want.count()) {
                reservation.state = State.SHORT;
            } else {
                free.merge(want.partNumber(), -want.count(), Integer::sum);
                lines.add(Line.of(want.partNumber(), Kind.RESERVED, 0, want.count(), job, ""));
            }
            reservations.save(reservation);
        }
        if (!lines.isEmpty()) {
            ledger.add(lines, by);
        }
        return missing(job);
    }

    private static Map<String, Integer> needed(List<Want> wants, Set<Want> mayWait) {
        return wants.stream().filter(w -> !mayWait.contains(w)).collect(Collectors.toMap(Want::partNumber, Want::count, Integer::sum, TreeMap::new));
    }

    private Set<Want> missing(long job) {
        return reservations.inState(job, State.SHORT).stream().map(r -> new Want(r.partNumber, r.count, r.role)).collect(Collectors.toSet());
    }

    /**
     * What a later revision of a job's bill wants instead: what it holds, has on its tray or has mounted already stays, the rest goes back, what is new is reserved.
     *
     * @return what it waits for now
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Set<Want> exchange(long job, List<Want> wants, Set<Want> mayWait, String by) {
        Set<State> going = Set.of(State.HELD, State.PICKED, State.CONSUMED, State.SHORT);
        ledger.lock(Stream.concat(reservations.counts(job, going).stream().map(r -> (String) r[0]), wants.stream().map(Want::partNumber)).toList());
        List<Want> open = new ArrayList<>(wants);
        List<Reservation> back = new ArrayList<>();
        for (Reservation r : reservations.lock(job, going)) {
            if (!open.remove(new Want(r.partNumber, r.count, r.role))) {
                back.add(r);
            }
        }
        giveBack(job, back.stream().filter(r -> r.state != State.CONSUMED).toList(), by);
        return reserve(job, open, mayWait.stream().filter(open::contains).collect(Collectors.toSet()), by);
    }

    /** Everything that jobs wait for. */
    @Transactional(readOnly = true)
    public List<Waiting> waiting() {
        return reservations.findByState(State.SHORT).stream().map(r -> new Waiting(r.id, r.jobId, r.partNumber, r.count, r.role)).toList();
    }

    /** Which jobs hold pieces of a part in its drawer, and how many. */
    @Transactional(readOnly = true)
    public Map<Long, Integer> holders(String part) {
        return reservations.findByPartNumberAndState(part, State.HELD).stream().collect(Collectors.toMap(r -> r.jobId, r -> r.count, Integer::sum, TreeMap::new));
    }

    /**
     * Gives what one job was promised to another that waits for it; the one that loses waits instead.
     *
     * @throws Refused when the other waits for nothing of it, or too few are to be had that way
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reallocate(String part, long loser, long winner, String by) {
        int free = ledger.lock(part).free();
        Reservation wanted = inState(part, State.SHORT).values().stream().filter(r -> r.jobId == winner).min(Comparator.comparing(r -> r.id))
                .orElseThrow(() -> Refused.conflict("Job %d waits for no %s. Nothing was changed.".formatted(winner, part)));
        List<Reservation> held = inState(part, State.HELD).values().stream().filter(r -> r.jobId == loser).sorted(Comparator.comparing((Reservation r) -> r.id).reversed()).toList();
        int there = free + held.stream().mapToInt(r -> r.count).sum();
        if (held.isEmpty() || there < wanted.count) {
            throw Refused.conflict("Job %d waits for %d of %s; job %d holds %d in the drawer, %d are free. What lies on a tray is put back first. Nothing was changed.".formatted(winner, wanted.count, part, loser,
                    there - free, free));
        }
        for (Reservation r : held) {
            if (free < wanted.count) {
                free += r.count;
                r.state = State.SHORT;
                ledger.add(Line.of(part, Kind.RELEASED, 0, -r.count, loser, "given to job " + winner), by);
                tell(r, false);
            }
        }
        wanted.state = State.HELD;
        ledger.add(Line.of(part, Kind.RESERVED, 0, wanted.count, winner, "taken over from job " + loser), by);
        tell(wanted, true);
    }

    private String shortage(String number, Level level, int wanted) {
        if (level == null) {
            return number + " is in no drawer";
        }
        DrawerRow row = stock.row(number);
        String holders = reservations.findByPartNumberAndState(number, State.HELD).stream().map(r -> "job " + r.jobId).distinct().collect(Collectors.joining(", "));
        return "%s (drawer %s): %d wanted, %d free%s".formatted(row.name(), row.place(), wanted, level.free(), holders.isEmpty() ? "" : ", held by " + holders);
    }

    /** What lies on a job's tray, as {@code part role}. */
    @Transactional(readOnly = true)
    public Set<String> onTray(long job) {
        return reservations.inState(job, State.PICKED).stream().map(r -> r.partNumber + " " + r.role).collect(Collectors.toSet());
    }

    /** Takes what a job holds of these parts out of their drawers, onto its tray. Answers how many lines were picked. */
    @Transactional(propagation = Propagation.MANDATORY)
    public int pick(long job, Set<String> parts, String by) {
        List<Reservation> picked = locked(job, Set.of(State.HELD)).stream().filter(r -> parts.contains(r.partNumber)).toList();
        for (Reservation r : picked) {
            r.state = State.PICKED;
            ledger.add(Line.of(r.partNumber, Kind.PICKED, -r.count, -r.count, job, "onto the tray"), by);
        }
        return picked.size();
    }

    /** What a job holds or has picked for these roles is on the bike. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void consume(long job, Set<String> roles, String by) {
        for (Reservation r : locked(job, Set.of(State.HELD, State.PICKED))) {
            if (roles.contains(r.role)) {
                int left = r.state == State.PICKED ? 0 : -r.count;
                r.state = State.CONSUMED;
                ledger.add(Line.of(r.partNumber, Kind.CONSUMED, left, left, job, "mounted"), by);
            }
        }
    }

    /** What was mounted for these roles is off the bike again and lies on the job's tray. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void unmount(long job, Set<String> roles, String by) {
        for (Reservation r : locked(job, Set.of(State.CONSUMED))) {
            if (roles.contains(r.role)) {
                r.state = State.PICKED;
                ledger.add(Line.of(r.partNumber, Kind.PICKED, 0, 0, job, "off the bike again, on the tray"), by);
            }
        }
    }

    /** Gives back everything a job holds, what lies on its tray too. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void release(long job, String by) {
        giveBack(job, locked(job, Set.of(State.HELD, State.PICKED, State.SHORT)), by);
    }

    private void giveBack(long job, List<Reservation> back, String by) {
        Set<String> parts = new TreeSet<>();
        for (Reservation r : back) {
            if (r.state == State.HELD) {
                ledger.add(Line.of(r.partNumber, Kind.RELEASED, 0, -r.count, job, ""), by);
            } else if (r.state == State.PICKED) {
                ledger.add(Line.of(r.partNumber, Kind.BACK_IN_DRAWER, r.count, 0, job, "from the tray"), by);
            }
            if (r.state != State.SHORT) {
                parts.add(r.partNumber);
            }
            r.state = State.RELEASED;
        }
        reservations.flush();
        parts.forEach(part -> refill(part, by));
    }

    private List<Reservation> locked(long job, Set<State> states) {
        // Counted first and read under the lock: until it is there another transaction may have them.
        ledger.lock(reservations.counts(job, states).stream().map(r -> (String) r[0]).toList());
        return reservations.lock(job, states);
    }

    /** The promises that so many on hand no longer cover are broken, and their jobs told. Answers the jobs. */
    @Transactional(propagation = Propagation.MANDATORY)
    List<Long> shorten(String part, int onHand, String by) {
        Map<Long, Reservation> held = inState(part, State.HELD);
        List<Long> jobs = new ArrayList<>();
        for (Promise broken : Promises.broken(promises(held), onHand)) {
            Reservation r = held.get(broken.id());
            r.state = State.SHORT;
            ledger.add(Line.of(part, Kind.RELEASED, 0, -r.count, r.jobId, "not there"), by);
            tell(r, false);
            jobs.add(r.jobId);
        }
        return jobs;
    }

    /** What is free again goes to those who lost it. */
    @Transactional(propagation = Propagation.MANDATORY)
    void refill(String part, String by) {
        int free = ledger.lock(part).free();
        Map<Long, Reservation> waiting = inState(part, State.SHORT);
        for (Promise kept : Promises.keptAgain(promises(waiting), free)) {
            Reservation r = waiting.get(kept.id());
            r.state = State.HELD;
            ledger.add(Line.of(part, Kind.RESERVED, 0, r.count, r.jobId, "there again"), by);
            tell(r, true);
        }
    }

    private Map<Long, Reservation> inState(String part, State state) {
        return reservations.findByPartNumberAndState(part, state).stream().collect(Collectors.toMap(r -> r.id, Function.identity()));
    }

    private List<Promise> promises(Map<Long, Reservation> of) {
        Map<Long, Rank> ranks = jobs.ranks(of.values().stream().map(r -> r.jobId).collect(Collectors.toSet()));
        return of.values().stream().map(r -> new Promise(r.id, r.count, ranks.get(r.jobId))).toList();
    }

    private void tell(Reservation r, boolean held) {
        events.publishEvent(new Changed(r.jobId, r.partNumber, r.role, held));
        live.jobChanged(r.jobId);
    }
}
