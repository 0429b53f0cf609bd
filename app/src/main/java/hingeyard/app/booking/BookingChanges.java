package hingeyard.app.booking;

import hingeyard.app.cluster.Everywhere;
import hingeyard.app.customer.Customer;
import hingeyard.app.customer.Customers;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.floor.Place;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changing what was booked: the customer calls again. */
@Service
class BookingChanges {

    private final JobRows jobs;
    private final Customers customers;
    private final LiveEvents live;
    private final Everywhere everywhere;
    private final ShopClock clock;

    BookingChanges(JobRows jobs, Customers customers, LiveEvents live, Everywhere everywhere, ShopClock clock) {
        this.jobs = jobs;
        this.customers = customers;
        this.live = live;
        this.everywhere = everywhere;
        this.clock = clock;
    }

    /** The booking as it stands. */
    @Transactional(readOnly = true)
    BookingChange now(long number) {
        Job job = jobs.card(number).orElseThrow(() -> Refused.notFound("job", number));
        RiderNeed need = job.need.need();
        Map<NeedAmount, String> said = new EnumMap<>(NeedAmount.class);
        need.amounts().forEach((amount, base) -> said.put(amount, amount.scale().text(base)));
        return new BookingChange(job.version, job.bike.customer().version(), job.bike.customer().details(), job.bike.version(),
                job.bike.details(), job.jobKind, job.wish, said, need.wishes(), need.legalClass(),
                job.arrivesOn);
    }

    /** @throws Refused when somebody else changed it meanwhile, or when what is to change is settled by now */
    @Transactional
    void change(long number, BookingChange to) {
        everywhere.hold("job " + number);
        Job job = jobs.lock(number).orElseThrow(() -> Refused.notFound("job", number));
        if (job.version != to.version()) {
            throw Refused
                    .conflict("Somebody changed job %d a moment ago. Yours was not saved; look, and change it again if you still want to."
                            .formatted(number));
        }
        if (job.place == Place.GONE) {
            throw Refused.conflict("Job %d is closed: the bike is with its customer. Book it in again.".formatted(number));
        }
        if (job.kitCode != null && to.jobKind() != job.jobKind) {
            throw Refused.conflict("jobKind", to.jobKind().label(),
                    "Job %d has a bill: what the job is about is settled. Take the bill back first. Nothing was saved.".formatted(number));
        }
        if (!to.arrivesOn().equals(job.arrivesOn)) {
            refuseDate(job, to);
        }
        job.need = new NeedColumns(RiderNeed.read(to.need(), to.wishes(), to.legalClass()));
        job.jobKind = to.jobKind();
        job.wish = to.wish().strip();
        job.arrivesOn = to.arrivesOn();
        if (!to.bike().equals(job.bike.details())) {
            customers.change(job.bike.id(), to.bikeVersion(), to.bike());
        }
        Customer customer = job.bike.customer();
        if (!to.customer().equals(customer.details())) {
            customers.change(customer.id(), to.customerVersion(), to.customer());
        }
        live.jobChanged(number);
    }

    private void refuseDate(Job job, BookingChange to) {
        if (job.place != Place.GATE) {
            throw Refused.input("arrivesOn", to.arrivesOn().toString(), "no other day: the bike is here already");
        }
        if (to.arrivesOn().isBefore(clock.today()) || to.arrivesOn().isAfter(clock.today().plusDays(Jobs.FURTHEST_BOOKING_DAYS))) {
            throw Refused.input("arrivesOn", to.arrivesOn().toString(), "from today to a year ahead");
        }
    }
}
