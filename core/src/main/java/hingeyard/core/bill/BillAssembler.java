package hingeyard.core.bill;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Derives a job's bill from the chosen match. The entry of this package. */
public final class BillAssembler {

    private static final String BATTERY = "battery";

    private BillAssembler() {
    }

    /** Of a bike that the arrival check found good throughout. @throws IllegalArgumentException as {@link JobBill#lines} */
    public static Bill assemble(FitReport report, List<NotTaken> notTaken) {
        return assemble(report, WithTheJob.NOTHING, notTaken);
    }

    /**
     * @param report   a match that goes on
     * @param withJob  what the arrival check brings along
     * @param notTaken remedies the manager ticked off
     * @throws IllegalArgumentException when something forbids the match or is still to be measured, or when what was ticked off is not
     *                                  there or must not be
     */
    static Bill assemble(FitReport report, WithTheJob withJob, List<NotTaken> notTaken) {
        if (!report.goesOn()) {
            throw new IllegalArgumentException("no bill for " + report.kit().fullName() + ": " + report.headline());
        }
        Kit kit = report.kit();
        List<BillLine> lines = new ArrayList<>();
        if (kit.boxed()) {
            lines.add(new BillLine(Source.KIT_BOX, kit.boxNumber(), kit.fullName() + ", box", 1, "The chosen kit", "", "kit-box", ""));
        }
        Map<String, Integer> usedOfKit = new TreeMap<>();
        List<BillLine> asked = new ArrayList<>();
        report.findings().forEach(f -> remedyLines(f, notTaken, usedOfKit, asked));
        notTaken.forEach(n -> asked.add(n.line(report.findings().stream().filter(f -> f.checkId().equals(n.checkId())).findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("check '%s' does not concern %s".formatted(n.checkId(), kit.fullName()))))));
        Map<String, Finding> replaced = replaced(report, notTaken);
        kit.contents().forEach(item -> contents(kit, item, usedOfKit.getOrDefault(item.name(), 0), asked, replaced, lines));
        if (kit.otherBattery()) {
            lines.add(new BillLine(Source.FROM_DRAWER, kit.battery().code(), kit.battery().name(), 1,
                    "Chosen in place of the battery in the box", "", BATTERY, ""));
        }
        lines.addAll(asked);
        report.findings().stream().filter(f -> f.verdict() == Verdict.TRADE_OFF)
                .forEach(f -> lines.add(new BillLine(Source.CONSENTED, "", f.title(), 1, f.sentence(), f.checkId(), "", "")));
        lines.addAll(withJob.lines());
        kit.drive().movesOver(report.bike().survey()).stream()
                .filter(part -> !replaced.containsKey(part.role()) && !withJob.fresh().contains(part.role()))
                .forEach(part -> lines
                        .add(new BillLine(Source.MOVED_OVER, "", part.name(), 1, "The customer's own, moved over", "", "", "")));
        kit.drive().takesOff(report.bike().survey()).forEach(part -> lines.add(new BillLine(Source.HANDED_BACK, "", part, 1,
                "Taken off for the kit, bagged and labelled", "", "", "")));
        return new Bill(kit.code(), lines);
    }

    /** What goes out for a remedy that is taken, by its role, with the finding that asked for it. */
    private static Map<String, Finding> replaced(FitReport report, List<NotTaken> notTaken) {
        Map<String, Finding> replaced = new TreeMap<>();
        for (Finding finding : report.findings()) {
            for (int i = 0; i < finding.remedies().size(); i++) {
                int at = i;
                if (notTaken.stream().noneMatch(n -> n.means(finding, at))) {
                    finding.remedies().get(i).replaces().forEach(role -> replaced.putIfAbsent(role, finding));
                }
            }
        }
        return replaced;
    }

    private static void remedyLines(Finding finding, List<NotTaken> notTaken, Map<String, Integer> usedOfKit, List<BillLine> asked) {
        for (int i = 0; i < finding.remedies().size(); i++) {
            int at = i;
            if (notTaken.stream().anyMatch(n -> n.means(finding, at))) {
                continue;
            }
            finding.remedies().get(i).part().ifPresent(need -> {
                Source source = switch (need.supply()) {
                    case KIT -> Source.FROM_KIT;
                    case DRAWER -> Source.FROM_DRAWER;
                    case BUY -> Source.TO_ORDER;
                    case MAKE -> Source.TO_MAKE;
                };
                if (source == Source.FROM_KIT) {
                    usedOfKit.merge(need.name(), need.count(), Integer::sum);
                }
                asked.add(BillLine.asked(source, need, finding.sentence(), finding.checkId()));
            });
        }
    }

    /** A chosen piece has its own line from the finding; what is left of it, and what was not chosen, goes back. */
    private static void contents(Kit kit, KitItem item, int used, List<BillLine> asked, Map<String, Finding> replaced,
            List<BillLine> lines) {
        Finding instead = replaced.get(item.role());
        if (instead != null && used < item.count()) {
            lines.add(new BillLine(Source.BACK_IN_DRAWER, "", item.name(), item.count() - used, "Replaced by others: " + instead.sentence(),
                    instead.checkId(), "", ""));
        } else if (item.role().equals(BATTERY) && kit.otherBattery()) {
            lines.add(new BillLine(Source.BACK_IN_DRAWER, "", item.name(), item.count(), "Another battery goes with this job", "", "", ""));
        } else if (item.piece().isEmpty()) {
            if (used < item.count()) {
                lines.add(new BillLine(Source.FROM_KIT, "", item.name(), item.count() - used, "In the kit's box", "", item.role(), ""));
            }
        } else if (used < item.count()) {
            lines.add(new BillLine(Source.BACK_IN_DRAWER, "", item.name(), item.count() - used,
                    asked.stream().anyMatch(l -> l.source() == Source.NOT_TAKEN && l.name().equals(item.name()))
                            ? "Ticked off: another is brought"
                            : used == 0 ? "This frame does not need it" : "Left over: " + used + " of " + item.count() + " are used",
                    "", "", ""));
        }
    }
}
