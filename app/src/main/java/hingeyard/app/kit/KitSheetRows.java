package hingeyard.app.kit;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitSheetRows extends JpaRepository<KitSheet, String> {

    List<KitSheet> findAllByOrderByCode();
}
