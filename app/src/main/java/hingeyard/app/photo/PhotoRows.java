package hingeyard.app.photo;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRows extends JpaRepository<Photo, Long> {

    List<Photo> findByBikeIdOrderById(long bikeId);

    long countByJobIdAndRemovedByIsNull(long jobId);

    Optional<Photo> findByIdAndRemovedByIsNull(long id);
}
