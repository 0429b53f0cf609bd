package hingeyard.app.match;

import hingeyard.app.booking.JobCard;
import hingeyard.app.match.FitNotes.FitNote;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.bench.RideAnswer;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.explain.Remedy;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.match.Answered;
import hingeyard.core.match.Asked;
import hingeyard.core.match.Ride;
import hingeyard.core.match.ShortlistRow;
import hingeyard.core.quantity.Scale;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Says what shortlist and Hinge show. */
final class MatchTeller {

    /** By the verdicts' order. */
    private static final String LETTERS = "FWTMN";
    static final String CAUTION = "Screening only. The frame maker's and kit maker's limits and local rules stand above it.";

    /** A check, as the strips of a shortlist name it by its place. */
    record CheckHead(String checkId, String title) {
    }

    /**
     * @param kitCode     {@code CODE} or {@code CODE+BATTERY}
     * @param strip       a letter for each check of the list: F fits, W with parts or work, T trade-off, M measure first, N does not, a
     *                    point where it does not concern the kit
     * @param readyInDays 0 when everything lies on the shelf
     * @param price       box and battery, as said; empty when nobody named one
     * @param range       km by rule of thumb and by physics; empty without a motor
     * @param reserve     km left after the day's distance by the lower of both; empty where no distance was named
     * @param told        the range as a rider is told it, one span
     * @param total       parts, labour and tax as the quote will say; empty where no budget was named or it does not go on
     * @param answers     what was asked for, in the order of the list's heads, and whether the kit gives it
     * @param massGrams   what it adds
     * @param dominatedBy name of a row at least as good in everything; empty when there is none
     */
    record Row(String kitCode, String kitName, String family, String battery, Verdict verdict, boolean goesOn, String headline,
            String strip, int boxesFree, int readyInDays,
            Optional<String> price, Optional<Integer> minutes, Optional<Reach> range, Optional<Double> reserve, Optional<String> told,
            Optional<String> total, List<AnswerView> answers, long massGrams, String legalClass, String dominatedBy) {
    }

    /** @param why what it gives, against what was asked */
    record AnswerView(Asked asked, boolean met, String why) {
    }

    /** A column of the list: something that was asked for. */
    record AskedHead(Asked asked, String title) {
    }

    /** @param said whether the rider named it; else it is the usual value */
    record SupposedView(String text, String imperial, boolean said) {
    }

    /** @param turn what would make it a yes */
    record Missing(String title, String sentence, List<String> turn) {
    }

    /** A kit that nearly goes on. */
    record NearMiss(String kitCode, String kitName, String headline, List<Missing> missing) {
    }

    /** @param thumb,physics,cold km; @param topSpeed km/h; @param climb steepest slope, % */
    record Reach(double thumb, double physics, double cold, double topSpeed, double climb) {
    }

    /**
     * @param checks   what the letters of the strips stand for, in their order
     * @param asked    what the rider asked for
     * @param supposed what the ranges suppose
     * @param dayKm    the rider's distance of a day; empty where none was named
     * @param nearest  where nothing goes on: what lies nearest, and what would turn it
     * @param learned  what the shop noted on frames like this, of the kits it noted something about
     */
    record Candidates(JobCard job, List<CheckHead> checks, List<AskedHead> asked, List<SupposedView> supposed, Optional<Double> dayKm,
            List<Row> rows,
            List<NearMiss> nearest, List<LearnedOf> learned, String caution) {

        /** The same with what the shop has noted by now: notes are written on other jobs too. */
        Candidates learned(FitNotes.OnFrame notes) {
            return new Candidates(job, checks, asked, supposed, dayKm, rows, nearest,
                    rows.stream().map(r -> new LearnedOf(r.kitCode, notes.of(r.kitCode, r.family).stream().map(FitNote::said).toList()))
                            .filter(l -> !l.notes.isEmpty()).toList(),
                    caution);
        }
    }

    /** @param notes the newest first */
    record LearnedOf(String kitCode, List<String> notes) {
    }

    private MatchTeller() {
    }

    /** @param checks each check's place in the strip */
    private static Row row(ShortlistRow r, Map<String, Integer> checks) {
        Kit kit = r.kit();
        char[] strip = ".".repeat(checks.size()).toCharArray();
        r.brief().strip().forEach(k -> strip[checks.get(k.checkId())] = LETTERS.charAt(k.verdict().ordinal()));
        String legal = kit.equipment().motor()
                .map(m -> "%d W, %d km/h%s".formatted(m.ratedWatts(), m.cutOffSpeed(), kit.equipment().throttle() ? ", throttle" : ""))
                .orElse("");
        return new Row(kit.code(), kit.fullName(), kit.drive().family(), kit.battery().name(), r.brief().verdict(), r.brief().goesOn(),
                r.brief().headline(), new String(strip), r.candidate().free(),
                r.candidate().readyInDays(),
                r.candidate().priceMinor() == 0 ? Optional.empty() : Optional.of(Scale.MONEY.text(r.candidate().priceMinor())),
                r.minutes().isPresent() ? Optional.of(r.minutes().getAsInt()) : Optional.empty(), r.ride().map(MatchTeller::reach),
                r.reserve().map(MatchTeller::tenth), r.ride().map(RideAnswer::told),
                r.total().isPresent() ? Optional.of(Scale.MONEY.text(r.total().getAsLong())) : Optional.empty(),
                r.answers().stream().map(a -> new AnswerView(a.asked(), a.met(), a.why().toString())).toList(), kit.addedMass().grams(),
                legal,
                r.dominatedBy());
    }

    static Candidates shortlist(JobCard job, Matches.Listed list) {
        List<ShortlistRow> rows = list.rows();
        Map<String, String> titles = new LinkedHashMap<>();
        rows.forEach(r -> r.brief().strip().forEach(k -> titles.putIfAbsent(k.checkId(), k.title())));
        Map<String, Integer> checks = new HashMap<>();
        titles.keySet().forEach(check -> checks.put(check, checks.size()));
        return new Candidates(job, titles.entrySet().stream().map(t -> new CheckHead(t.getKey(), t.getValue())).toList(),
                rows.stream().flatMap(r -> r.answers().stream()).map(Answered::asked).distinct().sorted()
                        .map(a -> new AskedHead(a, a.title())).toList(),
                Ride.supposed(list.need()).stream()
                        .map(s -> new SupposedView(s.amount().text(s.base(), false), s.amount().text(s.base(), true), s.said())).toList(),
                list.need().amount(NeedAmount.DISTANCE).map(metres -> metres / 1000.0),
                rows.parallelStream().map(r -> row(r, checks)).toList(),
                list.nearest().stream().map(MatchTeller::miss).toList(), List.of(), CAUTION);
    }

    private static NearMiss miss(FitReport report) {
        List<Missing> missing = new ArrayList<>(report.findings().stream().filter(f -> f.verdict() == Verdict.NO_FIT)
                .map(f -> new Missing(f.title(), f.sentence(), f.remedies().stream().map(Remedy::text).toList())).toList());
        // Many checks wait for the same few measures: said once.
        List<String> measures = report.toMeasure().stream().map(key -> MeasureCatalogue.find(key).orElseThrow().title()).toList();
        if (!measures.isEmpty()) {
            missing.add(new Missing("Measure first", String.join(", ", measures) + ".", List.of()));
        }
        report.findings().stream().filter(f -> f.verdict() == Verdict.MEASURE).flatMap(f -> f.remedies().stream())
                .filter(r -> r.kind() == Remedy.Kind.SHEET).map(Remedy::text).distinct()
                .forEach(text -> missing.add(new Missing("Kit's sheet", text, List.of())));
        return new NearMiss(report.kit().code(), report.kit().fullName(), report.headline(), missing);
    }

    private static Reach reach(RideAnswer ride) {
        return new Reach(tenth(ride.thumbRange()), tenth(ride.physicsRange()), tenth(ride.coldRange()), tenth(ride.topSpeed()),
                tenth(ride.climb()));
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    /** The bike with the kit, its battery in its computed place where there is one. */
    static BikeDrawing drawing(JobCard job, FrameSurvey survey, FitReport report) {
        return report.findings().stream().flatMap(f -> f.exhibit().stream()).filter(BayDrawing.class::isInstance)
                .map(e -> ((BayDrawing) e).drawing()).findFirst()
                .orElseGet(() -> BikeGeometry.draw(job.kind(), survey, Optional.of(report.kit().drive().outline(report.kit().battery())),
                        Ink.PLANNED, Ink.PLANNED));
    }
}
