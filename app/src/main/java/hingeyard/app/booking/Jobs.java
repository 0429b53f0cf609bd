package hingeyard.app.booking;

import hingeyard.app.cluster.Everywhere;
import hingeyard.app.customer.Bike;
import hingeyard.app.customer.Customer;
import hingeyard.app.customer.Customers;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.wiring.ShopClock;
import hingeyard.app.wiring.Sought;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.CallOff;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.commission.NextCheck;
import hingeyard.core.floor.Place;
import hingeyard.core.stock.Promises.Rank;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The jobs of the shop. */
@Service
public class Jobs {

    static final int FURTHEST_BOOKING_DAYS = 365;

    private final JobRows jobs;
    private final Customers customers;
    private final RulesInForce rules;
    private final ShopBook shop;
    private final LiveEvents live;
    private final Everywhere everywhere;
    private final ShopClock clock;

    Jobs(JobRows jobs, Customers customers, RulesInForce rules, ShopBook shop, LiveEvents live, Everywhere everywhere, ShopClock clock) {
        this.jobs = jobs;
        this.customers = customers;
        this.rules = rules;
        this.shop = shop;
        this.live = live;
        this.everywhere = everywhere;
        this.clock = clock;
    }

    /** Books a bike in; it is awaited at the gate. */
    @Transactional
    public JobCard book(Booking booking) {
        if (booking.arrivesOn().isBefore(clock.today()) || booking.arrivesOn().isAfter(clock.today().plusDays(FURTHEST_BOOKING_DAYS))) {
            throw Refused.input("arrivesOn", booking.arrivesOn().toString(), "from today to a year ahead");
        }
        RiderNeed need = RiderNeed.read(booking.need(), booking.wishes(), booking.legalClass());
        Bike bike = booking.bikeId().map(id -> knownBike(id, booking)).orElseGet(() -> customers.taken(customer(booking), booking.bike()));
        Job job = jobs.save(new Job(bike, booking.jobKind(), booking.wish().strip(), need, booking.arrivesOn()));
        live.jobChanged(job.id);
        return job.card();
    }

    private Customer customer(Booking booking) {
        return booking.customerId().map(customers::customer).orElseGet(() -> customers.taken(booking.customer(), booking.newCustomer()));
    }

    /** A bike that was here before; what was said about it this time is noted. */
    private Bike knownBike(long id, Booking booking) {
        Bike bike = customers.brought(id, booking.customerId(), booking.bike());
        jobs.onFloorOf(List.of(id)).stream().findFirst().ifPresent(open -> {
            throw Refused.conflict("bikeId", bike.details().model(),
                    "%s is here already, as job %d. Open that job, or choose another bike. Nothing was saved."
                            .formatted(bike.details().model(), open.id));
        });
        return bike;
    }

    @Transactional(readOnly = true)
    public RiderNeed need(long number) {
        return jobs.card(number).orElseThrow(() -> Refused.notFound("job", number)).need.need();
    }

    @Transactional(readOnly = true)
    public JobCard card(long number) {
        return jobs.card(number).orElseThrow(() -> Refused.notFound("job", number)).card();
    }

    @Transactional(readOnly = true)
    public List<JobCard> onFloor() {
        return jobs.cards(Arrays.stream(Place.values()).filter(Place::onFloor).toList()).stream().map(Job::card).toList();
    }

    /** These jobs, wherever their bikes are; in no order. */
    @Transactional(readOnly = true)
    public List<JobCard> cards(Collection<Long> numbers) {
        return numbers.isEmpty() ? List.of() : jobs.cardsOf(numbers).stream().map(Job::card).toList();
    }

    /** Those of these jobs that are on the floor. */
    @Transactional(readOnly = true)
    public List<JobCard> onFloor(Collection<Long> numbers) {
        return jobs.cardsOf(numbers).stream().filter(j -> j.place.onFloor()).map(Job::card).toList();
    }

    /**
     * Jobs by number, customer, bike, frame number, kind of bike or the serial number of a piece that went there; those on the floor first.
     */
    @Transactional(readOnly = true)
    public List<JobCard> find(String text) {
        String sought = text.strip().toLowerCase(Locale.ROOT);
        List<BikeKind> kinds = Arrays.stream(BikeKind.values()).filter(k -> sought.length() > 2 && k.label().contains(sought)).toList();
        return sought.isEmpty() ? List.of()
                : jobs.find(Sought.literal(sought), kinds, jobs.withPiece(sought), Limit.of(12)).stream().map(Job::card).toList();
    }

    /** Every job there was of a bike, by number. */
    @Transactional(readOnly = true)
    public List<Long> ofBike(long bike) {
        return jobs.ofBikes(List.of(bike)).stream().map(j -> j.id).sorted().toList();
    }

    /** The last jobs of other bikes of the same maker, model and size. */
    @Transactional(readOnly = true)
    public List<JobCard> ofSameFrame(JobCard job) {
        return jobs.ofSameFrame(job.model(), job.size(), job.kind(), job.bikeId(), Limit.of(6)).stream().map(Job::card).toList();
    }

    /** Holds the job for the rest of the transaction: what two people do to one job happens one after the other. */
    @Transactional
    public JobCard hold(long number) {
        everywhere.hold("job " + number);
        return jobs.lock(number).orElseThrow(() -> Refused.notFound("job", number)).card();
    }

    /** Who comes first when there is not enough for all. */
    @Transactional
    public void rank(long number, JobPriority priority) {
        jobs.lock(number).orElseThrow(() -> Refused.notFound("job", number)).priority = priority;
        live.jobChanged(number);
    }

    /** Where these jobs stand among one another. */
    @Transactional(readOnly = true)
    public Map<Long, Rank> ranks(Collection<Long> numbers) {
        return numbers.isEmpty() ? Map.of() : jobs.ranks(numbers).stream()
                .collect(Collectors.toMap(r -> (Long) r[0], r -> new Rank((JobPriority) r[1], (LocalDate) r[2])));
    }

    /** Which box of this job it is, from 1: what was found out about one that went back says nothing of the next. */
    @Transactional(readOnly = true)
    public int box(long number) {
        return jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number)).box;
    }

    /** The box a job has now is opened: somebody counted it, read a number off it or ran it on the bench. */
    @Transactional
    public void openBox(long number) {
        jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number)).boxOpened = true;
    }

    @Transactional(readOnly = true)
    public boolean boxOpened(long number) {
        return jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number)).boxOpened;
    }

    /** Which box each of these jobs has now, by job. */
    @Transactional(readOnly = true)
    public Map<Long, Integer> boxes(Collection<Long> numbers) {
        return numbers.isEmpty() ? Map.of() : jobs.boxes(numbers).stream().collect(Collectors.toMap(r -> (Long) r[0], r -> (Integer) r[1]));
    }

    /** @param kitCode null when the box goes back */
    @Transactional
    public void chooseKit(long number, String kitCode) {
        Job job = jobs.findById(number).orElseThrow();
        if (kitCode == null && job.kitCode != null) {
            job.box++;
            job.boxOpened = false;
        }
        job.kitCode = kitCode;
    }

    /** The same for whoever adds something to a job: one that was called off is not added to. */
    @Transactional
    public JobCard holdGoingOn(long number) {
        JobCard card = hold(number);
        card.calledOff().ifPresent(off -> {
            throw Refused.conflict(off.mayGoOn(number).reason());
        });
        return card;
    }

    /** @param off null when it goes on */
    @Transactional
    public void callOff(long number, CallOff off) {
        jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number)).calledOff = off;
    }

    /** Puts a bike somewhere; whether it may go there has been ruled on. */
    @Transactional
    public void place(long number, Place to, Integer stand) {
        place(number, to, stand, "");
    }

    /** @param reason why it leaves unfinished; blank where it does not */
    @Transactional
    public void place(long number, Place to, Integer stand, String reason) {
        Job job = jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number));
        if (to == Place.STAND) {
            checkFree(number, stand);
        }
        handOver(job, to);
        job.place = to;
        job.goneReason = reason.isBlank() ? null : reason.strip();
        job.stand = to == Place.STAND ? stand : null;
        try {
            jobs.flush();
        } catch (DataIntegrityViolationException taken) {
            // Two people chose the same free stand at once; the index let one of them through.
            throw Refused.conflict("Stand %d was taken a moment ago. Choose another stand.".formatted(stand));
        }
        live.jobChanged(number);
    }

    /**
     * A converted bike that its owner takes away is wanted again on a day that is fixed now; one that comes back from a slip is not gone.
     */
    private void handOver(Job job, Place to) {
        boolean converted = job.kitCode != null && job.calledOff == null && job.jobKind.shopWork().isEmpty();
        boolean collected = to == Place.GONE && job.place == Place.RAIL && converted;
        Optional<NextCheck> check = collected ? Optional.of(NextCheck.by(rules.now()).handedOver(clock.today())) : Optional.empty();
        job.nextCheckOn = check.flatMap(NextCheck::on).orElse(null);
        job.nextCheckKm = check.map(NextCheck::km).orElse(null);
    }

    /** When the bike is wanted again: the day that was fixed when it was handed over, by the shop's rules while it is here. */
    @Transactional(readOnly = true)
    public NextCheck nextCheck(long number) {
        Job job = jobs.card(number).orElseThrow(() -> Refused.notFound("job", number));
        NextCheck now = NextCheck.by(rules.now());
        return job.nextCheckOn == null ? now : new NextCheck(Optional.of(job.nextCheckOn), now.weeks(), job.nextCheckKm);
    }

    /** Somebody read the number off the frame; blank where it bears none. */
    @Transactional
    public void frameRead(long number, String read) {
        jobs.findById(number).orElseThrow(() -> Refused.notFound("job", number)).frameRead = read.isBlank() ? null : read.strip();
    }

    private void checkFree(long number, Integer stand) {
        if (stand == null || !shop.holds(stand)) {
            throw Refused.input("stand", String.valueOf(stand), "one of " + shop.now().numbers());
        }
        jobs.findByPlaceAndStand(Place.STAND, stand).filter(other -> other.id != number).ifPresent(other -> {
            throw Refused.conflict("Stand %d holds job %d. Take that bike off first, or choose another stand.".formatted(stand, other.id));
        });
    }
}
