package hingeyard.app.booking;

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

    protected Customer() {
    }

    Customer(String name, String contact) {
        this.name = name;
        this.contact = contact;
    }
}
