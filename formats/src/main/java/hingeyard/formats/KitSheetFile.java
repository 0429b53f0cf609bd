package hingeyard.formats;

import hingeyard.core.kit.Kit;
import java.util.List;

/**
 * A kit sheet as its maker publishes it.
 *
 * @param code the sheet's own code
 * @param kits the sheet itself, then its variants
 */
public record KitSheetFile(String code, List<Kit> kits) {

    public KitSheetFile {
        kits = List.copyOf(kits);
    }
}
