package hingeyard.core.bill;

import hingeyard.core.condition.Found;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.stock.Drawers;
import java.util.List;
import java.util.Set;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;

/**
 * Everything that goes into one job and what it costs: the only road there, so that shortlist, hinge, quote and bill never come to
 * different sums.
 *
 * @param match     that goes on
 * @param condition how the arrival check found the bike
 * @param steps     as planned: their fasteners want locker and grease, their minutes are the labour
 * @param drawers   that the match was assessed from
 */
public record JobBill(FitReport match, List<Found> condition, List<Step> steps, Drawers drawers) {

    public JobBill {
        condition = List.copyOf(condition);
        steps = List.copyOf(steps);
    }

    /**
     * All lines, without prices yet.
     *
     * @throws IllegalArgumentException when the match does not go on, or what was ticked off is not there or must not be
     */
    public Bill lines(List<NotTaken> notTaken, List<StandIn> standIns) {
        Set<String> mounted = steps.stream().flatMap(s -> s.mounts().stream()).collect(Collectors.toSet());
        return BillAssembler.assemble(match, WithTheJob.of(condition, match, mounted, drawers), notTaken)
                .and(Consumables.of(match.kit(), steps, drawers, match.rules())).with(standIns);
    }

    /** What lines with prices come to. */
    public Charges charges(Bill priced) {
        return Charges.of(priced, steps.stream().mapToInt(Step::minutes).sum() + condition.stream().mapToInt(Found::minutesSpent).sum(),
                match.rules());
    }

    /** Of everything the match asks for. @param price of a part by its number, hundredths of the shop's money; 0 where nobody named one */
    public long total(ToLongFunction<String> price) {
        return charges(lines(List.of(), List.of()).priced(price).priced(match.rules())).totalMinor();
    }
}
