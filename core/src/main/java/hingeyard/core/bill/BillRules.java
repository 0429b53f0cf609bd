package hingeyard.core.bill;

import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import java.util.Optional;

/** Whether a bill may be made of a match. What is agreed with the customer is asked for afterwards, see {@link Agreement}. */
public final class BillRules {

    private BillRules() {
    }

    /**
     * @param billedWith code of the kit the job has a bill with
     * @param condition  whether the arrival check lets the job go on
     * @param manager    whether the manager asks
     */
    public static Ruling mayMake(FitReport report, Optional<String> billedWith, Ruling condition, boolean manager) {
        if (billedWith.isPresent()) {
            return Ruling
                    .no(billedWith.get().equals(report.kit().code()) ? "Its bill is made." : "Billed with %s.".formatted(billedWith.get()));
        }
        if (!report.goesOn()) {
            return Ruling.no(report.headline() + ".");
        }
        if (!condition.allowed()) {
            return condition;
        }
        return manager ? Ruling.yes() : Ruling.no("The manager makes the bill.");
    }
}
