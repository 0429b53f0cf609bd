package hingeyard.app.booking;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface CustomerRows extends JpaRepository<Customer, Long> {

    Optional<Customer> findFirstByNameIgnoreCaseAndContactIgnoreCase(String name, String contact);
}
