package hingeyard.app.install;

import hingeyard.core.explain.Making;
import hingeyard.core.made.MadeKind;
import hingeyard.core.made.MadePart;
import java.math.BigDecimal;
import java.util.List;

/**
 * A part of a job that the shop makes, as steps and bills show it.
 *
 * @param ordinal  its line on the bill, from 0
 * @param kind     as the bench names it
 * @param measures mm, in the order of its kind
 * @param said     what it is, with grams and minutes
 * @param note     of what and how, and what it is not for
 * @param made     whether somebody said that it lies there, measured
 */
public record MadeHere(int ordinal, String name, String kind, List<BigDecimal> measures, String said, String note, boolean made) {

    public static MadeHere of(int ordinal, String name, Making making, boolean made) {
        MadePart part = MadeKind.of(making);
        return new MadeHere(ordinal, name, making.kind(), making.measures(), part.said(), part.note(), made);
    }
}
