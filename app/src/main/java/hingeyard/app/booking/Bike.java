package hingeyard.app.booking;

import hingeyard.core.bike.BikeKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;

@Entity
class Bike {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "customer_id")
    Customer customer;
    @Enumerated(EnumType.STRING)
    BikeKind kind;
    String name;
    String size;
    String frameNumber;
    String paint;

    protected Bike() {
    }

    Bike(Customer customer, Booking booking) {
        this.customer = customer;
        this.kind = booking.kind();
        this.name = booking.bike().strip();
        this.size = booking.size().strip();
        this.frameNumber = booking.frameNumber().strip();
        this.paint = booking.paint();
    }
}
