package hingeyard.core.bill;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.PartWanted;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitReport;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the arrival check found and is done with the job: the work as it prints, and the parts it takes with their place and price. What the
 * match brings already is not brought
 * twice, and what is new goes on in place of the customer's own.
 *
 * @param lines in the check's order
 * @param fresh roles of what is new on the bike by it: the customer's own is not moved over
 */
record WithTheJob(List<BillLine> lines, Set<String> fresh) {

    static final WithTheJob NOTHING = new WithTheJob(List.of(), Set.of());

    /**
     * @param condition how the bike was found
     * @param mounted   roles that some step of the job mounts: work that the kit makes needless has no step
     */
    static WithTheJob of(List<Found> condition, FitReport match, Set<String> mounted, Drawers drawers) {
        List<BillLine> lines = new ArrayList<>();
        Set<String> fresh = new HashSet<>();
        Map<String, Integer> brought = brought(match);
        for (Found found : condition) {
            if (!found.addsWork()) {
                continue;
            }
            boolean stepped = mounted.contains(found.point().role());
            String why = "Arrival check, " + found.point().title() + ": " + found.note();
            lines.add(new BillLine(Source.WITH_JOB, "", found.point().work(), 1,
                    found.mended() ? why + "; mended before the job went on" : stepped ? why : why + "; the kit's own steps do it", "", "",
                    ""));
            if (!found.toDo() || !stepped) {
                continue;
            }
            for (PartWanted wanted : found.point().parts()) {
                int count = wanted.count() - brought.getOrDefault(wanted.role(), 0);
                if (count > 0) {
                    lines.add(part(wanted, count, found.point().role(), why, match.bike().survey(), drawers));
                    fresh.add(wanted.role());
                }
            }
        }
        return new WithTheJob(lines, fresh);
    }

    /** How many parts the match brings for each role. */
    private static Map<String, Integer> brought(FitReport match) {
        Map<String, Integer> brought = new HashMap<>();
        for (Finding finding : match.findings()) {
            for (Remedy remedy : finding.remedies()) {
                remedy.part().filter(p -> !p.role().isEmpty()).ifPresent(p -> brought.merge(p.role(), p.count(), Integer::sum));
            }
        }
        return brought;
    }

    /**
     * The one kind the drawers have that suits; where they have several or none it is ordered by name, and the manager says which on the
     * bill.
     */
    private static BillLine part(PartWanted wanted, int count, String role, String why, FrameSurvey survey, Drawers drawers) {
        if (wanted.small()) {
            return new BillLine(Source.CONSUMABLE, "", capital(wanted.name()), count, why, "", "", "");
        }
        List<DrawerPart> kinds = wanted.use(survey).map(drawers::usedAs).orElse(List.of());
        if (kinds.size() != 1) {
            return new BillLine(Source.TO_ORDER, "", capital(wanted.name()), count, why, "", role, "");
        }
        DrawerPart part = kinds.get(0);
        return part.free() >= count ? new BillLine(Source.FROM_DRAWER, part.number(), part.name(), count, why, "", role, part.place())
                : new BillLine(Source.TO_ORDER, part.number(), part.name(), count, why + "; too few are free", "", role, "");
    }

    private static String capital(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
