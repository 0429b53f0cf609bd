package hingeyard.app.booking;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.floor.FloorRules;
import hingeyard.core.floor.Place;
import java.util.List;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The jobs of the shop. */
@Service
public class Jobs {

    private static final int FURTHEST_BOOKING_DAYS = 365;

    private final JobRows jobs;
    private final BikeRows bikes;
    private final CustomerRows customers;
    private final LiveEvents live;
    private final ShopClock clock;

    Jobs(JobRows jobs, BikeRows bikes, CustomerRows customers, LiveEvents live, ShopClock clock) {
        this.jobs = jobs;
        this.bikes = bikes;
        this.customers = customers;
        this.live = live;
        this.clock = clock;
    }

    /** Books a bike in; it is awaited at the gate. */
    @Transactional
    public JobCard book(Booking booking) {
        if (booking.arrivesOn().isBefore(clock.today()) || booking.arrivesOn().isAfter(clock.today().plusDays(FURTHEST_BOOKING_DAYS))) {
            throw Refused.input("arrivesOn", booking.arrivesOn().toString(), "from today to a year ahead");
        }
        Customer customer = customers.findFirstByNameIgnoreCaseAndContactIgnoreCase(booking.customer().strip(), booking.contact().strip())
                .orElseGet(() -> customers.save(new Customer(booking.customer().strip(), booking.contact().strip())));
        Bike bike = bikes.save(new Bike(customer, booking.kind(), booking.bike().strip(), booking.frameNumber().strip(), booking.paint()));
        Job job = jobs.save(new Job(bike, booking.wish().strip(), booking.dailyKm(), booking.arrivesOn()));
        live.jobChanged(job.id);
        return job.card();
    }

    @Transactional(readOnly = true)
    public JobCard card(long number) {
        return jobs.card(number).orElseThrow(() -> Refused.notFound("job", number)).card();
    }

    @Transactional(readOnly = true)
    public List<JobCard> all() {
        return jobs.cards().stream().map(Job::card).toList();
    }

    /** Jobs by number, customer, bike or frame number. */
    @Transactional(readOnly = true)
    public List<JobCard> find(String text) {
        return text.isBlank() ? List.of() : jobs.find(text.strip(), Limit.of(12)).stream().map(Job::card).toList();
    }

    /** Holds the job for the rest of the transaction: what two people do to one job happens one after the other. */
    @Transactional
    public JobCard hold(long number) {
        return jobs.lock(number).orElseThrow(() -> Refused.notFound("job", number)).card();
    }

    @Transactional
    public void chooseKit(long number, String kitCode) {
        jobs.findById(number).orElseThrow().kitCode = kitCode;
    }

    /** Puts a bike somewhere; whether it may go there has been ruled on. */
    @Transactional
    public void place(long number, Place to, Integer stand) {
        Job job = jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number));
        if (to == Place.STAND) {
            checkFree(number, stand);
        }
        job.place = to;
        job.stand = to == Place.STAND ? stand : null;
        try {
            jobs.flush();
        } catch (DataIntegrityViolationException taken) {
            // Two people chose the same free stand at once; the index let one of them through.
            throw Refused.conflict("Stand %d was taken a moment ago. Choose another stand.".formatted(stand));
        }
        live.jobChanged(number);
    }

    private void checkFree(long number, Integer stand) {
        if (stand == null || stand < 1 || stand > FloorRules.STANDS) {
            throw Refused.input("stand", String.valueOf(stand), "1 to " + FloorRules.STANDS);
        }
        jobs.findByPlaceAndStand(Place.STAND, stand).filter(other -> other.id != number).ifPresent(other -> {
            throw Refused.conflict("Stand %d holds job %d. Take that bike off first, or choose another stand.".formatted(stand, other.id));
        });
    }
}
