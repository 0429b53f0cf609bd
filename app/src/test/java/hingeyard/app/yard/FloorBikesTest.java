package hingeyard.app.yard;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.booking.Jobs;
import hingeyard.app.booking.JobCard;
import hingeyard.app.wiring.OneMoment;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class FloorBikesTest {

    private static final long JOB = 426;

    private static String line(FloorBikes bikes) {
        return bikes.standings(Set.of(JOB)).get(0).line();
    }

    /** Two tablets: one reads the yard, the bike is moved, and only then the first one's bikes are told. */
    @Test
    void aCardReadBeforeTheMoveIsNotKeptAsWhatHoldsAfterIt(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        FloorBikes bikes = app.bean(FloorBikes.class);
        String inTheRack = line(bikes);
        assertThat(orla.place(JOB, "STAND", 5).status()).isEqualTo(200);
        try {
            List<JobCard> before = app.bean(Jobs.class).onFloor(List.of(JOB));
            assertThat(line(bikes)).as("on a stand it says something else").isNotEqualTo(inTheRack);
            assertThat(orla.place(JOB, "RACK", null).status()).isEqualTo(200);
            bikes.of(before);
            assertThat(line(bikes)).isEqualTo(inTheRack);
        } finally {
            orla.place(JOB, "RACK", null);
        }
    }

    /** The same within one reading: the yard of a tablet is being read while the bike is moved by another. */
    @Test
    void aFloorReadWhileABikeIsMovedIsNotKeptAsWhatHoldsAfterIt(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        FloorBikes bikes = app.bean(FloorBikes.class);
        String inTheRack = line(bikes);
        assertThat(orla.place(JOB, "STAND", 5).status()).isEqualTo(200);
        try {
            String onTheStand = app.bean(OneMoment.class).read(() -> {
                List<JobCard> before = app.bean(Jobs.class).onFloor();
                assertThat(orla.place(JOB, "RACK", null).status()).isEqualTo(200);
                return bikes.of(before).stream().filter(b -> b.job().number() == JOB).findFirst().orElseThrow().standing().line();
            });
            assertThat(onTheStand).as("told of the moment it was read in").isNotEqualTo(inTheRack);
            assertThat(line(bikes)).isEqualTo(inTheRack);
        } finally {
            orla.place(JOB, "RACK", null);
        }
    }
}
