package hingeyard.app.install;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepFigureRows extends JpaRepository<StepFigure, Long> {

    @Query("select f from StepFigure f join StepRow s on s.id = f.stepId where s.jobId = :job order by f.id")
    List<StepFigure> ofJob(long job);
}
