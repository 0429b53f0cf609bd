package hingeyard.app.booking;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BikeRows extends JpaRepository<Bike, Long> {

    @Query("select b from Bike b join fetch b.customer c where c.id in :customers order by b.id desc")
    List<Bike> ofCustomers(Collection<Long> customers);

    @Query("select b from Bike b join fetch b.customer where b.frameNumber = :frameNumber order by b.id desc")
    List<Bike> withFrameNumber(String frameNumber, Limit limit);
}
