package hingeyard.app.match;

import hingeyard.app.booking.JobCard;
import hingeyard.app.kit.Kits;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.kit.Kit;
import hingeyard.core.match.NoteScope;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the shop learned on frames of a name, of about a size, with a kit, its kind or any; by check. A note weighs on nothing by itself.
 */
@Service
public class FitNotes {

    /**
     * @param kitName the kit's box it was found with
     * @param minutes what it took beyond the plan
     * @param here    whether it was written on this job
     * @param about   what it is about, in words
     */
    public record FitNote(long id, String checkId, String kitBox, String found, String done, int minutes, String by, Instant at, long job,
            boolean here, String about) {

        /** In a sentence or two. */
        public String said() {
            String what = done.isEmpty() || found.endsWith(".") || found.endsWith("!") || found.endsWith("?") ? found : found + ".";
            return what + (done.isEmpty() ? "" : " Done: " + done) + " (%s, job %d)".formatted(by, job);
        }
    }

    private final JdbcTemplate jdbc;
    private final Kits kits;
    private final LiveEvents live;
    private final ShopClock clock;

    FitNotes(JdbcTemplate jdbc, Kits kits, LiveEvents live, ShopClock clock) {
        this.kits = kits;
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    /** Notes on frames of the same name and about the same size that are about this kit; newest first. */
    @Transactional(readOnly = true)
    public List<FitNote> of(JobCard job, String kitCode) {
        return onFrame(job).of(kitCode, family(kitCode));
    }

    /** A note, and what kits it is about. */
    record Note(FitNote note, NoteScope scope, String kitFamily) {
    }

    /** What was learned on frames like a job's, whatever the kit. */
    record OnFrame(List<Note> notes) {

        /** Those that are about a kit; newest first. */
        List<FitNote> of(String kitCode, String family) {
            return notes.stream().filter(n -> n.scope.concerns(n.note.kitBox, n.kitFamily, Kit.boxNumber(kitCode), family)).map(Note::note)
                    .toList();
        }
    }

    @Transactional(readOnly = true)
    OnFrame onFrame(JobCard job) {
        List<Note> learned = new ArrayList<>();
        jdbc.query(
                "SELECT id, check_id, kit_box, found, done, minutes, noted_by, noted_at, job_id, size, scope, kit_family FROM fit_note WHERE frame = ? AND removed_by IS NULL ORDER BY id DESC",
                r -> {
                    NoteScope scope = NoteScope.valueOf(r.getString(11));
                    if (NoteScope.near(r.getString(10), job.size())) {
                        learned.add(new Note(new FitNote(r.getLong(1), r.getString(2), r.getString(3), r.getString(4), r.getString(5),
                                r.getInt(6), r.getString(7), r.getTimestamp(8).toInstant(), r.getLong(9), r.getLong(9) == job.number(),
                                scope.label()), scope, r.getString(12)));
                    }
                }, job.model());
        return new OnFrame(learned);
    }

    private String family(String kitCode) {
        return kitCode.isBlank() ? "" : kits.kit(kitCode).drive().family();
    }

    /** @param scope what it is about; about the frame where no kit is chosen */
    @Transactional(propagation = Propagation.MANDATORY)
    public void write(JobCard job, String kitCode, NoteScope scope, String checkId, String found, String done, int minutes, String by) {
        jdbc.update(
                "INSERT INTO fit_note (frame, size, kit_box, kit_family, scope, check_id, job_id, found, done, minutes, noted_by, noted_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                job.model(), job.size(),
                Kit.boxNumber(kitCode), family(kitCode), (kitCode.isBlank() ? NoteScope.FRAME : scope).name(), checkId, job.number(), found,
                done, minutes, by, Timestamp.from(clock.now()));
        live.jobChanged(job.number());
    }

    @Transactional(propagation = Propagation.MANDATORY)
    void remove(long job, long id, String by) {
        if (jdbc.update("UPDATE fit_note SET removed_by = ? WHERE id = ? AND removed_by IS NULL", by, id) == 0) {
            throw Refused.notFound("fit note", id);
        }
        live.jobChanged(job);
    }
}
