package hingeyard.app.stock;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ReservationRows extends JpaRepository<Reservation, Long> {

    /** How many of each part a job has in these states; loads no row, so that a lock afterwards reads them fresh. */
    @Query("select r.partNumber, sum(r.count) from Reservation r where r.jobId = :job and r.state in :states group by r.partNumber")
    List<Object[]> counts(long job, Collection<Reservation.State> states);

    @Query("select r from Reservation r where r.jobId = :job and r.state = :state")
    List<Reservation> inState(long job, Reservation.State state);

    List<Reservation> findByPartNumberAndState(String partNumber, Reservation.State state);

    List<Reservation> findByState(Reservation.State state);

    /** As they are now, whatever this transaction read before. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from Reservation r where r.jobId = :job and r.state in :states order by r.id")
    List<Reservation> lock(long job, Collection<Reservation.State> states);

    /** Of these jobs, how many parts each still wants on its tray, and how many lie on it or are mounted: job, state, rows. */
    @Query("select r.jobId, r.state, count(r) from Reservation r where r.jobId in :jobs and r.state in :states group by r.jobId, r.state")
    List<Object[]> rows(Collection<Long> jobs, Collection<Reservation.State> states);
}
