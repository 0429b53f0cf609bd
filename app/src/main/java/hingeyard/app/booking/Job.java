package hingeyard.app.booking;

import hingeyard.app.customer.Bike;
import hingeyard.app.customer.BikeDetails;
import hingeyard.app.customer.CustomerDetails;
import hingeyard.core.booking.CallOff;
import hingeyard.core.booking.FrameNumber;
import hingeyard.core.booking.JobKind;
import hingeyard.core.kit.ShopWork;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.floor.Place;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;

@Entity
class Job {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "bike_id")
    Bike bike;
    @Enumerated(EnumType.STRING)
    JobKind jobKind;
    String wish;
    @Embedded
    NeedColumns need;
    LocalDate arrivesOn;
    @Enumerated(EnumType.STRING)
    Place place;
    Integer stand;
    String kitCode;
    String goneReason;
    /** Which box it is: one more with each that went back. */
    int box = 1;
    /** Whether that box was counted, numbered or run on the bench. */
    boolean boxOpened;
    /** Null while the job goes on. */
    @Enumerated(EnumType.STRING)
    CallOff calledOff;
    /** The frame's number as it was read at arrival; null while nobody has. */
    String frameRead;
    /** When the bike is wanted again: fixed when its owner takes it away, null before. */
    LocalDate nextCheckOn;
    Integer nextCheckKm;
    @Enumerated(EnumType.STRING)
    JobPriority priority = JobPriority.USUAL;
    @Version
    int version;

    protected Job() {
    }

    Job(Bike bike, JobKind jobKind, String wish, RiderNeed need, LocalDate arrivesOn) {
        this.bike = bike;
        this.jobKind = jobKind;
        this.wish = wish;
        this.need = new NeedColumns(need);
        this.arrivesOn = arrivesOn;
        this.place = Place.GATE;
    }

    JobCard card() {
        RiderNeed said = need.need();
        BikeDetails b = bike.details();
        CustomerDetails whose = bike.customer().details();
        FrameNumber frame = new FrameNumber(b.frameNumber(), Optional.ofNullable(frameRead));
        return new JobCard(id, bike.id(), bike.customer().id(), b.kind(), b.kind().label(), b.text(), b.model(), b.size(), frame.number(),
                frame.text(), frame.differs(),
                b.paint(), whose.name(), whose.contact(), jobKind, jobKind.label(), wish, said.text(false), said.text(true), arrivesOn,
                place, Optional.ofNullable(stand),
                Optional.ofNullable(kitCode), jobKind.shopWork().map(ShopWork::code), priority,
                Optional.ofNullable(calledOff));
    }
}
