package hingeyard.core.install.families;

import hingeyard.core.install.StepFamily;
import java.util.List;

/** Every family, in the order preferred where the hard rules leave a choice. */
public final class StepFamilyCatalogue {

    private StepFamilyCatalogue() {
    }

    public static List<StepFamily> all() {
        return List.of(
                new ReceivingFamily(),
                new BracketMidDriveFamily(),
                new SleeveFamily(),
                new FrontHubFamily(),
                new OtherMountFamily(),
                new LoomFamily(),
                new CommissioningFamily());
    }
}
