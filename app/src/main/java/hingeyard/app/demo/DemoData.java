package hingeyard.app.demo;

import hingeyard.app.booking.Jobs;
import hingeyard.app.demo.DemoStory.Guest;
import hingeyard.app.face.Faces;
import hingeyard.app.face.ShopFace;
import hingeyard.app.install.Stop;
import hingeyard.app.person.Staff;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.WorkingDays;
import hingeyard.core.floor.Place;
import hingeyard.core.install.Blocker;
import hingeyard.core.order.SimulatedSupplier.Mood;
import hingeyard.core.receiving.KitCheck.Numbered;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with a working Tuesday on the wharf. */
@Component
@Profile("demo")
class DemoData implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final long DAY = 24 * 60;
    /** The demo's first job. */
    private static final long FIRST_NUMBER = 396;
    private final Staff staff;
    private final Faces faces;
    private final DemoShop shop;
    private final DemoStory story;
    private final DemoFamilies families;
    private final DemoBenchWork benchWork;
    private final DemoOffice office;
    private final DemoMoney money;
    private final Jobs jobs;
    private final ShopClock clock;
    private final TransactionTemplate inOneGo;

    DemoData(Staff staff, Faces faces, DemoShop shop, DemoStory story, DemoFamilies families, DemoBenchWork benchWork, DemoOffice office,
            DemoMoney money, Jobs jobs,
            ShopClock clock, PlatformTransactionManager transactions) {
        this.inOneGo = new TransactionTemplate(transactions);
        this.jobs = jobs;
        this.staff = staff;
        this.faces = faces;
        this.shop = shop;
        this.story = story;
        this.families = families;
        this.benchWork = benchWork;
        this.office = office;
        this.money = money;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (faces.now().kind().equals(Optional.of(ShopFace.Kind.OWN))) {
            throw new IllegalStateException("This database is a shop's own, and the demo keeps out of it: start it with ./yard open.");
        }
        if (!staff.isEmpty()) {
            return;
        }
        if (!jobs.onFloor().isEmpty()) {
            throw new IllegalStateException("There are jobs in this database and nobody who works on them: run ./yard reset.");
        }
        // In one go: a start that is killed in the middle of it leaves nothing, and the next one tells it from the beginning.
        inOneGo.executeWithoutResult(t -> tell(clock.now()));
        LOG.info("demo data written");
    }

    private void tell(Instant now) {
        CompletableFuture<Map<String, String>> hashes = shop.hashes();
        clock.at(ago(now, 120 * DAY), () -> {
            shop.people(clock.day(now));
            try {
                shop.drawers();
                shop.kits();
                shop.batteries();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        faces.open(ShopFace.Kind.DEMO, "Sundry Wharf Conversions", "Shed 4, Sundry Wharf", "ext. 10", "", "EUR");
        shop.wrenches(clock.today());
        shop.house(clock.today());
        longGone(now);
        finished(now);
        onStands(now);
        inTheRack(now);
        atTheGate(now);
        rarer(now);
        families.tell(now);
        benchWork.tell(now);
        thisWeek(now);
        office(now);
        promises(now);
        money.tell(now);
        shop.keys(hashes.join());
    }

    private static Instant ago(Instant now, long minutes) {
        return now.minus(Duration.ofMinutes(minutes));
    }

    private static Guest guest(BikeKind kind, String line) {
        return Guest.of(kind, line);
    }

    /** Bikes of months ago: their customers come again, their frames are met again. */
    private void longGone(Instant now) {
        Instant then = ago(now, 90 * DAY);
        long vesper = story.book(then, guest(BikeKind.DIAMOND, "Oskar Vesper | vesper, ext. 50 | Quay tourer | 52 | QT52-1407 | #5a646b"),
                JobKind.MID_DRIVE, "errands", "DISTANCE=12 km", 0);
        story.arrive(then, vesper, "Ned", "");
        story.measure(ago(now, 90 * DAY - 60), vesper, "Ned", DemoSurveys.tourer("73", "steel"));
        story.place(ago(now, 80 * DAY), vesper, Place.GONE, null);
        Instant later = ago(now, 60 * DAY);
        long school = story.book(later, guest(BikeKind.STEP_THROUGH, "Bruna Falk | falk, ext. 44 | Linden step | 48 | LS48-602 | #2f6f5b"),
                JobKind.FRONT_HUB, "town", "DISTANCE=9 km", 0);
        story.arrive(later, school, "Tova", "tyres=WITH_JOB:side walls cracked");
        story.place(ago(now, 55 * DAY), school, Place.GONE, null);
        Instant last = ago(now, 40 * DAY);
        story.book(last, guest(BikeKind.DIAMOND, "Hedda Kvist | kvist, ext. 7 | Brook roadster | 54 | BR54-220 | #7a3f5f"), JobKind.LIGHTS,
                "winter lights", "", 0);
        story.place(ago(now, 38 * DAY), FIRST_NUMBER + 2, Place.GONE, null);
        story.book(last, guest(BikeKind.FOLDING, "Tilde Marsh | marsh, ext. 5 | Nook folder | 16 | NF16-12 | #b5472f"), JobKind.DIAGNOSIS,
                "stops in the rain", "", 0);
        story.place(ago(now, 37 * DAY), FIRST_NUMBER + 3, Place.GONE, null);
        story.book(last, guest(BikeKind.LONG_TAIL, "Ferry Co-op | ferry office | Pell long-tail | | PL-0090 | #8a5a2b"), JobKind.MID_DRIVE,
                "first of four", "CARGO=60 kg", 0);
        story.place(ago(now, 36 * DAY), FIRST_NUMBER + 4, Place.GONE, null);
    }

    /** Two on the rail, one on the test strip. */
    private void finished(Instant now) {
        Instant then = ago(now, 4 * DAY);
        long amsel = story.book(then, guest(BikeKind.DIAMOND, "Jorun Amsel | ext. 12 | Quay tourer | 54 | QT54-2210 | #2b5d8a"),
                JobKind.MID_DRIVE, "flat, steady, always a bag",
                "DISTANCE=22 km;RIDER=82 kg;CARGO=8 kg;CLASS_A", 0);
        story.whole(then, amsel, DemoSurveys.tourer("68", "steel"), "TN9", 1, "Rian", "Tova");
        story.place(ago(now, 60), amsel, Place.RAIL, null);
        long duarte = story.book(then,
                guest(BikeKind.STEP_THROUGH, "Pelle Duarte | duarte, ext. 40 | Linden step | 48 | LS48-771 | #8a5a2b"), JobKind.MID_DRIVE,
                "town, bad knees", "DISTANCE=14 km;RIDER=95 kg;CLASS_A", 0);
        story.whole(then.plusSeconds(3600), duarte, DemoSurveys.stepThrough("68"), "VM4-S", 1, "Ned", "Rian");
        story.place(ago(now, 30), duarte, Place.RAIL, null);
        long ferry = story.book(ago(now, 2 * DAY),
                guest(BikeKind.LONG_TAIL, "Ferry Co-op | ferry office | Pell long-tail | | PL-0093 | #36598f"), JobKind.MID_DRIVE,
                "two crates, every weekday", "DISTANCE=40 km;CARGO=60 kg;CLASS_B", 0);
        story.arrive(ago(now, 2 * DAY), ferry, "Tova", "load-carrier=WITH_JOB:two bolts missing at the rear");
        story.measure(ago(now, 47 * 60), ferry, "Tova", DemoSurveys.longTail());
        story.bill(ago(now, 46 * 60), ferry, "VM4-L");
        story.place(ago(now, 24 * 60), ferry, Place.STAND, 6);
        story.work(ago(now, 420), ferry, "Tova", "Rian", "functions");
        story.place(ago(now, 20), ferry, Place.STRIP, null);
        story.start(ago(now, 8), ferry, "functions", "Tova");
    }

    private void onStands(Instant now) {
        long red = story.book(ago(now, 2900),
                guest(BikeKind.FAT_TYRE, "Mill School | school office | Marluk fat | 18 | MF18-004 | #b5472f"), JobKind.MID_DRIVE,
                "caretaker, sand and snow", "DISTANCE=9 km;CARGO=20 kg;THROTTLE", 0);
        story.arrive(ago(now, 2880), red, "Rian", "");
        story.measure(ago(now, 2800), red, "Rian", DemoSurveys.fatTyre());
        story.bill(ago(now, 2700), red, "VM4-L");
        story.place(ago(now, 1300), red, Place.STAND, 1);
        story.work(ago(now, 150), red, "Rian", "Ned", "lock-nut");
        story.start(ago(now, 6), red, "lock-nut", "Rian");

        long green = story.book(ago(now, 2000),
                guest(BikeKind.DIAMOND, "Hedda Kvist | kvist, ext. 7 | Quay tourer | 56 | QT56-3107 | #2f6f5b"), JobKind.MID_DRIVE,
                "tourer, hills both ways", "DISTANCE=38 km;CLIMB=420 m;RIDER=74 kg;CARGO=15 kg;CLASS_A", 0);
        story.arrive(ago(now, 1990), green, "Tova", "brake-pads=WITH_JOB:rear pads 0.8 mm;chain-wear=WITH_JOB:over 0.75 %");
        story.agree(ago(now, 1970), green, 11_240, "Scratch on the left fork blade, old", "Tova");
        story.measure(ago(now, 1900), green, "Tova", DemoSurveys.tourer("73", "steel"));
        story.bill(ago(now, 1800), green, "TN9");
        story.place(ago(now, 400), green, Place.STAND, 2);
        story.work(ago(now, 330), green, "Ned", "Rian", "second-nut");
        story.start(ago(now, 14), green, "second-nut", "Ned");
        story.tick(ago(now, 4), green, "second-nut", "Ned");

        long violet = story.book(ago(now, 1800),
                guest(BikeKind.FULL_SUSPENSION, "Ilse Brandl | brandl, ext. 3 | Ostrel trail | M | OT-M-518 | #5a4a8f"), JobKind.MID_DRIVE,
                "trail, long climbs", "DISTANCE=25 km;CLIMB=900 m;RIDER=68 kg;OFF_ROAD", 0);
        story.arrive(ago(now, 1790), violet, "Ned", "suspension=WITH_JOB:lower pivot knocks");
        story.measure(ago(now, 1700), violet, "Ned", DemoSurveys.trail());
        story.bill(ago(now, 1600), violet, "VM4-S");
        story.place(ago(now, 300), violet, Place.STAND, 3);
        story.work(ago(now, 250), violet, "Tova", "Rian", "tooth-plate");
        story.start(ago(now, 110), violet, "tooth-plate", "Tova");
        story.stuck(ago(now, 80), violet, "tooth-plate",
                new Stop(Blocker.Kind.DOES_NOT_FIT, "Plate misses the lug under the shell by 4 mm and rocks", "Tooth plate", "motor-fixing",
                        Optional.empty(),
                        Optional.empty()),
                "Tova");

        long hub = story.book(ago(now, 1500),
                guest(BikeKind.DIAMOND, "Tam Osei | osei, ext. 22 | Brook roadster | 58 | BR58-118 | #a4663a"), JobKind.FRONT_HUB, "flat",
                "DISTANCE=16 km;RIDER=88 kg;DISCREET;CLASS_A", 0);
        story.arrive(ago(now, 1490), hub, "Rian", "");
        story.measure(ago(now, 1450), hub, "Rian", DemoSurveys.tourer("68", "steel"));
        story.bill(ago(now, 1400), hub, "KF2");
        story.place(ago(now, 200), hub, Place.STAND, 4);
        story.work(ago(now, 180), hub, "Ned", "Tova", "torque-arm");
        story.start(ago(now, 40), hub, "torque-arm", "Ned");
        story.pause(ago(now, 32), hub, "torque-arm",
                "Done: arm on the axle, clamp on the blade.\nOnly hand-tight: the clamp screw.\nMissing: nothing.", "Ned");
    }

    private void inTheRack(Instant now) {
        long plain = story.book(ago(now, 800),
                guest(BikeKind.DIAMOND, "Birk Solberg | solberg, ext. 31 | Quay tourer | 52 | QT52-2801 | #3b7f86"), JobKind.MID_DRIVE,
                "commuter, headwind", "DISTANCE=30 km;RIDER=79 kg;SPEED=25 km/h;CLASS_A", 0);
        story.arrive(ago(now, 790), plain, "Tova", "");
        story.measure(ago(now, 700), plain, "Tova", DemoSurveys.tourer("73", "carbon"));
        story.photo(ago(now, 690), plain, "side", "drive side, on the yellow line", 7, "Tova");

        long spacers = story.book(ago(now, 760),
                guest(BikeKind.LONG_TAIL, "Ferry Co-op | ferry office | Pell long-tail | | PL-0094 | #4a6fae"), JobKind.MID_DRIVE,
                "two crates, every weekday", "DISTANCE=40 km;CARGO=60 kg;CLASS_B", 0);
        story.arrive(ago(now, 750), spacers, "Rian", "");
        story.measure(ago(now, 640), spacers, "Rian", DemoSurveys.longTail());

        long missing = story.book(ago(now, 600),
                guest(BikeKind.STEP_THROUGH, "Agda Wren | wren, ext. 18 | Linden step | 51 | LS51-090 | #7a3f5f"), JobKind.DRIVE_KIT,
                "shopping, steep street home", "DISTANCE=11 km;CLIMB=160 m;RIDER=66 kg;CARGO=20 kg;BUDGET=1800", 0);
        story.arrive(ago(now, 590), missing, "Ned",
                "tyres=WITH_JOB:rear tyre cracked, eight years old;brake-lines=WITH_JOB:rear cable frayed at the lever");
        story.agree(ago(now, 585), missing, 3_910, "Dent in the chain guard; saddle torn", "Ned");
        story.measure(ago(now, 580), missing, "Ned", DemoSurveys.stepThrough("68").replace("bracket.shell-width=68;", "")
                + ";front.fork-material=magnesium-casting;front.over-locknut=100");
        story.photo(ago(now, 578), missing, "side", "drive side", -6, "Ned");
        story.photo(ago(now, 577), missing, "condition.tyres", "cracks in the side wall", 0, "Ned");

        long none = story.book(ago(now, 500),
                guest(BikeKind.FAT_TYRE, "Mill School | school office | Marluk fat | 20 | MF20-017 | #6b7a2e"), JobKind.DRIVE_KIT,
                "beach clean-up, loads", "DISTANCE=12 km;CARGO=40 kg;OFF_ROAD", 0);
        story.arrive(ago(now, 490), none, "Rian", "");
        story.measure(ago(now, 480), none, "Rian",
                DemoSurveys.fatTyre().replace("bracket.shell-width=83", "bracket.shell-width=120").replace("tyre-width=100",
                        "tyre-width=120")
                        + ";front.fork-material=aluminium;front.over-locknut=135");

        long box = story.book(ago(now, 450), guest(BikeKind.BOX_CARGO, "Gull Bakery | bakery counter | Hallig box | | HB-22-6 | #8c4a2f"),
                JobKind.MID_DRIVE, "bread round",
                "DISTANCE=28 km;CARGO=90 kg;RIDER=72 kg;CLASS_A", 0);
        story.arrive(ago(now, 440), box, "Tova", "chain-wear=WITH_JOB:1 % and more, cogs hooked");
        story.measure(ago(now, 430), box, "Tova", DemoSurveys.box());
        story.bill(ago(now, 400), box, "VM4-S");
    }

    private void atTheGate(Instant now) {
        story.book(now, guest(BikeKind.DIAMOND, "Nils Farrow | farrow, ext. 9 | Brook roadster | 56 | BR56-412 | #68803a"),
                JobKind.MID_DRIVE, "tourer, hills both ways",
                "DISTANCE=38 km;CLIMB=500 m", 0);
        story.book(now, guest(BikeKind.STEP_THROUGH, "Saskia Lund | lund, ext. 27 | Linden step | 46 | LS46-233 | #8d5585"),
                JobKind.FRONT_HUB, "step-through, front hub asked",
                "DISTANCE=12 km;RIDER=61 kg", 0);
        story.book(now, guest(BikeKind.FOLDING, "Tilde Marsh | marsh, ext. 5 | Nook folder | 16 | NF16-77 | #5a646b"), JobKind.FRONT_HUB,
                "train twice a day",
                "DISTANCE=10 km;MUST_FOLD;MUST_CARRY", nextWorkday(now, 1));
        story.book(now, guest(BikeKind.LONG_TAIL, "Ferry Co-op | ferry office | Pell long-tail | | PL-0095 | #2f7f6f"), JobKind.MID_DRIVE,
                "as the other two",
                "DISTANCE=40 km;CARGO=60 kg;CLASS_B", nextWorkday(now, 2));
    }

    /** Papers and purchases: a quote that is out, a box that is being opened, orders on their way. */
    private void office(Instant now) {
        office.quote(ago(now, 300), FIRST_NUMBER + 12, "VM4-S");
        long box = FIRST_NUMBER + 16;
        for (String item : new String[]{"Motor unit M4", "Bracket spacer 2.5", "Tooth plate", "Lock nut, notched", "Thin nut"}) {
            office.mark(ago(now, 120), box, item, 1, "", "Ines V.");
        }
        office.mark(ago(now, 118), box, "Plate screw M8 × 22", 1, "bag torn, one screw gone", "Ines V.");
        office.number(ago(now, 115), box, Numbered.MOTOR, "M4-26-00317", "Ines V.");
        office.number(ago(now, 114), box, Numbered.KEY, "K 4417", "Ines V.");
        office.supplier(ago(now, 119 * DAY), "Tesselby Fixings", 4, "orders before noon leave the same day; bolts by the dozen");
        office.supplier(ago(now, 119 * DAY), "Orrinby Electrics", 8, "counts itself wrong now and then: open every bag");
        office.supplier(ago(now, 119 * DAY), "Quellmark Cycle Parts", 3, "");
        office.order(ago(now, 4 * DAY), "Orrinby Electrics", "CH-10S=2;EX-B2=4;PA-6=2", 5, Mood.ONLY_HALF);
        office.order(ago(now, 12 * DAY), "Tarnuvel", "TN9-T=1;TN9-34=1", 14, Mood.LATE);
        office.order(ago(now, DAY), "Quellmark Cycle Parts", "LV-G=2;SP-1=1", 3, Mood.IN_PART);
        office.order(ago(now, 40 * DAY), "Tesselby Fixings", "AW-050=10", 4, Mood.AS_ORDERED);
        office.came(ago(now, 33 * DAY), "Tesselby Fixings");
        office.order(ago(now, 21 * DAY), "Tesselby Fixings", "AW-050=10", 4, Mood.AS_ORDERED);
        office.came(ago(now, 17 * DAY), "Tesselby Fixings");
    }

    /** Kinds that are seen less often, in every state before the bill. */
    private void rarer(Instant now) {
        long recumbent = story.book(ago(now, 420),
                guest(BikeKind.RECUMBENT_TRIKE, "Emrik Sand | sand, ext. 61 | Lowe three | M | LT-M-31 | #b5472f"), JobKind.MID_DRIVE,
                "day rides", "DISTANCE=60 km;CLIMB=300 m;RIDER=90 kg;CLASS_A", 0);
        story.place(ago(now, 400), recumbent, Place.RACK, null);
        story.check(ago(now, 380), recumbent, "Rian",
                "frame-cracks=GOOD;fork-cracks=GOOD;steering-linkage=STOPS:left rod end has play, lock nut gone");
        story.photo(ago(now, 378), recumbent, "condition.steering-linkage", "left rod end", 0, "Rian");

        long delta = story.book(ago(now, 380), guest(BikeKind.DELTA_TRIKE, "Market Hall | hall office | Barrow delta | | BD-118 | #2f6f5b"),
                JobKind.FRONT_HUB,
                "stalls to the hall and back", "DISTANCE=8 km;CARGO=50 kg", 0);
        story.arrive(ago(now, 370), delta, "Ned", "rear-axle=WITH_JOB:right bearing rough");
        story.measure(ago(now, 350), delta, "Ned",
                "front.bead-seat=507;front.tyre-width=47;rear.bead-seat=507;rear.tyre-width=47;front.fork-material=steel;bike.mass=31");

        long standUp = story.book(ago(now, 300),
                guest(BikeKind.STAND_UP_TRIKE, "Rafe Holm | holm, ext. 15 | Skiff stand-up | | SK-0071 | #5a4a8f"), JobKind.SWING_ARM,
                "harbour rounds, folds into the van", "DISTANCE=18 km;RIDER=92 kg;MUST_FOLD;THROTTLE;CLASS_B", 0);
        story.place(ago(now, 290), standUp, Place.RACK, null);

        long bare = story.book(ago(now, 260),
                guest(BikeKind.BARE_FRAME, "Ylva Rook | rook, ext. 70 | Ostrel hardtail | L | OH-L-009 | #36598f"), JobKind.BUILD_UP,
                "built up round a mid-drive", "DISTANCE=35 km;CLIMB=700 m;BUDGET=3800", 0);
        story.arrive(ago(now, 250), bare, "Tova", "threads=WITH_JOB:bracket thread full of paint");
        story.measure(ago(now, 240), bare, "Tova",
                "triangle.seat-tube=470;triangle.down-tube=655;triangle.top-tube=610;bracket.standard=iso;bracket.shell-width=73;rear.over-locknut=142;"
                        + "rear.dropout-kind=thru-axle;rear.thru-axle=142");

        long folder = story.book(ago(now, 240),
                guest(BikeKind.FOLDING, "Line Ottar | ottar, ext. 33 | Nook folder | 16 | NF16-80 | #b58d1d"), JobKind.FRONT_HUB,
                "train, office on the third floor",
                "DISTANCE=9 km;MUST_FOLD;MUST_CARRY;DISCREET", 0);
        story.arrive(ago(now, 230), folder, "Ned", "");
        story.measure(ago(now, 220), folder, "Ned",
                "rear.bead-seat=349;rear.tyre-width=37;front.bead-seat=349;front.tyre-width=37;front.over-locknut=74;front.fork-material=steel;"
                        + "rear.chainstay=392;bracket.height=276");

        story.again(now, FIRST_NUMBER + 2, JobKind.LIGHTS, "front light flickers", nextWorkday(now, 3));
        story.book(now, guest(BikeKind.STEP_THROUGH, "Jonte Bryn | bryn, ext. 8 | Linden step | 48 | LS48-815 | #3b7f86"),
                JobKind.SECOND_BATTERY, "twice the way since the move",
                "DISTANCE=52 km", nextWorkday(now, 3));
        story.book(now, guest(BikeKind.FULL_SUSPENSION, "Sten Aker | aker, ext. 19 | Ostrel trail | L | OT-L-702 | #7a3f5f"),
                JobKind.DIAGNOSIS, "converted by a friend, cuts out uphill",
                "CLIMB=600 m", nextWorkday(now, 5));
        story.book(now, guest(BikeKind.BOX_CARGO, "Gull Bakery | bakery counter | Hallig box | | HB-24-1 | #2b5d8a"),
                JobKind.BRAKE_CONVERSION, "second box, brakes first", "CARGO=90 kg",
                nextWorkday(now, 6));
    }

    /** What upsets a week: a kit whose box the supplier put off, and somebody who cannot be without her bike. */
    private void thisWeek(Instant now) {
        long put = story.book(ago(now, 11 * DAY),
                guest(BikeKind.DIAMOND, "Solvei Ask | ask, ext. 36 | Quay tourer | 50 | QT50-1180 | #8d5585"), JobKind.MID_DRIVE,
                "over the ridge to school", "DISTANCE=24 km;CLIMB=350 m;RIDER=64 kg;CARGO=12 kg;CLASS_A", 0);
        story.arrive(ago(now, 11 * DAY - 10), put, "Tova", "");
        story.measure(ago(now, 11 * DAY - 60), put, "Tova", DemoSurveys.tourer("73", "steel"));
        story.billWaiting(ago(now, 11 * DAY - 120), put, "TN9-34");

        long rush = story.book(ago(now, 45),
                guest(BikeKind.STEP_THROUGH, "Dagny Roe | roe, ext. 11 | Linden step | 44 | LS44-027 | #a4663a"), JobKind.SERVICE,
                "midwife, on call from tomorrow night: the rear brake drags", "", 0);
        story.arrive(ago(now, 40), rush, "Rian", "");
        story.rank(ago(now, 38), rush, JobPriority.FIRST);
    }

    /**
     * Days that customers were told, in working days from today: most of them hold, one hangs on its word, one on a box that its supplier
     * put off.
     */
    private void promises(Instant now) {
        Map.ofEntries(Map.entry(403, 1), Map.entry(404, 2), Map.entry(405, 1), Map.entry(406, 2), Map.entry(407, 1), Map.entry(412, 5),
                Map.entry(418, 4), Map.entry(422, 6), Map.entry(426, 5), Map.entry(427, 6), Map.entry(428, 1), Map.entry(429, 3),
                Map.entry(431, 4), Map.entry(432, 2), Map.entry(433, 1), Map.entry(435, 8), Map.entry(436, 1))
                .forEach((job, days) -> office.promise(ago(now, 60), job, WorkingDays.after(clock.day(now), days)));
        // What was told about those on the rail: all kept but one.
        Map.of(401, 0, 402, 1, 430, 8, 434, 0).forEach((job, ago) -> office.promise(ago(now, 9 * DAY), job, clock.day(now).minusDays(ago)));
    }

    /** Days from today to the n-th working day. */
    private int nextWorkday(Instant now, int n) {
        LocalDate today = clock.day(now);
        int days = 0;
        for (int left = n; left > 0;) {
            days++;
            left -= WorkingDays.isOne(today.plusDays(days)) ? 1 : 0;
        }
        return days;
    }
}
