package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Tool;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Surveys of bikes. */
@Service
public class Surveys {

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
        return FrameSurvey.of(readings.findByBikeIdOrderById(bikeId).stream().flatMap(r -> r.toReading().stream()).toList());
    }

    /** Every bike's survey, by bike. */
    @Transactional(readOnly = true)
    public Map<Long, FrameSurvey> all() {
        Map<Long, List<Reading>> byBike = readings.findAllByOrderById().stream().filter(r -> r.toReading().isPresent())
                .collect(Collectors.groupingBy(r -> r.bikeId, Collectors.mapping(r -> r.toReading().orElseThrow(), Collectors.toList())));
        return byBike.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> FrameSurvey.of(e.getValue())));
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
     */
    @Transactional
    public void measure(long number, String measureKey, String text, Tool tool, long seen, String by) {
        JobCard job = jobs.hold(number);
        Measure measure = MeasureCatalogue.find(measureKey).orElseThrow(() -> Refused.notFound("measure", measureKey));
        Optional<MeasureReading> last = readings.findFirstByBikeIdAndMeasureKeyOrderByIdDesc(job.bikeId(), measureKey);
        last.filter(l -> l.id != seen).ifPresent(l -> {
            throw Refused.conflict("%s measured %s a moment ago: %s. Your %s was not saved; look, and enter it again if you still want it."
                    .formatted(l.takenBy, measure.title().toLowerCase(), l.toReading().map(Reading::text).orElse(l.entered), text));
        });
        readings.save(new MeasureReading(job.bikeId(), MeasureEntry.read(measure, text, tool, by, clock.now()), text));
        live.jobChanged(number);
    }
}
