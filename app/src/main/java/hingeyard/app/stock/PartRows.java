package hingeyard.app.stock;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PartRows extends JpaRepository<Part, String> {

    /** One at a time, so that of two edits the second sees the first. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Part p where p.number = :number")
    Optional<Part> lock(String number);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Part p where p.number in :numbers order by p.number")
    List<Part> lockAll(Collection<String> numbers);
}
