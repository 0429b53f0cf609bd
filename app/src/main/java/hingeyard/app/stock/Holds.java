package hingeyard.app.stock;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Level;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.Reservation.State;
import hingeyard.app.stock.StockMovement.Kind;
import hingeyard.core.stock.Promises;
import hingeyard.core.stock.Promises.Promise;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
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
    private final LiveEvents live;
    private final ApplicationEventPublisher events;

    Holds(ReservationRows reservations, Ledger ledger, Stock stock, LiveEvents live, ApplicationEventPublisher events) {
        this.reservations = reservations;
        this.ledger = ledger;
        this.stock = stock;
        this.live = live;
        this.events = events;
    }

    /**
     * Reserves everything or nothing.
     *
     * @throws Refused naming each part that is short, how many are free and which jobs hold it
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reserve(long job, List<Want> wants, String by) {
        Map<String, Integer> total = wants.stream().collect(Collectors.toMap(Want::partNumber, Want::count, Integer::sum, TreeMap::new));
        Map<String, Level> levels = ledger.lock(total.keySet());
        List<String> shorts = new ArrayList<>();
        total.forEach((number, count) -> {
            Level level = levels.get(number);
            if (level == null) {
                shorts.add(number + " is in no drawer");
            } else if (level.free() < count) {
                shorts.add(shortage(number, level, count));
            }
        });
        if (!shorts.isEmpty()) {
            throw Refused.conflict("Not enough in the drawers: " + String.join("; ", shorts) + ". Nothing was reserved; match again to see what else would do.");
        }
        for (Want want : wants) {
            reservations.save(new Reservation(job, want.partNumber(), want.count(), want.role()));
            ledger.add(Line.of(want.partNumber(), Kind.RESERVED, 0, want.count(), job, ""), by);
        }
    }

    private String shortage(String number, Level level, int wanted) {
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

    /** Gives back everything a job holds, what lies on its tray too. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void release(long job, String by) {
        for (Reservation r : locked(job, Set.of(State.HELD, State.PICKED, State.SHORT))) {
            if (r.state == State.HELD) {
                ledger.add(Line.of(r.partNumber, Kind.RELEASED, 0, -r.count, job, ""), by);
            } else if (r.state == State.PICKED) {
                ledger.add(Line.of(r.partNumber, Kind.BACK_IN_DRAWER, r.count, 0, job, "from the tray"), by);
            }
            r.state = State.RELEASED;
        }
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

    private static List<Promise> promises(Map<Long, Reservation> reservations) {
        return reservations.values().stream().map(r -> new Promise(r.id, r.count)).toList();
    }

    private void tell(Reservation r, boolean held) {
        events.publishEvent(new Changed(r.jobId, r.partNumber, r.role, held));
        live.jobChanged(r.jobId);
    }
}
