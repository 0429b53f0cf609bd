package hingeyard.app.customer;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface BikeRows extends JpaRepository<Bike, Long> {

    @Query("select b from Bike b join fetch b.customer c where c.id in :customers order by b.id desc")
    List<Bike> ofCustomers(Collection<Long> customers);

    @Query("select b from Bike b join fetch b.customer where b.id = :id")
    Optional<Bike> one(long id);

    /** Holds the bike: two who book it at once take turns. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from Bike b where b.id = :id")
    Optional<Bike> lock(long id);

    @Query("select b from Bike b join fetch b.customer where b.frameNumber = :frameNumber order by b.id desc")
    List<Bike> withFrameNumber(String frameNumber, Limit limit);
}
