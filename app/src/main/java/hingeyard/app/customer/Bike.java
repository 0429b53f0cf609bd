package hingeyard.app.customer;

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
import jakarta.persistence.Version;

/** A customer's bike, whatever jobs it has been here for. */
@Entity
public class Bike {

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
    @Version
    int version;

    protected Bike() {
    }

    Bike(Customer customer, BikeDetails details) {
        this.customer = customer;
        take(details);
    }

    final void take(BikeDetails details) {
        kind = details.kind();
        name = details.model().strip();
        size = details.size().strip();
        frameNumber = details.frameNumber().strip();
        paint = details.paint();
    }

    public long id() {
        return id;
    }

    public int version() {
        return version;
    }

    public Customer customer() {
        return customer;
    }

    public BikeDetails details() {
        return new BikeDetails(kind, name, size, frameNumber, paint);
    }
}
