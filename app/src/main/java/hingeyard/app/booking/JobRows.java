package hingeyard.app.booking;

import hingeyard.core.floor.Place;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface JobRows extends JpaRepository<Job, Long> {

    @Query("select j from Job j join fetch j.bike b join fetch b.customer where j.id = :number")
    Optional<Job> card(long number);

    @Query("select j from Job j join fetch j.bike b join fetch b.customer order by j.arrivesOn, j.id")
    List<Job> cards();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from Job j where j.id = :number")
    Optional<Job> lock(long number);

    Optional<Job> findByPlaceAndStand(Place place, int stand);

    @Query("""
            select j from Job j join fetch j.bike b join fetch b.customer c
            where cast(j.id as string) like concat(:text, '%') or lower(c.name) like concat('%', lower(:text), '%')
               or lower(b.name) like concat('%', lower(:text), '%') or lower(b.frameNumber) like concat('%', lower(:text), '%')
            order by j.id desc""")
    List<Job> find(String text, Limit limit);
}
