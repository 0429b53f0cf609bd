package hingeyard.app.plan;

import hingeyard.app.bill.ReadyDay;
import hingeyard.core.plan.Promise;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** When a job is ready by the plan as it is. */
@Component
class PlannedReady implements ReadyDay {

    private final Ahead ahead;

    PlannedReady(Ahead ahead) {
        this.ahead = ahead;
    }

    @Override
    public Optional<String> ofJob(long number) {
        Ahead.Planned now = ahead.now();
        return Optional.ofNullable(now.promises().get(number))
                .map((Promise p) -> p.onQuote(Ahead.said(now, number).promised(), now.question().now().toLocalDate()));
    }
}
