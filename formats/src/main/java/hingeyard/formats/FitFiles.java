package hingeyard.formats;

import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * One bike and one kit from files.
 *
 * @param report what the checks say; a value copied from another bike counts for nothing
 */
public record FitFiles(SurveyFile bike, FitReport report) {

    /**
     * @param survey a survey file's text
     * @param kit    a kit sheet's text; of a sheet with variants the one named in its {@code "take"}, else the sheet itself
     * @param stock  a stock file's text; nothing is in the drawers without it
     * @param rules  a rules file's text; the standard rules without it
     * @throws UnreadableSheetException naming the file, line, column and reason
     */
    public static FitFiles assess(FitAssessor assessor, String survey, String kit, Optional<String> stock, Optional<String> rules) {
        SurveyFile bike = in("survey", survey, SurveyJson::read);
        Kit sheet = in("kit", kit, KitSheetJson::readOne);
        Drawers drawers = stock.map(s -> in("stock", s, StockCsv::read)).orElse(Drawers.empty());
        ShopRules inForce = rules.map(r -> in("rules", r, RulesJson::read)).orElse(ShopRules.standard());
        return new FitFiles(bike,
                assessor.assess(new FitCase(new FitCase.Bike(bike.kind(), bike.survey().forVerdicts(), RiderNeed.none(), Set.of()), sheet,
                        drawers, inForce)));
    }

    private static <T> T in(String file, String text, Function<String, T> read) {
        try {
            return read.apply(text);
        } catch (UnreadableSheetException e) {
            throw e.in(file);
        }
    }

    public String json() {
        return FitJson.write(bike, report);
    }
}
