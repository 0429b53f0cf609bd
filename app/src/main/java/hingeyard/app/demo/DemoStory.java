package hingeyard.app.demo;

import hingeyard.app.bench.BenchGiven;
import hingeyard.app.bench.BenchWork;
import hingeyard.app.bench.BenchWork.BenchKeep;
import hingeyard.app.arrival.Arrivals;
import hingeyard.app.bill.Bills.Agreed;
import hingeyard.app.bill.Bills;
import hingeyard.app.booking.Booking;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.commission.JobSettings;
import hingeyard.app.customer.BikeDetails;
import hingeyard.app.customer.CustomerDetails;
import hingeyard.app.install.Steps;
import hingeyard.app.install.Stop;
import hingeyard.app.install.Ticks;
import hingeyard.app.match.Matches;
import hingeyard.app.photo.Photos;
import hingeyard.app.shop.Team;
import hingeyard.app.survey.Surveys;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.people.Skills;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.fit.MakersApproval;
import hingeyard.core.bill.Agreement;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Tool;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.commission.SettingsSheet;
import hingeyard.core.condition.Grade;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.Place;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.StepRun;
import jakarta.persistence.EntityManager;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Tells a job's story up to some step, at earlier instants, through the shop's own services. */
@Component
class DemoStory {

    private static final Duration BETWEEN_STEPS = Duration.ofMinutes(5);
    private static final Duration SINCE_THEN = Duration.ofMinutes(25);
    private static final String MANAGER = "Orla M.";

    private final Jobs jobs;
    private final Surveys surveys;
    private final Arrivals arrivals;
    private final Photos photos;
    private final Matches matches;
    private final Bills bills;
    private static final List<Agreement.Way> SPOKEN = List.of(Agreement.Way.PAPER, Agreement.Way.PHONE, Agreement.Way.WRITING,
            Agreement.Way.COUNTER);
    private final Steps steps;
    private final Team team;
    private final Ticks ticks;
    private final JobSettings settings;
    private final BenchWork bench;
    private final Commands commands;
    private final ShopClock clock;
    private final EntityManager entities;

    DemoStory(Jobs jobs, Surveys surveys, Arrivals arrivals, Photos photos, Matches matches, Bills bills, Steps steps, Team team,
            Ticks ticks,
            JobSettings settings, BenchWork bench, Commands commands, ShopClock clock, EntityManager entities) {
        this.bench = bench;
        this.entities = entities;
        this.team = team;
        this.jobs = jobs;
        this.surveys = surveys;
        this.arrivals = arrivals;
        this.photos = photos;
        this.matches = matches;
        this.bills = bills;
        this.steps = steps;
        this.ticks = ticks;
        this.settings = settings;
        this.commands = commands;
        this.clock = clock;
    }

    /** Who brings what: {@code customer | contact | bike | size | frame | paint}. */
    record Guest(String customer, String contact, BikeKind kind, String bike, String size, String frame, String paint) {

        static Guest of(BikeKind kind, String line) {
            String[] f = line.split("\\|", -1);
            return new Guest(f[0].strip(), f[1].strip(), kind, f[2].strip(), f[3].strip(), f[4].strip(), f[5].strip());
        }
    }

    /** @param need amounts as said, {@code DISTANCE=38 km; RIDER=80 kg; MUST_FOLD} */
    long book(Instant at, Guest g, JobKind job, String wish, String need, int inDays) {
        Map<NeedAmount, String> amounts = new EnumMap<>(NeedAmount.class);
        Set<NeedWish> wishes = EnumSet.noneOf(NeedWish.class);
        LegalClass[] legal = {LegalClass.OPEN};
        for (String one : need.isBlank() ? new String[0] : need.split(";")) {
            String[] kv = one.strip().split("=");
            if (kv.length == 2) {
                amounts.put(NeedAmount.valueOf(kv[0]), kv[1]);
            } else if (kv[0].startsWith("CLASS") || kv[0].equals("OFF_ROAD")) {
                legal[0] = LegalClass.valueOf(kv[0]);
            } else {
                wishes.add(NeedWish.valueOf(kv[0]));
            }
        }
        long[] number = new long[1];
        clock.at(at,
                () -> number[0] = run(() -> jobs
                        .book(new Booking(Optional.empty(), new CustomerDetails(g.customer(), g.contact()), true, Optional.empty(),
                                new BikeDetails(g.kind(), g.bike(), g.size(), g.frame(), g.paint()), job, wish, amounts, wishes, legal[0],
                                clock.today().plusDays(inDays)))
                        .number()));
        return number[0];
    }

    /** Brings a known bike again. */
    long again(Instant at, long earlier, JobKind job, String wish, int inDays) {
        JobCard e = jobs.card(earlier);
        long[] number = new long[1];
        clock.at(at,
                () -> number[0] = run(() -> jobs
                        .book(new Booking(Optional.empty(), new CustomerDetails(e.customer(), e.contact()), false, Optional.of(e.bikeId()),
                                new BikeDetails(e.kind(), e.model(), e.size(), e.frameNumber(), e.paint()), job, wish, Map.of(), Set.of(),
                                LegalClass.OPEN, clock.today().plusDays(inDays)))
                        .number()));
        return number[0];
    }

    /** Hangs a bike in the rack and checks it. @param found {@code point=GRADE:note}, parted by {@code ;}; the rest is good */
    void arrive(Instant at, long job, String by, String found) {
        place(at, job, Place.RACK, null);
        check(at.plusSeconds(300), job, by, found);
        clock.at(at.plusSeconds(900), () -> run(() -> {
            arrivals.restGood(job, by);
            return true;
        }));
    }

    void check(Instant at, long job, String by, String found) {
        clock.at(at, () -> {
            for (String one : found.isBlank() ? new String[0] : found.split(";")) {
                String[] pointGrade = one.strip().split("=");
                String[] gradeNote = pointGrade[1].split(":");
                run(() -> {
                    arrivals.grade(job, pointGrade[0], Grade.valueOf(gradeNote[0]), gradeNote.length > 1 ? gradeNote[1].strip() : "", 0,
                            by);
                    return true;
                });
            }
        });
    }

    void agree(Instant at, long job, Integer km, String damage, String by) {
        JobCard card = jobs.card(job);
        clock.at(at, () -> run(() -> {
            arrivals.agree(job, Optional.ofNullable(km), card.frameNumber(), damage, card.customer(), by);
            return true;
        }));
    }

    void photo(Instant at, long job, String subject, String caption, double yaw, String by) {
        JobCard card = jobs.card(job);
        byte[] picture = new DemoPicture(card.kind(), surveys.of(card.bikeId()), yaw).bytes("jpg", card.paint());
        clock.at(at, () -> run(() -> photos.add(job, subject, caption, picture, "snapshot.jpg", by)));
    }

    /** A maker's letter, dated a month before it came. */
    void approval(Instant at, long job, String check, String paper, String limit, String by) {
        JobCard card = jobs.card(job);
        byte[] picture = new DemoPicture(card.kind(), surveys.of(card.bikeId()), 0).bytes("jpg", card.paint());
        MakersApproval said = new MakersApproval(paper, Optional.of(clock.today().minusMonths(1)), limit);
        clock.at(at, () -> run(() -> photos.add(job, "approval." + check, "", picture, "snapshot.jpg", true, said, by)));
    }

    /** A round of truing at the bench. @param readings of six bolts and between them, mm, with blanks between */
    void trued(Instant at, long job, String step, String by, String readings) {
        String[] read = readings.split(" ");
        List<BenchGiven.GaugeReading> round = new ArrayList<>();
        for (int i = 0; i < read.length; i++) {
            round.add(new BenchGiven.GaugeReading(BigDecimal.valueOf(360L * i / read.length), new BigDecimal(read[i])));
        }
        BenchGiven.TruingGiven given = new BenchGiven.TruingGiven(6, new BigDecimal(44), new BigDecimal(150), round);
        clock.at(at, () -> run(() -> {
            bench.keep(job, BenchKeep.truing(step, given), by);
            return true;
        }));
    }

    /** @param readings {@code key=value} or {@code key=value@TOOL}, parted by {@code ;} */
    void measure(Instant at, long job, String by, String readings) {
        Map<String, Reading> last = new LinkedHashMap<>();
        for (String reading : readings.split(";")) {
            String[] keyValue = reading.strip().split("=");
            String[] valueTool = keyValue[1].split("@");
            Measure measure = MeasureCatalogue.find(keyValue[0]).orElseThrow();
            Tool tool = valueTool.length == 2 ? Tool.valueOf(valueTool[1]) : measure.tool();
            last.put(measure.key(), MeasureEntry.read(measure, valueTool[0], tool, by, at));
        }
        clock.at(at, () -> run(() -> surveys.enter(job, last.values(), last.keySet())));
    }

    void place(Instant at, long job, Place place, Integer stand) {
        clock.at(at, () -> run(() -> {
            jobs.place(job, place, stand);
            return true;
        }));
    }

    void bill(Instant at, long job, String kit) {
        bill(at, job, kit, false);
    }

    /** The same for a kit whose box has still to come. */
    void billWaiting(Instant at, long job, String kit) {
        bill(at, job, kit, true);
    }

    void rank(Instant at, long job, JobPriority priority) {
        clock.at(at, () -> run(() -> {
            jobs.rank(job, priority);
            return true;
        }));
    }

    private void bill(Instant at, long job, String kit, boolean waits) {
        clock.at(at, () -> run(() -> {
            var report = matches.report(job, kit);
            Set<String> consented = report.findings().stream().filter(f -> f.verdict() == Verdict.TRADE_OFF).map(Finding::checkId)
                    .collect(Collectors.toSet());
            Agreement agreement = new Agreement(jobs.card(job).customer(), clock.today(),
                    SPOKEN.get((int) (job % SPOKEN.size())));
            bills.make(job, kit, new Agreed(Matches.stamp(report), consented, List.of(), waits, Optional.of(agreement)), MANAGER);
            return true;
        }));
    }

    /**
     * Works through the steps in order until {@code until}, which is not begun; null for all of them. Begins earlier than {@code from}
     * where the list is longer
     * than the time since then: nothing is ticked tomorrow. Answers when that was.
     */
    Instant work(Instant from, long job, String by, String second, String until) {
        Skills skills = team.skills(by);
        List<StepRun> before = steps.runs(job).stream().takeWhile(r -> !r.step().key().equals(until)).toList();
        Duration takes = before.stream().filter(r -> !r.finished()).map(r -> Duration.ofMinutes(r.step().minutes()).plus(BETWEEN_STEPS))
                .reduce(Duration.ZERO, Duration::plus);
        Instant latest = clock.now().minus(SINCE_THEN).minus(takes);
        Instant at = from.isBefore(latest) ? from : latest;
        for (StepRun planned : before) {
            String key = planned.step().key();
            Instant begin = at;
            Instant end = begin.plus(Duration.ofMinutes(planned.step().minutes()));
            if (!planned.finished()) {
                start(begin, job, key, by);
                clock.at(end, () -> tick(job, planned, by));
                if (planned.step().hold().isPresent() || !skills.alone(planned.step().skill()).allowed()) {
                    clock.at(end.plusSeconds(240), () -> run(() -> {
                        steps.inspect(job, key, second);
                        return true;
                    }));
                }
            }
            at = end.plus(BETWEEN_STEPS);
        }
        return at;
    }

    /** A job from the gate to its last step; it hangs in the rack afterwards. */
    void whole(Instant at, long job, String readings, String kit, int stand, String by, String second) {
        arrive(at, job, by, "chain-wear=WITH_JOB:0.75 % reached");
        measure(at.plusSeconds(1800), job, by, readings);
        bill(at.plusSeconds(3600), job, kit);
        place(at.plusSeconds(5400), job, Place.STAND, stand);
        work(at.plusSeconds(7200), job, by, second, null);
        place(at.plusSeconds(40000), job, Place.RACK, null);
    }

    void start(Instant at, long job, String key, String by) {
        clock.at(at, () -> run(() -> {
            steps.start(job, key, false, by);
            return true;
        }));
    }

    void pause(Instant at, long job, String key, String note, String by) {
        clock.at(at, () -> run(() -> {
            steps.pause(job, key, note, false, by);
            return true;
        }));
    }

    void stuck(Instant at, long job, String key, Stop stop, String by) {
        clock.at(at, () -> run(() -> {
            steps.stuck(job, key, stop, by);
            return true;
        }));
    }

    void tick(Instant at, long job, String key, String by) {
        StepRun planned = steps.runs(job).stream().filter(r -> r.step().key().equals(key)).findFirst().orElseThrow();
        clock.at(at, () -> tick(job, planned, by));
    }

    /** Reads every figure in the middle of its window. */
    private void tick(long job, StepRun planned, String by) {
        Map<String, BigDecimal> read = new HashMap<>();
        for (FigureWanted f : planned.step().figures()) {
            read.put(f.key(), f.least().add(f.greatest()).divide(BigDecimal.valueOf(2), 2, RoundingMode.HALF_UP));
        }
        run(() -> {
            if (planned.step().reaches().contains(Milestone.SETTINGS_ENTERED)) {
                set(job, by);
            }
            ticks.tick(job, planned.step().key(), Ticks.Read.of(read), by);
            return true;
        });
    }

    /** The display as the job wants it, with the code it left the works with. */
    private void set(long job, String by) {
        FitReport match = matches.report(job, jobs.card(job).kitCode().orElseThrow());
        SettingsSheet.of(match).forEach(s -> settings.set(job, match, s.page(), s.value(), by));
    }

    private <T> T run(Supplier<T> work) {
        T done = commands.once(null, null, work);
        // The whole story is one transaction: what was written is let go, or each command would look through all before it.
        entities.flush();
        entities.clear();
        return done;
    }
}
