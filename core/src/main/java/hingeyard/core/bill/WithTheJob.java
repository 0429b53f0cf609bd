package hingeyard.core.bill;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.PartWanted;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the arrival check found and is done with the job: the work as it prints, and the parts it takes with their place and price. */
final class WithTheJob {

    private WithTheJob() {
    }

    /**
     * @param condition how the bike was found
     * @param mounted   roles that some step of the job mounts: work that the kit makes needless takes no parts
     */
    static List<BillLine> lines(List<Found> condition, FrameSurvey survey, Set<String> mounted, Drawers drawers) {
        List<BillLine> lines = new ArrayList<>();
        for (Found found : condition) {
            if (found.addsWork()) {
                String why = "Arrival check, " + found.point().title() + ": " + found.note();
                lines.add(new BillLine(Source.WITH_JOB, "", found.point().work(), 1, why, "", "", ""));
                if (mounted.contains(found.point().role())) {
                    found.point().parts().forEach(p -> lines.add(part(p, found.point().role(), why, survey, drawers)));
                }
            }
        }
        return lines;
    }

    /** The one kind the drawers have that suits; where they have several or none it is ordered by name, and the manager says which on the bill. */
    private static BillLine part(PartWanted wanted, String role, String why, FrameSurvey survey, Drawers drawers) {
        if (wanted.small()) {
            return new BillLine(Source.CONSUMABLE, "", capital(wanted.name()), wanted.count(), why, "", "", "");
        }
        List<DrawerPart> kinds = wanted.use(survey.number(RearMeasures.COGS_COUNT)).map(drawers::usedAs).orElse(List.of());
        if (kinds.size() != 1) {
            return new BillLine(Source.TO_ORDER, "", capital(wanted.name()), wanted.count(), why, "", role, "");
        }
        DrawerPart part = kinds.get(0);
        return Optional.of(part).filter(p -> p.free() >= wanted.count()).map(p -> new BillLine(Source.FROM_DRAWER, p.number(), p.name(), wanted.count(), why, "", role, p.place()))
                .orElseGet(() -> new BillLine(Source.TO_ORDER, part.number(), part.name(), wanted.count(), why + "; too few are free", "", role, ""));
    }

    private static String capital(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
