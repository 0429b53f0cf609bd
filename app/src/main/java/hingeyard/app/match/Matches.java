package hingeyard.app.match;

import hingeyard.app.wiring.Remembered;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.kit.Kits;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.photo.Photos;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.stock.Stock;
import hingeyard.app.survey.Surveys;
import hingeyard.core.bike.Contradiction;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.SurveyConsistency;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.NextThing.InStock;
import hingeyard.core.fit.Known;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.match.Candidate;
import hingeyard.core.match.Shortlist;
import hingeyard.core.match.ShortlistRow;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reports of one bike against the kits, from what is in the drawers now. */
@Service
public class Matches {

    private static final int SHORTLISTS = 6;

    /** What the yard says of bikes without a bill: every screen asks at every change, and most bikes stand still. */
    private final Remembered<Long, String, InStock> kept = new Remembered<>(1_000);
    /**
     * The last few shortlists: when a drawer moved, only the kits that ask for what lies in it are matched again. Their state is what the
     * minutes rest on.
     */
    private final Remembered<Long, Object, Shortlist.Answer> earlier = new Remembered<>(SHORTLISTS);
    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final Stock stock;
    private final Photos photos;
    private final RulesInForce rules;
    private final FitOverrides overrides;
    private final LiveEvents live;
    private final FitAssessor assessor;
    private final Labour labour;
    private final Shortlist shortlist;

    Matches(Jobs jobs, Surveys surveys, Kits kits, Stock stock, Photos photos, RulesInForce rules, FitOverrides overrides, LiveEvents live,
            FitAssessor assessor, Labour labour) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.stock = stock;
        this.photos = photos;
        this.rules = rules;
        this.overrides = overrides;
        this.live = live;
        this.assessor = assessor;
        this.labour = labour;
        this.shortlist = new Shortlist(assessor);
    }

    /** One kit on this job's bike, a manager's overrides included. */
    @Transactional(readOnly = true)
    public FitReport report(long number, String kitCode) {
        return report(number, kitCode, stock.drawersFor(number));
    }

    /** The same from drawers that were read already. */
    @Transactional(readOnly = true)
    public FitReport report(long number, String kitCode, Drawers drawers) {
        JobCard job = jobs.card(number);
        return assessor.assess(new FitCase(bike(job, surveys.of(job.bikeId())), kits.kit(kitCode), drawers, rules.now()))
                .with(overrides.of(number, kitCode));
    }

    /**
     * The same, if something were otherwise; nothing is saved.
     *
     * @param survey  what the bike would measure
     * @param without numbers of parts that would not be free
     */
    @Transactional(readOnly = true)
    public FitReport whatIf(JobCard job, Kit kit, FrameSurvey survey, Predicate<DrawerPart> without) {
        Drawers drawers = new Drawers(stock.drawersFor(job.number()).parts().stream().filter(without.negate()).toList());
        return assessor.assess(new FitCase(bike(job, survey), kit, drawers, rules.now())).with(overrides.of(job.number(), kit.code()));
    }

    private FitCase.Bike bike(JobCard job, FrameSurvey survey) {
        return new FitCase.Bike(job.kind(), survey.forVerdicts(), jobs.need(job.number()), photos.approvals(job.number()));
    }

    /** @throws Refused when values of the survey cannot all be true */
    @Transactional(readOnly = true)
    public void refuseContradictions(long number) {
        List<Contradiction> found = SurveyConsistency.of(surveys.of(jobs.card(number).bikeId()));
        if (!found.isEmpty()) {
            throw Refused.conflict(
                    "The survey contradicts itself: %s Mend it on the bike sheet; no bill was made.".formatted(found.get(0).sentence()));
        }
    }

    /** Every kit with every battery its controller stands, as a manager compares them. */
    @Transactional(readOnly = true)
    public Listed shortlist(long number) {
        JobCard job = jobs.card(number);
        Drawers drawers = stock.drawersFor(number);
        Labour.OfJob hours = labour.of(number);
        Map<String, DrawerPart> parts = stock.byNumber(drawers);
        Optional<Shortlist.Answer> before = earlier.get(number, hours.rests());
        Shortlist.Answer answer = shortlist.of(new Shortlist.Wanted(bike(job, surveys.of(job.bikeId())), job.jobKind()),
                candidates(job, parts), drawers, rules.now(),
                hours.costing(drawers, part -> Optional.ofNullable(parts.get(part)).map(p -> p.facts().priceMinor()).orElse(0L)), before);
        earlier.put(number, hours.rests(), answer);
        return new Listed(answer.wanted().bike().need(), answer.rows(), shortlist.nearest(answer));
    }

    /**
     * @param need    what the rider asked for
     * @param nearest where nothing goes on: the nearest misses, whole
     */
    public record Listed(RiderNeed need, List<ShortlistRow> rows, List<FitReport> nearest) {
    }

    /** Changes with everything a shortlist of this job rests on: drawers, sheets, prices, rules; the bike's jobs, surveys and papers. */
    @Transactional(readOnly = true)
    public String stateOf(JobCard job) {
        return stock.state() + " " + live.changesOfBike(job.bikeId());
    }

    private List<Candidate> candidates(JobCard job, Map<String, DrawerPart> parts) {
        List<Battery> batteries = kits.batteries();
        List<Candidate> candidates = new ArrayList<>();
        for (Kit kit : kits.all()) {
            if (!job.jobKind().looksFor(kit)) {
                continue;
            }
            Optional<DrawerPart> box = Optional.ofNullable(parts.get(kit.code()));
            candidates.add(candidate(kit, box, Optional.empty()));
            if (kit.equipment().motor().isPresent()) {
                batteries.stream().filter(kit::takes)
                        .forEach(b -> candidates.add(candidate(kit.with(b), box, Optional.ofNullable(parts.get(b.code())))));
            }
        }
        return candidates;
    }

    private static Candidate candidate(Kit kit, Optional<DrawerPart> box, Optional<DrawerPart> battery) {
        return new Candidate(kit, box.map(DrawerPart::free).orElse(0),
                box.map(b -> b.facts().priceMinor()).orElse(0L) + battery.map(b -> b.facts().priceMinor()).orElse(0L),
                Math.max(box.filter(b -> b.free() < 1).map(b -> b.facts().leadDays()).orElse(0),
                        battery.filter(b -> b.free() < 1).map(b -> b.facts().leadDays()).orElse(0)),
                battery.map(DrawerPart::free).orElse(0));
    }

    /**
     * What of the kits in stock fits these bikes: one state is read for all, before any of it is worked out, so that a change meanwhile
     * makes it stale; what is known of a bike since nothing changed is not worked out again.
     */
    public Function<JobCard, InStock> inStock(Collection<JobCard> jobs) {
        String drawers = stock.state();
        Map<Long, Long> changes = live.changesOfBikes(jobs.stream().map(JobCard::bikeId).toList());
        return job -> kept.of(job.number(), drawers + " " + changes.getOrDefault(job.bikeId(), 0L),
                () -> InStock.of(matchedInStock(this.jobs.card(job.number()))));
    }

    private List<FitReport> matchedInStock(JobCard job) {
        Drawers drawers = stock.drawersFor(0);
        Map<String, DrawerPart> parts = stock.byNumber(drawers);
        FitCase.Bike bike = bike(job, surveys.of(job.bikeId()));
        ShopRules inForce = rules.now();
        Known known = new Known();
        return kits.all().stream().filter(k -> job.jobKind().asksFor(k))
                .filter(k -> Optional.ofNullable(parts.get(k.code())).filter(p -> p.free() > 0).isPresent())
                .map(k -> assessor.assess(new FitCase(bike, k, drawers, inForce, known)))
                .sorted(Comparator.comparing(FitReport::verdict).thenComparingInt(r -> r.toMeasure().size())
                        .thenComparing(r -> r.kit().fullName()))
                .toList();
    }

    /** Ids of the checks that a maker's written approval can turn. */
    List<String> approvable() {
        return assessor.approvable();
    }

    /** Changes whenever anything the report says changes: what somebody saw can be told from what is so now. */
    public static String stamp(FitReport report) {
        StringBuilder said = new StringBuilder(report.kit().code());
        report.findings()
                .forEach(f -> said.append('|').append(f.checkId()).append(f.verdict()).append(f.sentence()).append(f.margin().text()));
        return Integer.toHexString(said.toString().hashCode());
    }
}
