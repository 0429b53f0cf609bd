package hingeyard.app.install;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepFigureRows extends JpaRepository<StepFigure, Long> {

    List<StepFigure> findByStepIdInOrderById(Collection<Long> stepIds);
}
