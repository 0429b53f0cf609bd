package hingeyard.app.photo;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.MakersApproval;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.EmptyResultDataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pictures of bikes. */
@Service
public class Photos {

    private static final int MOST_PER_JOB = 60;
    private static final Set<String> SUBJECTS = Set.of("bike", "side", "stuck", "not-accepted");
    private static final String CONDITION = "condition.";
    private static final String APPROVAL = "approval.";

    private final PhotoRows photos;
    private final JdbcTemplate jdbc;
    private final Jobs jobs;
    private final FitAssessor assessor;
    private final LiveEvents live;
    private final ShopClock clock;

    Photos(PhotoRows photos, JdbcTemplate jdbc, Jobs jobs, FitAssessor assessor, LiveEvents live, ShopClock clock) {
        this.photos = photos;
        this.jdbc = jdbc;
        this.jobs = jobs;
        this.assessor = assessor;
        this.live = live;
        this.clock = clock;
    }

    /** Every picture of a bike, of earlier jobs too, oldest first; those that were struck out after the others. */
    @Transactional(readOnly = true)
    public List<PhotoCard> ofBike(long bikeId) {
        return photos.findByBikeIdOrderById(bikeId).stream().map(Photo::card).sorted(Comparator.comparing(p -> p.struck().isPresent()))
                .toList();
    }

    @Transactional(readOnly = true)
    public PhotoCard card(long id) {
        return row(id).card();
    }

    /** A picture that was struck out. */
    @Transactional(readOnly = true)
    public PhotoCard struck(long id) {
        return photos.findById(id).map(Photo::card).orElseThrow(() -> Refused.notFound("photo", id));
    }

    private Photo row(long id) {
        return photos.findByIdAndRemovedByIsNull(id).orElseThrow(() -> Refused.notFound("photo", id));
    }

    /** Ids of the checks for which a maker's written approval was photographed on this job. */
    @Transactional(readOnly = true)
    public Set<String> approvals(long number) {
        return new HashSet<>(
                jdbc.queryForList("SELECT SUBSTRING(subject, ?) FROM photo WHERE job_id = ? AND subject LIKE ? AND removed_by IS NULL",
                        String.class, APPROVAL.length() + 1, number,
                        APPROVAL + "%"));
    }

    /** A picture that is no approval. */
    @Transactional
    public PhotoCard add(long number, String subject, String caption, byte[] bytes, String fileName, String by) {
        return add(number, subject, caption, bytes, fileName, false, new MakersApproval("", Optional.empty(), ""), by);
    }

    /**
     * @param may      whether whoever adds it may file a maker's approval: it turns a verdict
     * @param approved what the approval says; asked of approvals alone, whose caption it becomes
     * @throws Refused when it is no picture, or of nothing the shop photographs
     */
    @Transactional
    public PhotoCard add(long number, String subject, String caption, byte[] bytes, String fileName, boolean may, MakersApproval approved,
            String by) {
        boolean ofPoint = subject.startsWith(CONDITION) && ConditionCatalogue.find(subject.substring(CONDITION.length())).isPresent();
        boolean approval = subject.startsWith(APPROVAL) && assessor.approvable().contains(subject.substring(APPROVAL.length()));
        if (!ofPoint && !approval && !SUBJECTS.contains(subject)) {
            throw Refused.input("subject", subject,
                    "bike, side, stuck, not-accepted, condition. and a point of the arrival check, or approval. and one of "
                            + String.join(", ", assessor.approvable()));
        }
        if (approval && !may) {
            throw Refused.conflict("A maker's written approval turns a verdict: the manager reads it and adds it. Nothing was saved.");
        }
        if (approval) {
            approved.faults(clock.today()).forEach((field, ruling) -> {
                throw Refused.input(field, switch (field) {
                    case "paper" -> approved.paper();
                    case "dated" -> approved.dated().map(LocalDate::toString).orElse("");
                    default -> approved.limit();
                }, ruling.reason());
            });
        }
        PictureFile file = PictureFile.of(bytes, fileName);
        JobCard job = jobs.hold(number);
        if (photos.countByJobIdAndRemovedByIsNull(number) >= MOST_PER_JOB) {
            throw Refused.conflict("Job %d has %d photos already; take one away first. Nothing was saved.".formatted(number, MOST_PER_JOB));
        }
        Photo photo = new Photo();
        photo.jobId = number;
        photo.bikeId = job.bikeId();
        photo.subject = subject;
        photo.caption = approval ? approved.text() : caption.strip();
        photo.width = file.width();
        photo.height = file.height();
        photo.takenBy = by;
        photo.takenAt = clock.now();
        photos.saveAndFlush(photo);
        jdbc.update("INSERT INTO photo_bytes (photo_id, picture, small) VALUES (?, ?, ?)", photo.id, file.picture(), file.small());
        live.jobChanged(number);
        return photo.card();
    }

    /** Strikes a picture out: it counts for nothing from then on, and stays to be seen with who did it and why. */
    @Transactional
    public void strikeOut(long id, String reason, String by) {
        Photo photo = row(id);
        jobs.hold(photo.jobId);
        photo.removedBy = by;
        photo.removedReason = reason;
        photo.removedAt = clock.now();
        live.jobChanged(photo.jobId);
    }

    /** @param small whether the small one is wanted */
    @Transactional(readOnly = true)
    public byte[] bytes(long id, boolean small) {
        try {
            return jdbc.queryForObject(
                    small ? "SELECT small FROM photo_bytes WHERE photo_id = ?" : "SELECT picture FROM photo_bytes WHERE photo_id = ?",
                    byte[].class, id);
        } catch (EmptyResultDataAccessException e) {
            throw Refused.notFound("photo", id);
        }
    }

    /** Marks for measuring as they were kept last. */
    @Transactional(readOnly = true)
    public Optional<String> marks(long id) {
        return Optional.ofNullable(row(id).marks);
    }

    @Transactional
    public void keepMarks(long id, String marks) {
        row(id).marks = marks;
    }
}
