package hingeyard.app.booking;

import hingeyard.app.shop.StandsInUse;
import hingeyard.core.floor.Place;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Says from the jobs which stands hold a bike. */
@Component
class BikesOnStands implements StandsInUse {

    private final JobRows jobs;

    BikesOnStands(JobRows jobs) {
        this.jobs = jobs;
    }

    @Override
    public Map<Integer, Long> inUse() {
        return jobs.cards(List.of(Place.STAND)).stream().collect(Collectors.toMap(j -> j.stand, j -> j.id));
    }
}
