package hingeyard.app.booking;

import hingeyard.app.customer.TheirJobs;
import hingeyard.app.live.LiveEvents;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What customers and bikes are told of their jobs. */
@Component
class JobsOfBikes implements TheirJobs {

    private final JobRows jobs;
    private final LiveEvents live;

    JobsOfBikes(JobRows jobs, LiveEvents live) {
        this.jobs = jobs;
        this.live = live;
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, Long> open(Collection<Long> bikes) {
        return bikes.isEmpty() ? Map.of()
                : jobs.onFloorOf(bikes).stream().collect(Collectors.toMap(j -> j.bike.id(), j -> j.id, Math::max));
    }

    @Override
    @Transactional(readOnly = true)
    public List<JobLine> all(Collection<Long> bikes) {
        return bikes.isEmpty() ? List.of() : jobs.ofBikes(bikes).stream()
                .map(j -> new JobLine(j.id, j.bike.id(), j.jobKind.label(), j.wish, j.arrivesOn, j.place.label(),
                        Optional.ofNullable(j.kitCode)))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Long> billed(long bike) {
        return jobs.onFloorOf(List.of(bike)).stream().filter(j -> j.kitCode != null).map(j -> j.id).findFirst();
    }

    @Override
    @Transactional
    public void changed(Collection<Long> bikes) {
        if (!bikes.isEmpty()) {
            jobs.onFloorOf(bikes).forEach(j -> live.jobChanged(j.id));
        }
    }
}
