package hingeyard.app.kit;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

interface KitSheetRows extends JpaRepository<KitSheet, String> {

    /** A sheet's code and its version, without its text. */
    record Head(String code, int version) {
    }

    @Query("SELECT new hingeyard.app.kit.KitSheetRows$Head(s.code, s.version) FROM KitSheet s ORDER BY s.code")
    List<Head> heads();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT s FROM KitSheet s WHERE s.code = :code")
    Optional<KitSheet> lock(@Param("code") String code);
}
