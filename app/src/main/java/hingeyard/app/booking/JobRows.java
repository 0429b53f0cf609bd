package hingeyard.app.booking;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.floor.Place;
import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface JobRows extends JpaRepository<Job, Long> {

    @Query("select j from Job j join fetch j.bike b join fetch b.customer where j.id = :number")
    Optional<Job> card(long number);

    @Query("select j from Job j join fetch j.bike b join fetch b.customer where j.place in :places order by j.arrivesOn, j.id")
    List<Job> cards(Collection<Place> places);

    @Query("select j from Job j join fetch j.bike b join fetch b.customer where j.id in :numbers")
    List<Job> cardsOf(Collection<Long> numbers);

    @Query("select j from Job j join fetch j.bike b join fetch b.customer where b.id in :bikes and j.place <> hingeyard.core.floor.Place.GONE")
    List<Job> onFloorOf(Collection<Long> bikes);

    @Query("select j from Job j join fetch j.bike b join fetch b.customer where b.id in :bikes order by j.id desc")
    List<Job> ofBikes(Collection<Long> bikes);

    /** Earlier jobs on bikes of the same name and size, one for each bike, newest first. */
    @Query("""
            select j from Job j join fetch j.bike b join fetch b.customer
            where b.name = :name and b.size = :size and b.kind = :kind and b.id <> :bikeId
              and j.id = (select max(k.id) from Job k where k.bike = b)
            order by j.id desc""")
    List<Job> ofSameFrame(String name, String size, BikeKind kind, long bikeId, Limit limit);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from Job j where j.id = :number")
    Optional<Job> lock(long number);

    @Query("select j.id, j.priority, j.arrivesOn from Job j where j.id in :jobs")
    List<Object[]> ranks(Collection<Long> jobs);

    @Query("select j.id, j.box from Job j where j.id in :jobs")
    List<Object[]> boxes(Collection<Long> jobs);

    /** Jobs that a piece of this serial number went to. */
    @Query(value = "SELECT DISTINCT job_id FROM stock_movement WHERE serial = :serial AND job_id IS NOT NULL", nativeQuery = true)
    List<Long> withPiece(String serial);

    Optional<Job> findByPlaceAndStand(Place place, int stand);

    @Query("""
            select j from Job j join fetch j.bike b join fetch b.customer c
            where cast(j.id as string) like concat(:text, '%') escape '!' or lower(c.name) like concat('%', lower(:text), '%') escape '!'
               or lower(b.name) like concat('%', lower(:text), '%') escape '!' or lower(b.frameNumber) like concat('%', lower(:text), '%') escape '!'
               or lower(j.frameRead) like concat('%', lower(:text), '%') escape '!'
               or b.kind in :kinds or j.id in :numbered
            order by case when cast(j.id as string) = :text then 0 else 1 end, case when j.place = hingeyard.core.floor.Place.GONE then 1 else 0 end, j.id desc""")
    List<Job> find(String text, Collection<BikeKind> kinds, Collection<Long> numbered, Limit limit);
}
