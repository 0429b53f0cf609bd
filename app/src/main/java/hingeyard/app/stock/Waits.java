package hingeyard.app.stock;

import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.Reservation.State;
import hingeyard.app.stock.StockMovement.Kind;
import hingeyard.core.stock.Promises;
import hingeyard.core.stock.Promises.Promise;
import hingeyard.core.stock.Promises.Rank;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who waits for what, who gets what comes, and who loses what is not there. */
@Service
public class Waits {

    /** What a job waits for: too few were there when its bill was made, or a count found them missing, or another job got them. */
    public record Waiting(long id, long job, String partNumber, int count, String role) {
    }

    private final ReservationRows reservations;
    private final Ledger ledger;
    private final Jobs jobs;
    private final LiveEvents live;
    private final ApplicationEventPublisher events;

    Waits(ReservationRows reservations, Ledger ledger, Jobs jobs, LiveEvents live, ApplicationEventPublisher events) {
        this.reservations = reservations;
        this.ledger = ledger;
        this.jobs = jobs;
        this.live = live;
        this.events = events;
    }

    /** Everything that jobs wait for. */
    @Transactional(readOnly = true)
    public List<Waiting> waiting() {
        return reservations.findByState(State.SHORT).stream().map(r -> new Waiting(r.id, r.jobId, r.partNumber, r.count, r.role)).toList();
    }

    /** Which jobs hold pieces of a part in its drawer, and how many. */
    @Transactional(readOnly = true)
    public Map<Long, Integer> holders(String part) {
        return reservations.findByPartNumberAndState(part, State.HELD).stream()
                .collect(Collectors.toMap(r -> r.jobId, r -> r.count, Integer::sum, TreeMap::new));
    }

    /**
     * Gives what one job was promised to another that waits for it; the one that loses waits instead.
     *
     * @throws Refused when the other waits for nothing of it, or too few are to be had that way
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reallocate(String part, long loser, long winner, String by) {
        int free = ledger.lock(part).free();
        Reservation wanted = inState(part, State.SHORT).values().stream().filter(r -> r.jobId == winner)
                .min(Comparator.comparing(r -> r.id))
                .orElseThrow(() -> Refused.conflict("Job %d waits for no %s. Nothing was changed.".formatted(winner, part)));
        List<Reservation> held = inState(part, State.HELD).values().stream().filter(r -> r.jobId == loser)
                .sorted(Comparator.comparing((Reservation r) -> r.id).reversed()).toList();
        int there = free + held.stream().mapToInt(r -> r.count).sum();
        if (held.isEmpty() || there < wanted.count) {
            throw Refused.conflict(
                    "Job %d waits for %d of %s; job %d holds %d in the drawer, %d are free. What lies on a tray is put back first. Nothing was changed."
                            .formatted(winner, wanted.count, part, loser,
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
        events.publishEvent(new Holds.Changed(r.jobId, r.partNumber, r.role, held));
        live.jobChanged(r.jobId);
    }
}
