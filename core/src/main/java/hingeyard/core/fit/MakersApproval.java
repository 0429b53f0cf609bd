package hingeyard.core.fit;

import hingeyard.core.explain.Ruling;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A maker's written leave for what their part is not made for, as the manager read it: it takes the place of a safety check, so it is
 * named,
 * dated and bounded.
 *
 * @param paper which paper, by its name or number
 * @param dated the day on it; empty while nobody said one
 * @param limit what it allows, and up to what
 */
public record MakersApproval(String paper, Optional<LocalDate> dated, String limit) {

    private static final int LONGEST_PAPER = 80;
    private static final int LONGEST_LIMIT = 90;
    /** Before it nobody asked such makers for such leave. */
    private static final LocalDate EARLIEST = LocalDate.of(1990, 1, 1);

    public MakersApproval {
        paper = paper.strip();
        limit = limit.strip();
    }

    /** What it lacks, by field; nothing when it may be filed. @param today a paper dated later is misread */
    public Map<String, Ruling> faults(LocalDate today) {
        Map<String, Ruling> faults = new LinkedHashMap<>();
        if (paper.isEmpty() || paper.length() > LONGEST_PAPER) {
            faults.put("paper", Ruling.no("the maker's paper by name or number, 1 to %d letters".formatted(LONGEST_PAPER)));
        }
        if (dated.isEmpty() || dated.get().isBefore(EARLIEST) || dated.get().isAfter(today)) {
            faults.put("dated", Ruling.no("the day on the paper, %s to %s".formatted(EARLIEST, today)));
        }
        if (limit.isEmpty() || limit.length() > LONGEST_LIMIT) {
            faults.put("limit", Ruling.no("what it allows and up to what, 1 to %d letters".formatted(LONGEST_LIMIT)));
        }
        return faults;
    }

    /** As it stands with its picture. */
    public String text() {
        return "%s of %s: %s".formatted(paper, dated.map(LocalDate::toString).orElse("an unknown day"), limit);
    }
}
