package hingeyard.core.fit;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;

/**
 * Everything a check may look at.
 *
 * @param survey  what the bike measures
 * @param kit     the kit in question
 * @param drawers what is free in the drawers
 * @param rules   the shop's thresholds
 */
public record FitCase(FrameSurvey survey, Kit kit, Drawers drawers, ShopRules rules) {
}
