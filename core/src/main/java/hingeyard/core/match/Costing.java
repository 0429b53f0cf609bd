package hingeyard.core.match;

import hingeyard.core.fit.FitReport;

/** What a match that goes on costs on this job: one figure of labour for shortlist, hinge, quote and bill. */
public interface Costing {

    /** Minutes of its steps, of work added to the job and of what goes with it. */
    int minutes(FitReport match);

    /** Parts, labour and tax as the quote will say, in hundredths of the shop's money. */
    long total(FitReport match);
}
