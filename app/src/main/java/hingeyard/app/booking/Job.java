package hingeyard.app.booking;

import hingeyard.core.floor.Place;
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
    String wish;
    int dailyKm;
    LocalDate arrivesOn;
    @Enumerated(EnumType.STRING)
    Place place;
    Integer stand;
    String kitCode;
    @Version
    int version;

    protected Job() {
    }

    Job(Bike bike, String wish, int dailyKm, LocalDate arrivesOn) {
        this.bike = bike;
        this.wish = wish;
        this.dailyKm = dailyKm;
        this.arrivesOn = arrivesOn;
        this.place = Place.GATE;
    }

    JobCard card() {
        return new JobCard(id, bike.id, bike.kind, bike.kind.label(), bike.name, bike.frameNumber, bike.paint, bike.customer.name,
                bike.customer.contact, wish, dailyKm, arrivesOn, place, Optional.ofNullable(stand),
                Optional.ofNullable(kitCode));
    }
}
