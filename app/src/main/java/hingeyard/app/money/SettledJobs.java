package hingeyard.app.money;

import hingeyard.core.bill.LastBill;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/** Jobs whose kit came off again, as far as there is something to pay for it. */
public interface SettledJobs {

    /** The last bills of these jobs, in the order they were settled; a job without one is not among them. */
    Map<Long, List<LastBill>> lastBills(Collection<Long> jobs);
}
