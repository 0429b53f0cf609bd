package hingeyard.app.person;

import org.springframework.data.jpa.repository.JpaRepository;

interface People extends JpaRepository<Person, Long> {

    java.util.Optional<Person> findByUsername(String username);
}
