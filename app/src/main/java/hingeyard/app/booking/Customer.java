package hingeyard.app.booking;

import hingeyard.core.booking.Likeness;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

@Entity
class Customer {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    String name;
    String contact;
    String nameKey;
    String contactKey;

    protected Customer() {
    }

    Customer(String name, String contact) {
        this.name = name;
        this.contact = contact;
        this.nameKey = Likeness.nameKey(name);
        this.contactKey = Likeness.contactKey(contact);
    }
}
