package hingeyard.app.booking;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.booking.Likeness;
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
    private final LiveEvents live;
    private final ShopClock clock;

    BookingChanges(JobRows jobs, LiveEvents live, ShopClock clock) {
        this.jobs = jobs;
        this.live = live;
        this.clock = clock;
    }

    /** The booking as it stands. */
    @Transactional(readOnly = true)
    BookingChange now(long number) {
        Job job = jobs.card(number).orElseThrow(() -> Refused.notFound("job", number));
        RiderNeed need = job.need.need();
        Map<NeedAmount, String> said = new EnumMap<>(NeedAmount.class);
        need.amounts().forEach((amount, base) -> said.put(amount, amount.scale().text(base)));
        return new BookingChange(job.version, job.bike.customer.name, job.bike.customer.contact, job.bike.kind, job.bike.name, job.bike.size, job.bike.frameNumber,
                job.bike.paint, job.jobKind, job.wish, said, need.wishes(), need.legalClass(), job.arrivesOn);
    }

    /** @throws Refused when somebody else changed it meanwhile, or when what is to change is settled by now */
    @Transactional
    void change(long number, BookingChange to) {
        Job job = jobs.lock(number).orElseThrow(() -> Refused.notFound("job", number));
        if (job.version != to.version()) {
            throw Refused.conflict("Somebody changed job %d a moment ago. Yours was not saved; look, and change it again if you still want to.".formatted(number));
        }
        if (job.place == Place.GONE) {
            throw Refused.conflict("Job %d is closed: the bike is with its customer. Book it in again.".formatted(number));
        }
        if (job.kitCode != null && (to.kind() != job.bike.kind || to.jobKind() != job.jobKind)) {
            throw Refused.conflict("kind", to.kind().label(), "Job %d has a bill: kind of bike and job are settled. Take the bill back first. Nothing was saved.".formatted(number));
        }
        if (!to.arrivesOn().equals(job.arrivesOn)) {
            refuseDate(job, to);
        }
        job.need = new NeedColumns(RiderNeed.read(to.need(), to.wishes(), to.legalClass()));
        job.jobKind = to.jobKind();
        job.wish = to.wish().strip();
        job.arrivesOn = to.arrivesOn();
        job.bike.kind = to.kind();
        job.bike.name = to.bike().strip();
        job.bike.size = to.size().strip();
        job.bike.frameNumber = to.frameNumber().strip();
        job.bike.paint = to.paint();
        Customer customer = job.bike.customer;
        customer.name = to.customer().strip();
        customer.contact = to.contact().strip();
        customer.nameKey = Likeness.nameKey(customer.name);
        customer.contactKey = Likeness.contactKey(customer.contact);
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
