package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.Contradiction;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.SurveyConsistency;
import hingeyard.core.bike.SurveyMerge;
import hingeyard.core.bike.Tool;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Surveys of bikes. */
@Service
public class Surveys {

    /** The field of a refusal that is lifted by saying that one is sure. */
    public static final String SURE = "sure";

    private final ReadingRows readings;
    private final Jobs jobs;
    private final LiveEvents live;
    private final ShopClock clock;

    Surveys(ReadingRows readings, Jobs jobs, LiveEvents live, ShopClock clock) {
        this.readings = readings;
        this.jobs = jobs;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public FrameSurvey of(long bikeId) {
        return survey(readings.findByBikeIdOrderById(bikeId));
    }

    /** The surveys of these bikes, by bike. */
    @Transactional(readOnly = true)
    public Map<Long, FrameSurvey> of(Collection<Long> bikeIds) {
        return readings.findByBikeIdInOrderById(bikeIds).stream()
                .collect(Collectors.groupingBy(r -> r.bikeId, Collectors.collectingAndThen(Collectors.toList(), Surveys::survey)));
    }

    static FrameSurvey survey(List<MeasureReading> rows) {
        return FrameSurvey.of(rows.stream().flatMap(r -> r.toReading().stream()).toList());
    }

    /** Every reading ever taken on a bike, oldest first. */
    @Transactional(readOnly = true)
    List<MeasureReading> history(long bikeId) {
        return readings.findByBikeIdOrderById(bikeId);
    }

    /**
     * Adds a reading.
     *
     * @param seen id of the reading the person saw in the field, 0 when it was empty
     * @param sure whether an unusual value, or one that contradicts another, is meant all the same
     */
    @Transactional
    public void measure(long number, String measureKey, String text, Tool tool, long seen, boolean sure, String by) {
        JobCard job = jobs.hold(number);
        Measure measure = MeasureCatalogue.find(measureKey).orElseThrow(() -> Refused.notFound("measure", measureKey));
        if (!measure.concerns(job.kind())) {
            throw Refused.input(measureKey, text, "nothing: a " + job.kindLabel() + " has no " + measure.title().toLowerCase(Locale.ROOT));
        }
        Optional<MeasureReading> last = readings.findFirstByBikeIdAndMeasureKeyOrderByIdDesc(job.bikeId(), measureKey);
        last.filter(l -> l.id != seen).ifPresent(l -> {
            throw Refused.conflict("%s measured %s a moment ago: %s. Your %s was not saved; look, and enter it again if you still want it."
                    .formatted(l.takenBy, measure.title().toLowerCase(Locale.ROOT), l.toReading().map(Reading::text).orElse(l.entered),
                            text));
        });
        Reading reading = MeasureEntry.read(measure, text, tool, by, clock.now());
        if (!sure) {
            ask(reading, of(job.bikeId()));
        }
        readings.save(new MeasureReading(job.bikeId(), reading, text));
        live.jobChanged(number);
    }

    private static void ask(Reading reading, FrameSurvey before) {
        List<String> doubts = new ArrayList<>(MeasureEntry.doubt(reading).stream().toList());
        SurveyConsistency.broughtBy(reading, before).stream().map(Contradiction::sentence).forEach(doubts::add);
        if (!doubts.isEmpty()) {
            throw Refused.conflict(SURE, reading.text(), String.join(" ", doubts) + " It is not saved yet.");
        }
    }

    /** What readings from elsewhere would do to this job's survey. */
    @Transactional(readOnly = true)
    public List<SurveyMerge.Line> plan(long number, Collection<? extends Reading> incoming) {
        JobCard job = jobs.card(number);
        return SurveyMerge.plan(job.kind(), of(job.bikeId()), incoming);
    }

    /**
     * Enters readings from elsewhere: those that take nobody's surer value away, and those that somebody chose.
     *
     * @param chosen keys of measures whose surer value is to be replaced all the same
     * @return how many were entered
     */
    @Transactional
    public int enter(long number, Collection<? extends Reading> incoming, Set<String> chosen) {
        JobCard job = jobs.hold(number);
        List<Reading> entered = SurveyMerge.plan(job.kind(), of(job.bikeId()), incoming).stream()
                .filter(l -> l.entersByItself()
                        || l.outcome() == SurveyMerge.Outcome.KEPT_BACK && chosen.contains(l.incoming().measure().key()))
                .map(SurveyMerge.Line::incoming).toList();
        entered.forEach(r -> readings.save(new MeasureReading(job.bikeId(), r, r.text())));
        if (!entered.isEmpty()) {
            live.jobChanged(number);
        }
        return entered.size();
    }
}
