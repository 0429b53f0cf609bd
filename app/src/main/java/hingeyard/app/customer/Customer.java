package hingeyard.app.customer;

import hingeyard.core.booking.Likeness;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;

/** Somebody who brings bikes. */
@Entity
public class Customer {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    String name;
    String contact;
    String nameKey;
    String contactKey;
    /** When what was known of them was erased; empty for everybody else. */
    Instant erasedAt;
    @Version
    int version;

    protected Customer() {
    }

    Customer(CustomerDetails details) {
        take(details);
    }

    final void take(CustomerDetails details) {
        name = details.name().strip();
        contact = details.contact().strip();
        nameKey = Likeness.nameKey(name);
        contactKey = Likeness.contactKey(contact);
    }

    /** What is left is a number, for the books and the bikes. */
    final void erase(Instant now) {
        name = "Erased " + id;
        contact = "";
        nameKey = "";
        contactKey = "";
        erasedAt = now;
    }

    public Optional<Instant> erasedAt() {
        return Optional.ofNullable(erasedAt);
    }

    public long id() {
        return id;
    }

    public int version() {
        return version;
    }

    public CustomerDetails details() {
        return new CustomerDetails(name, contact);
    }
}
