package hingeyard.app.stock;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PartRows extends JpaRepository<Part, String> {

    /** Locks in number order, so that two jobs wanting the same parts wait for one another and never in a circle. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Part p where p.number in :numbers order by p.number")
    List<Part> lock(Collection<String> numbers);
}
