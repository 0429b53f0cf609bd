package hingeyard.core.bill;

import java.util.List;
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

    public Stream<BillLine> from(BillLine.Source source) {
        return lines.stream().filter(l -> l.source() == source);
    }
}
