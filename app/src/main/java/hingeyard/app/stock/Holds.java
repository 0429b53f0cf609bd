package hingeyard.app.stock;

import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Level;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.Reservation.State;
import hingeyard.app.stock.StockMovement.Kind;
import hingeyard.core.stock.Promises;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
    private final Waits waits;

    Holds(ReservationRows reservations, Ledger ledger, Stock stock, Waits waits) {
        this.reservations = reservations;
        this.ledger = ledger;
        this.stock = stock;
        this.waits = waits;
    }

    /**
     * How far a job's tray is.
     *
     * @param lines what it takes of the drawers
     * @param laid  of these, lying on the tray or mounted
     */
    public record OnTray(int lines, int laid) {
    }

    /** How far these jobs' trays are; one that takes nothing of the drawers is left out. */
    @Transactional(readOnly = true)
    public Map<Long, OnTray> trays(Collection<Long> jobs) {
        Map<Long, OnTray> trays = new HashMap<>();
        if (!jobs.isEmpty()) {
            reservations.rows(jobs, Set.of(State.HELD, State.PICKED, State.CONSUMED, State.SHORT)).forEach(r -> {
                int count = ((Number) r[2]).intValue();
                boolean laid = r[1] == State.PICKED || r[1] == State.CONSUMED;
                trays.merge((Long) r[0], new OnTray(count, laid ? count : 0), (a, b) -> new OnTray(a.lines + b.lines, a.laid + b.laid));
            });
        }
        return trays;
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
        mayWait.stream().map(Want::partNumber).filter(p -> !levels.containsKey(p)).distinct()
                .forEach(p -> shorts.add(p + " is in no drawer"));
        if (!shorts.isEmpty()) {
            throw Refused.conflict("Not enough in the drawers: " + String.join("; ", shorts)
                    + ". Nothing was reserved; match again to see what else would do, or let the job wait for what is short.");
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
        return wants.stream().filter(w -> !mayWait.contains(w))
                .collect(Collectors.toMap(Want::partNumber, Want::count, Integer::sum, TreeMap::new));
    }

    private Set<Want> missing(long job) {
        return reservations.inState(job, State.SHORT).stream().map(r -> new Want(r.partNumber, r.count, r.role))
                .collect(Collectors.toSet());
    }

    /**
     * What a later revision of a job's bill wants instead: what it holds, has on its tray or has mounted already stays, the rest goes back,
     * what is new is reserved.
     *
     * @return what it waits for now
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Set<Want> exchange(long job, List<Want> wants, Set<Want> mayWait, String by) {
        Set<State> going = Set.of(State.HELD, State.PICKED, State.CONSUMED, State.SHORT);
        ledger.lock(Stream.concat(reservations.counts(job, going).stream().map(r -> (String) r[0]), wants.stream().map(Want::partNumber))
                .toList());
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

    private String shortage(String number, Level level, int wanted) {
        if (level == null) {
            return number + " is in no drawer";
        }
        DrawerRow row = stock.row(number);
        String holders = reservations.findByPartNumberAndState(number, State.HELD).stream().map(r -> "job " + r.jobId).distinct()
                .collect(Collectors.joining(", "));
        return "%s (drawer %s): %d wanted, %d free%s".formatted(row.name(), row.place(), wanted, level.free(),
                holders.isEmpty() ? "" : ", held by " + holders);
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
        if (roles.isEmpty()) {
            return;
        }
        for (Reservation r : locked(job, Set.of(State.HELD, State.PICKED))) {
            if (roles.contains(r.role)) {
                int left = r.state == State.PICKED ? 0 : -r.count;
                r.state = State.CONSUMED;
                ledger.add(Line.of(r.partNumber, Kind.CONSUMED, left, left, job, "mounted"), by);
            }
        }
    }

    /** Which single piece of a part a job has: its number is in the ledger, its count stays. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void numbered(long job, String part, String what, String serial, String by) {
        ledger.lock(part);
        ledger.add(new Line(part, Kind.NUMBERED, 0, 0, job, what, "", serial), by);
    }

    /** What was mounted for these roles is off the bike again and lies on the job's tray. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void unmount(long job, Set<String> roles, String by) {
        if (roles.isEmpty()) {
            return;
        }
        for (Reservation r : locked(job, Set.of(State.CONSUMED))) {
            if (roles.contains(r.role)) {
                r.state = State.PICKED;
                ledger.add(Line.of(r.partNumber, Kind.PICKED, 0, 0, job, "off the bike again, on the tray"), by);
            }
        }
    }

    /** What of a job has left its drawer: on the tray, or on the bike. */
    @Transactional(readOnly = true)
    public Set<Want> outside(long job) {
        return Stream.of(State.PICKED, State.CONSUMED).flatMap(s -> reservations.inState(job, s).stream()).map(Reservation::want)
                .collect(Collectors.toSet());
    }

    /** One thing that a job has lies in its drawer again, as if it had never left it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void backInDrawer(long job, Want what, String by) {
        List<Reservation> back = locked(job, Set.of(State.HELD, State.PICKED, State.CONSUMED)).stream().filter(r -> r.want().equals(what))
                .toList();
        back.stream().filter(r -> r.state == State.CONSUMED).forEach(r -> r.state = State.PICKED);
        giveBack(job, back, by);
    }

    /** One thing that a job has does not come back: it stays with the bike, or is used up. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void gone(long job, Want what, String why, String by) {
        for (Reservation r : locked(job, Set.of(State.HELD, State.PICKED))) {
            if (r.want().equals(what)) {
                int left = r.state == State.PICKED ? 0 : -r.count;
                r.state = State.CONSUMED;
                ledger.add(Line.of(r.partNumber, Kind.CONSUMED, left, left, job, why), by);
            }
        }
    }

    /** The same for whatever a job has for this role. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Map<String, Integer> setAside(long job, String role, String reason, String by) {
        return setAside(job, r -> r.role.equals(role), reason, by);
    }

    /**
     * What a job has goes back in its drawer and is taken out for good: it is never free in between.
     *
     * @return how many of which part it was
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Map<String, Integer> setAside(long job, Want what, String reason, String by) {
        return setAside(job, r -> r.want().equals(what), reason, by);
    }

    private Map<String, Integer> setAside(long job, Predicate<Reservation> which, String reason, String by) {
        Map<String, Integer> aside = new TreeMap<>();
        for (Reservation r : locked(job, Set.of(State.HELD, State.PICKED, State.CONSUMED))) {
            if (which.test(r)) {
                ledger.add(r.state == State.HELD ? Line.of(r.partNumber, Kind.RELEASED, 0, -r.count, job, "")
                        : Line.of(r.partNumber, Kind.BACK_IN_DRAWER, r.count, 0, job, "from the job"), by);
                ledger.add(Line.of(r.partNumber, Kind.SCRAPPED, -r.count, 0, job, reason), by);
                r.state = State.RELEASED;
                aside.merge(r.partNumber, r.count, Integer::sum);
            }
        }
        return aside;
    }

    /** Gives back everything a job holds, what lies on its tray too. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void release(long job, String by) {
        giveBack(job, locked(job, Set.of(State.HELD, State.PICKED, State.SHORT)), by);
    }

    /** Gives back what a job holds or waits for and has not touched. @param but roles that are kept all the same */
    @Transactional(propagation = Propagation.MANDATORY)
    public void releaseUntouched(long job, Set<String> but, String by) {
        giveBack(job, locked(job, Set.of(State.HELD, State.SHORT)).stream().filter(r -> !but.contains(r.role)).toList(), by);
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
        parts.forEach(part -> waits.refill(part, by));
    }

    private List<Reservation> locked(long job, Set<State> states) {
        // Counted first and read under the lock: until it is there another transaction may have them.
        ledger.lock(reservations.counts(job, states).stream().map(r -> (String) r[0]).toList());
        return reservations.lock(job, states);
    }
}
