package hingeyard.app.demo;

import hingeyard.app.demo.DemoStory.Guest;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.floor.Place;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/**
 * Drives that do not sit in the bracket: one ready, the others in the middle of their steps because the stand was wanted for another bike.
 */
@Component
class DemoFamilies {

    private static final long DAY = 24 * 60;

    private final DemoStory story;

    DemoFamilies(DemoStory story) {
        this.story = story;
    }

    private static Instant ago(Instant now, long minutes) {
        return now.minus(Duration.ofMinutes(minutes));
    }

    private static Guest guest(BikeKind kind, String line) {
        return Guest.of(kind, line);
    }

    void tell(Instant now) {
        wheels(now);
        others(now);
    }

    private void wheels(Instant now) {
        long rear = story.book(ago(now, 3 * DAY),
                guest(BikeKind.DIAMOND, "Signe Harrow | harrow, ext. 44 | Brook city | 54 | BC54-061 | #7a5a2f"), JobKind.REAR_HUB,
                "quiet, long flat way",
                "DISTANCE=26 km;RIDER=70 kg;DISCREET;CLASS_B", 0);
        story.arrive(ago(now, 3 * DAY - 20), rear, "Ned", "");
        story.measure(ago(now, 3 * DAY - 90), rear, "Ned", DemoSurveys.bentTube());
        story.bill(ago(now, 3 * DAY - 160), rear, "OR5");
        story.place(ago(now, 2 * DAY - 10), rear, Place.STAND, 6);
        story.work(ago(now, 2 * DAY - 20), rear, "Ned", "Rian", "rear-wheel-in");
        story.place(ago(now, DAY + 200), rear, Place.RACK, null);

        long roller = story.book(ago(now, 2 * DAY),
                guest(BikeKind.DIAMOND, "Oda Quill | quill, ext. 52 | Brook city | 50 | BC50-118 | #5b6f8a"), JobKind.FRICTION_ROLLER,
                "comes off for the train",
                "DISTANCE=12 km;RIDER=58 kg;THROTTLE;CLASS_B", 0);
        story.arrive(ago(now, 2 * DAY - 30), roller, "Rian", "");
        story.measure(ago(now, 2 * DAY - 80), roller, "Rian", DemoSurveys.whole());
        story.bill(ago(now, 2 * DAY - 120), roller, "PR2");
        story.place(ago(now, DAY + 180), roller, Place.STAND, 6);
        story.work(ago(now, DAY + 170), roller, "Rian", "Tova", "clamp-halves");
        story.place(ago(now, 600), roller, Place.RACK, null);
    }

    private void others(Instant now) {
        long arm = story.book(ago(now, 3 * DAY),
                guest(BikeKind.STAND_UP_TRIKE, "Rafe Holm | holm, ext. 15 | Skiff stand-up | | SK-0072 | #2f6f5b"), JobKind.SWING_ARM,
                "the second one, for the harbour master",
                "DISTANCE=18 km;RIDER=85 kg;MUST_FOLD;THROTTLE;CLASS_B", 0);
        story.arrive(ago(now, 3 * DAY - 30), arm, "Tova", "");
        story.measure(ago(now, 3 * DAY - 70), arm, "Tova", DemoSurveys.standUp());
        story.bill(ago(now, 3 * DAY - 120), arm, "SK1");
        story.place(ago(now, 2 * DAY + 200), arm, Place.STAND, 5);
        story.work(ago(now, 2 * DAY + 190), arm, "Tova", "Ned", "arm-gaps");
        story.place(ago(now, DAY + 300), arm, Place.RACK, null);

        long folder = story.book(ago(now, 2 * DAY),
                guest(BikeKind.FOLDING, "Mirko Vane | vane, ext. 29 | Nook folder | 16 | NF16-91 | #36598f"), JobKind.FRONT_HUB,
                "up the hill from the train",
                "DISTANCE=8 km;CLIMB=90 m;RIDER=72 kg;MUST_FOLD;MUST_CARRY", 0);
        story.arrive(ago(now, 2 * DAY - 25), folder, "Ned", "");
        story.measure(ago(now, 2 * DAY - 60), folder, "Ned", DemoSurveys.folder());
        story.bill(ago(now, 2 * DAY - 100), folder, "NF7");
        story.place(ago(now, DAY + 280), folder, Place.STAND, 5);
        story.work(ago(now, DAY + 270), folder, "Ned", "Rian", "wheel-in");
        story.place(ago(now, 700), folder, Place.RACK, null);

        long gear = story.book(ago(now, 6 * DAY),
                guest(BikeKind.DIAMOND, "Wanda Tiel | tiel, ext. 36 | Brook city | 52 | BC52-204 | #8a5a2b"), JobKind.ROTOR_GEAR,
                "keeps her own wheels",
                "DISTANCE=15 km;RIDER=63 kg;CLASS_A", 0);
        story.whole(ago(now, 6 * DAY - 30), gear, DemoSurveys.whole(), "DR1", 6, "Rian", "Tova");
        story.place(ago(now, 100), gear, Place.RAIL, null);

        long made = story.book(ago(now, DAY),
                guest(BikeKind.DIAMOND, "Anouk Serre | serre, ext. 11 | Halcyrat ready frame | 54 | HF54-031 | #5a4a8f"), JobKind.MID_DRIVE,
                "frame came with the motor's place",
                "DISTANCE=34 km;CLIMB=350 m;RIDER=69 kg;CLASS_A", 0);
        story.arrive(ago(now, DAY - 20), made, "Rian", "");
        story.measure(ago(now, DAY - 70), made, "Rian", DemoSurveys.whole() + ";bracket.pin-spacing=112");
        story.bill(ago(now, DAY - 130), made, "HC1");
        story.place(ago(now, 640), made, Place.STAND, 6);
        story.work(ago(now, 630), made, "Rian", "Ned", "frame-dry-fit");
        story.place(ago(now, 480), made, Place.RACK, null);
    }
}
