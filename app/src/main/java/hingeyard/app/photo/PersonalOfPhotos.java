package hingeyard.app.photo;

import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalData;
import hingeyard.app.privacy.Whose;
import hingeyard.app.wiring.ShopClock;
import java.sql.Timestamp;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Photos of their bikes: that there was one stays, the picture goes. */
@Component
class PersonalOfPhotos implements PersonalData {

    private static final String WHY = "Erased at the customer’s request";

    private record Shown(long id, long job, byte[] picture) {
    }

    private final NamedParameterJdbcTemplate jdbc;
    private final ShopClock clock;

    PersonalOfPhotos(NamedParameterJdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        if (whose.jobs().isEmpty()) {
            return;
        }
        Map<String, Object> theirs = Map.of("jobs", whose.jobs());
        List<Map<String, Object>> rows = jdbc.queryForList(
                "SELECT id, job_id, subject, caption, taken_at, removed_reason FROM photo WHERE job_id IN (:jobs) ORDER BY id", theirs);
        if (!rows.isEmpty()) {
            pack.rows("photos", rows);
        }
        // One at a time: many of them do not fit into memory at once.
        jdbc.queryForList("SELECT id FROM photo WHERE job_id IN (:jobs) ORDER BY id", theirs, Long.class).forEach(
                id -> jdbc.query("SELECT p.id, p.job_id, b.picture FROM photo p JOIN photo_bytes b ON b.photo_id = p.id WHERE p.id = :id",
                        Map.of("id", id), (r, n) -> new Shown(r.getLong(1), r.getLong(2), r.getBytes(3)))
                        .forEach(s -> pack.file("photos/job-%d-%d.jpg".formatted(s.job, s.id), s.picture)));
    }

    @Override
    public void erase(Whose whose) {
        if (whose.jobs().isEmpty()) {
            return;
        }
        Map<String, Object> theirs = Map.of("jobs", whose.jobs(), "why", WHY, "now", Timestamp.from(clock.now()), "gone", Whose.GONE);
        jdbc.update("DELETE FROM photo_bytes WHERE photo_id IN (SELECT id FROM photo WHERE job_id IN (:jobs))", theirs);
        jdbc.update(
                "UPDATE photo SET removed_by = COALESCE(removed_by, :gone), removed_reason = :why, removed_at = COALESCE(removed_at, :now), "
                        + "caption = '', marks = NULL WHERE job_id IN (:jobs)",
                theirs);
    }
}
