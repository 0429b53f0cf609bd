package hingeyard.app.person;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface People extends JpaRepository<Person, Long> {

    /** What is asked with each request: past the persistence context, so that it is as it is now. */
    interface Now {

        String getDisplayName();

        String getRoles();

        String getStanding();
    }

    Optional<Person> findByUsername(String username);

    @Query(value = "SELECT display_name AS displayName, roles, standing FROM person WHERE username = ?1", nativeQuery = true)
    Optional<Now> standing(String username);

    @Query(value = "SELECT id FROM person FOR UPDATE", nativeQuery = true)
    List<Long> lock();
}
