package hingeyard.app.person;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface People extends JpaRepository<Person, Long> {

    Optional<Person> findByUsername(String username);
}
