package hingeyard.core.bill;

import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A bill of materials.
 *
 * @param kitCode the kit it is for
 * @param lines   in reading order
 */
public record Bill(String kitCode, List<BillLine> lines) {

    public Bill {
        lines = List.copyOf(lines);
    }

    /** With these lines after its own. */
    public Bill and(List<BillLine> more) {
        List<BillLine> all = new ArrayList<>(lines);
        all.addAll(more);
        return new Bill(kitCode, all);
    }

    /** With these parts standing in for others. */
    public Bill with(List<StandIn> standIns) {
        List<BillLine> changed = lines;
        for (StandIn standIn : standIns) {
            changed = changed.stream().map(standIn::over).toList();
        }
        return new Bill(kitCode, changed);
    }

    /** With what the manager changed by hand, in the order it was said; what is about a line that is not there changes nothing. */
    public Bill by(List<ByHand> changes) {
        List<BillLine> changed = lines;
        for (ByHand change : changes) {
            changed = change.on(changed);
        }
        return new Bill(kitCode, changed);
    }

    /** Whether a part that stands in, or was found, is on this bill: what the match no longer asks for stands in for nothing. */
    public boolean uses(StandIn standIn) {
        return lines.stream().anyMatch(l -> l.charged() && l.role().equals(standIn.role()) && l.partNumber().equals(standIn.other()));
    }

    /** With what each charged line costs by its part's number, hundredths of the shop's money; 0 where nobody named a price. */
    public Bill priced(ToLongFunction<String> price) {
        return new Bill(kitCode,
                lines.stream().map(l -> l.charged() && !l.partNumber().isEmpty() ? l.at(price.applyAsLong(l.partNumber())) : l).toList());
    }

    /** With what each made line costs, by what a minute of the machine costs. */
    public Bill priced(ShopRules rules) {
        return new Bill(kitCode, lines.stream().map(l -> l.making().map(m -> l.at(Charges.machine(m, rules))).orElse(l)).toList());
    }

    /** With the drawer of each line that holds stock and names none yet; empty where no drawer knows the part. */
    public Bill placed(UnaryOperator<String> place) {
        return new Bill(kitCode,
                lines.stream().map(l -> l.source().reserved() && l.place().isEmpty() ? l.in(place.apply(l.partNumber())) : l).toList());
    }

    public Stream<BillLine> from(BillLine.Source source) {
        return lines.stream().filter(l -> l.source() == source);
    }
}
