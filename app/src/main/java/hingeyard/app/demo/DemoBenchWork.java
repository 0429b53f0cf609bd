package hingeyard.app.demo;

import hingeyard.app.demo.DemoStory.Guest;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.floor.Place;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Jobs without a motor of their own: discs where there were none, another display, another bar. */
@Component
class DemoBenchWork {

    private static final long DAY = 24 * 60;

    private final DemoStory story;

    DemoBenchWork(DemoStory story) {
        this.story = story;
    }

    private static Instant ago(Instant now, long minutes) {
        return now.minus(Duration.ofMinutes(minutes));
    }

    void tell(Instant now) {
        long discs = story.book(ago(now, 5 * DAY),
                Guest.of(BikeKind.DIAMOND, "Teodor Blick | blick, ext. 27 | Brook city | 56 | BC56-330 | #36598f"),
                JobKind.BRAKE_CONVERSION,
                "the hill down to the ferry, in the rain", "RIDER=92 kg", 0);
        story.arrive(ago(now, 5 * DAY - 20), discs, "Ned", "");
        story.measure(ago(now, 5 * DAY - 60), discs, "Ned", DemoSurveys.whole());
        story.approval(ago(now, 4 * DAY), discs, "brake-weld", "Fork maker’s letter 7", "disc brake to 180 mm on this fork", "Orla M.");
        story.bill(ago(now, 4 * DAY - 60), discs, "DB2");
        story.place(ago(now, 3 * DAY), discs, Place.STAND, 6);
        story.work(ago(now, 3 * DAY - 10), discs, "Rian", "Ned", "bracket-welded");
        story.trued(ago(now, 3 * DAY - 60), discs, "rotor-hung", "Rian", "1.24 1.1 0.66 0.02 -0.6 -1.06 -1.26 -1.1 -0.64 0.02 0.6 1.08");
        story.trued(ago(now, 3 * DAY - 90), discs, "rotor-trued", "Rian", "0.07 0.05 0.02 -0.02 -0.04 -0.08 -0.06 -0.03 0 0.02 0.05 0.06");
        story.place(ago(now, DAY + 320), discs, Place.RACK, null);

        long display = story.book(ago(now, 2 * DAY),
                Guest.of(BikeKind.STEP_THROUGH, "Ilva Brandt | brandt, ext. 63 | Linden step | 46 | LS46-415 | #7a3f5f"),
                JobKind.DISPLAY_OR_CONTROLLER,
                "cannot read the old one in the sun", "", 0);
        story.arrive(ago(now, 2 * DAY - 15), display, "Tova", "");
        story.measure(ago(now, 2 * DAY - 30), display, "Tova", DemoSurveys.whole());
        story.bill(ago(now, 2 * DAY - 50), display, "DY1");
        story.place(ago(now, DAY + 260), display, Place.STAND, 6);
        story.work(ago(now, DAY + 250), display, "Tova", "Ned", "settings-carried");
        story.place(ago(now, 560), display, Place.RACK, null);

        long bar = story.book(ago(now, 4 * DAY),
                Guest.of(BikeKind.DIAMOND, "Per Lindholt | lindholt, ext. 8 | Brook city | 58 | BC58-019 | #2f6f5b"), JobKind.BUILD_UP,
                "room for two hands and a display",
                "", 0);
        story.whole(ago(now, 4 * DAY - 20), bar, DemoSurveys.whole(), "CV3", 6, "Rian", "Tova");
        story.place(ago(now, 90), bar, Place.RAIL, null);
    }
}
