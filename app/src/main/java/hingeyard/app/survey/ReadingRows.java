package hingeyard.app.survey;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRows extends JpaRepository<MeasureReading, Long> {

    List<MeasureReading> findByBikeIdOrderById(long bikeId);

    List<MeasureReading> findByBikeIdInOrderById(Collection<Long> bikeIds);

    Optional<MeasureReading> findFirstByBikeIdAndMeasureKeyOrderByIdDesc(long bikeId, String measureKey);
}
