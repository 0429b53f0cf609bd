package hingeyard.app.demo;

import hingeyard.app.booking.Jobs;
import hingeyard.app.person.Staff;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.floor.Place;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Fills an empty database with a working Tuesday on the wharf. */
@Component
@Profile("demo")
class DemoData implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final String TOURER = "rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=445;bracket.standard=iso;bracket.shell-width=%s;"
            + "bracket.height=285;triangle.seat-tube=530;triangle.down-tube=640;triangle.top-tube=570;front.wheelbase=1062;front.bead-seat=622;"
            + "front.tyre-width=40;front.over-locknut=100;front.fork-material=%s";

    private final Staff staff;
    private final DemoShop shop;
    private final DemoStory story;
    private final Jobs jobs;
    private final ShopClock clock;

    DemoData(Staff staff, DemoShop shop, DemoStory story, Jobs jobs, ShopClock clock) {
        this.jobs = jobs;
        this.staff = staff;
        this.shop = shop;
        this.story = story;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (!staff.isEmpty()) {
            return;
        }
        if (jobs.all().iterator().hasNext()) {
            // The people are written last: without them, an earlier start was killed in the middle of the story.
            throw new IllegalStateException("The demo data is only half written: run ./yard reset.");
        }
        Instant now = clock.now();
        clock.at(ago(now, 10 * 24 * 60), () -> {
            try {
                shop.kits();
                shop.drawers();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        finished(now);
        onStands(now);
        inTheRack(now);
        atTheGate(now);
        shop.people();
        LOG.info("demo data written");
    }

    private static Instant ago(Instant now, long minutes) {
        return now.minus(Duration.ofMinutes(minutes));
    }

    /** Two on the rail, one on the test strip. */
    private void finished(Instant now) {
        Instant then = ago(now, 4 * 24 * 60);
        long amsel = story.book(then, "Jorun Amsel", "ext. 12", BikeKind.DIAMOND, "Quay tourer 54", "QT54-2210", "#2b5d8a", "flat, steady, always a bag", 22, 0);
        whole(then, amsel, TOURER.formatted("68", "steel"), "TN9", "Rian", "Tova", null);
        story.place(ago(now, 60), amsel, Place.RAIL, null);
        long duarte = story.book(then, "Pelle Duarte", "duarte, ext. 40", BikeKind.STEP_THROUGH, "Linden step 48", "LS48-771", "#8a5a2b", "town, must start by itself", 14, 0);
        whole(then.plusSeconds(3600), duarte, STEP_THROUGH + ";bracket.standard=iso;bracket.shell-width=68", "VM4-S", "Ned", "Rian", null);
        story.place(ago(now, 30), duarte, Place.RAIL, null);
        long ferry = story.book(ago(now, 2 * 24 * 60), "Ferry Co-op", "ferry office", BikeKind.LONG_TAIL, "Pell long-tail", "PL-0093", "#36598f", "two crates, every weekday", 40, 0);
        story.place(ago(now, 2 * 24 * 60), ferry, Place.RACK, null);
        story.measure(ago(now, 47 * 60), ferry, "Tova", LONG_TAIL);
        story.bill(ago(now, 46 * 60), ferry, "VM4-L");
        story.place(ago(now, 24 * 60), ferry, Place.STAND, 6);
        story.work(ago(now, 420), ferry, "Tova", "Rian", "functions");
        story.place(ago(now, 20), ferry, Place.STRIP, null);
        story.start(ago(now, 8), ferry, "functions", "Tova");
    }

    private static final String STEP_THROUGH = "rear.bead-seat=622;rear.tyre-width=42;rear.chainstay=462;bracket.height=282;triangle.seat-tube=480;"
            + "triangle.down-tube=690;triangle.top-tube=560;front.wheelbase=1085;front.bead-seat=622;front.tyre-width=42";
    private static final String LONG_TAIL = "rear.bead-seat=406;rear.tyre-width=55;rear.chainstay=870;bracket.standard=iso;bracket.shell-width=83;"
            + "bracket.height=288;triangle.seat-tube=430;triangle.down-tube=650;triangle.top-tube=560;front.wheelbase=1490;front.bead-seat=559;front.tyre-width=55";

    private void whole(Instant at, long job, String readings, String kit, String by, String second, String until) {
        story.place(at, job, Place.RACK, null);
        story.measure(at.plusSeconds(1800), job, by, readings);
        story.bill(at.plusSeconds(3600), job, kit);
        story.place(at.plusSeconds(5400), job, Place.STAND, 1);
        story.work(at.plusSeconds(7200), job, by, second, until);
        if (until == null) {
            story.place(at.plusSeconds(40000), job, Place.RACK, null);
        }
    }

    private void onStands(Instant now) {
        long red = story.book(ago(now, 2900), "Mill School", "school office", BikeKind.FAT_TYRE, "Marlow fat 18", "MF18-004", "#b5472f", "caretaker, sand and snow", 9, 0);
        story.place(ago(now, 2880), red, Place.RACK, null);
        story.measure(ago(now, 2800), red, "Rian", "rear.bead-seat=559;rear.tyre-width=100;rear.chainstay=458;bracket.height=308;triangle.seat-tube=440;"
                + "triangle.down-tube=660;triangle.top-tube=575;front.wheelbase=1105;front.bead-seat=559;front.tyre-width=100;bracket.standard=iso;bracket.shell-width=83");
        story.bill(ago(now, 2700), red, "VM4-L");
        story.place(ago(now, 1300), red, Place.STAND, 1);
        story.work(ago(now, 150), red, "Rian", "Ned", "lock-nut");
        story.start(ago(now, 6), red, "lock-nut", "Rian");

        long green = story.book(ago(now, 2000), "Hedda Kvist", "kvist, ext. 7", BikeKind.DIAMOND, "Quay tourer 56", "QT56-3107", "#2f6f5b", "tourer, hills both ways", 38, 0);
        story.place(ago(now, 1990), green, Place.RACK, null);
        story.measure(ago(now, 1900), green, "Tova", TOURER.formatted("73", "steel"));
        story.bill(ago(now, 1800), green, "TN9");
        story.place(ago(now, 400), green, Place.STAND, 2);
        story.work(ago(now, 330), green, "Ned", "Rian", "second-nut");
        story.start(ago(now, 14), green, "second-nut", "Ned");
        story.tick(ago(now, 4), green, "second-nut", "Ned");

        long violet = story.book(ago(now, 1800), "Ilse Brandl", "brandl, ext. 3", BikeKind.FULL_SUSPENSION, "Ostrel trail M", "OT-M-518", "#5a4a8f", "trail, 900 m of climb", 25, 0);
        story.place(ago(now, 1790), violet, Place.RACK, null);
        story.measure(ago(now, 1700), violet, "Ned", "rear.bead-seat=584;rear.tyre-width=60;rear.chainstay=438;bracket.height=338;triangle.seat-tube=430;"
                + "triangle.down-tube=720;front.wheelbase=1205;front.bead-seat=584;front.tyre-width=60;bracket.standard=iso;bracket.shell-width=73");
        story.bill(ago(now, 1600), violet, "VM4-S");
        story.place(ago(now, 300), violet, Place.STAND, 3);
        story.work(ago(now, 250), violet, "Tova", "Rian", "tooth-plate");
        story.start(ago(now, 110), violet, "tooth-plate", "Tova");
        story.stuck(ago(now, 80), violet, "tooth-plate", "Plate misses the lug under the shell by 4 mm and rocks", "Tova");

        long hub = story.book(ago(now, 1500), "Tam Osei", "osei, ext. 22", BikeKind.DIAMOND, "Brook roadster 58", "BR58-118", "#a4663a", "flat, wants it discreet", 16, 0);
        story.place(ago(now, 1490), hub, Place.RACK, null);
        story.measure(ago(now, 1450), hub, "Rian", TOURER.formatted("68", "steel").replace("445", "452").replace("530", "560"));
        story.bill(ago(now, 1400), hub, "KF2");
        story.place(ago(now, 200), hub, Place.STAND, 4);
        story.work(ago(now, 180), hub, "Ned", "Tova", "torque-arm");
    }

    private void inTheRack(Instant now) {
        long plain = story.book(ago(now, 800), "Birk Solberg", "solberg, ext. 31", BikeKind.DIAMOND, "Quay tourer 52", "QT52-2801", "#3b7f86", "commuter, headwind", 30, 0);
        story.place(ago(now, 790), plain, Place.RACK, null);
        story.measure(ago(now, 700), plain, "Tova", TOURER.formatted("73", "carbon"));

        long spacers = story.book(ago(now, 760), "Ferry Co-op", "ferry office", BikeKind.LONG_TAIL, "Pell long-tail", "PL-0094", "#4a6fae", "two crates, every weekday", 40, 0);
        story.place(ago(now, 750), spacers, Place.RACK, null);
        story.measure(ago(now, 640), spacers, "Rian", LONG_TAIL);

        long missing = story.book(ago(now, 600), "Agda Wren", "wren, ext. 18", BikeKind.STEP_THROUGH, "Linden step 51", "LS51-090", "#7a3f5f", "shopping, steep street home", 11, 0);
        story.place(ago(now, 590), missing, Place.RACK, null);
        story.measure(ago(now, 580), missing, "Ned", STEP_THROUGH + ";bracket.standard=iso;front.fork-material=magnesium-casting;front.over-locknut=100");

        long none = story.book(ago(now, 500), "Mill School", "school office", BikeKind.FAT_TYRE, "Marlow fat 20", "MF20-017", "#6b7a2e", "beach clean-up, loads", 12, 0);
        story.place(ago(now, 490), none, Place.RACK, null);
        story.measure(ago(now, 480), none, "Rian", "rear.bead-seat=559;rear.tyre-width=120;rear.chainstay=470;bracket.height=315;triangle.seat-tube=450;"
                + "triangle.down-tube=665;triangle.top-tube=580;front.wheelbase=1120;front.bead-seat=559;front.tyre-width=120;bracket.standard=iso;"
                + "bracket.shell-width=120;front.fork-material=aluminium;front.over-locknut=135");

        long box = story.book(ago(now, 450), "Gull Bakery", "bakery counter", BikeKind.BOX_CARGO, "Hallig box", "HB-22-6", "#8c4a2f", "bread round, 90 kg of load", 28, 0);
        story.place(ago(now, 440), box, Place.RACK, null);
        story.measure(ago(now, 430), box, "Tova", "rear.bead-seat=559;rear.tyre-width=50;rear.chainstay=462;bracket.standard=iso;bracket.shell-width=73;"
                + "triangle.seat-tube=470;triangle.down-tube=900;front.wheelbase=1990;front.bead-seat=406;front.tyre-width=50;bracket.height=290");
        story.bill(ago(now, 400), box, "VM4-S");
    }

    private void atTheGate(Instant now) {
        story.book(now, "Nils Farrow", "farrow, ext. 9", BikeKind.DIAMOND, "Brook roadster 56", "BR56-412", "#68803a", "tourer, hills both ways", 38, 0);
        story.book(now, "Saskia Lund", "lund, ext. 27", BikeKind.STEP_THROUGH, "Linden step 46", "LS46-233", "#8d5585", "step-through, front hub asked", 12, 0);
        story.book(now, "Tilde Marsh", "marsh, ext. 5", BikeKind.FOLDING, "Nook folder 16", "NF16-77", "#5a646b", "must fold, train twice a day", 10, 1);
        story.book(now, "Ferry Co-op", "ferry office", BikeKind.LONG_TAIL, "Pell long-tail", "PL-0095", "#2f7f6f", "as the other two", 40, 2);
    }
}
