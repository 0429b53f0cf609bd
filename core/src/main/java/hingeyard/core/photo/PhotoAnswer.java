package hingeyard.core.photo;

import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * What a photo says.
 *
 * @param values      in walking order
 * @param tiltDegrees how far the camera stood off the bike's axis; 0 where no rings were marked
 * @param offPixels   how far the rings' marks lie off true circles, root mean square
 * @param doubts      what should be looked at again; may be empty
 */
public record PhotoAnswer(List<Value> values, double tiltDegrees, double offPixels, List<String> doubts) {

    public PhotoAnswer {
        values = List.copyOf(values);
        doubts = List.copyOf(doubts);
    }

    /**
     * One measure.
     *
     * @param plusMinus half width of its uncertainty band
     */
    public record Value(LengthMeasure measure, Length value, Length plusMinus) {
    }
}
