package hingeyard.app.bill;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuoteRows extends JpaRepository<QuoteRow, Long> {

    List<QuoteRow> findByJobIdOrderByOrdinal(long job);

    Optional<QuoteRow> findByJobIdAndOrdinal(long job, int ordinal);
}
