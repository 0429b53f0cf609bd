package hingeyard.app.privacy;

import java.util.List;

/** Says which jobs of a customer have money open. */
public interface OpenAccounts {

    List<Long> jobsOf(long customer);
}
