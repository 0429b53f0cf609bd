package hingeyard.app.calloff;

import hingeyard.app.money.SettledJobs;
import hingeyard.core.bill.LastBill;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What is to pay for kits that came off again. */
@Component
class LastBills implements SettledJobs {

    private final CallOffRows rows;
    private final JsonMapper json;

    LastBills(CallOffRows rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, List<LastBill>> lastBills(Collection<Long> jobs) {
        return jobs.isEmpty() ? Map.of() : rows.settled(jobs).stream().collect(Collectors.groupingBy(r -> r.jobId,
                Collectors.mapping(r -> json.readValue(r.settlement, LastBill.class), Collectors.toList())));
    }
}
