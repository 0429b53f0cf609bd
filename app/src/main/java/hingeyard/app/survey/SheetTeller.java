package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.photo.PhotoCard;
import hingeyard.app.reader.ReadIn;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.Contradiction;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.SurveyConsistency;
import hingeyard.core.bike.Tool;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Says what the bike sheet shows. */
final class SheetTeller {

    /**
     * @param text    the value in the unit of whoever reads it
     * @param length  the value in µm, absent where it is no length
     * @param confirm whether it comes from another bike and counts for nothing until somebody confirms it
     */
    record Taken(long id, String code, String text, Optional<Length> length, String quality, Tool tool, boolean confirm, String by,
            Instant at) {
    }

    /** @param holdsUp names of the kits that wait for it */
    record Field(String key, List<String> holdsUp, Optional<Taken> taken, List<Taken> earlier) {
    }

    record Clash(String id, String sentence, List<String> measures) {
    }

    record AskedKit(String code, String name, boolean chosen) {
    }

    /** @param kits which kits the survey asks for; none chosen means all */
    record Sheet(JobCard job, BikeDrawing drawing, List<Field> fields, List<Clash> clashes, List<AskedKit> kits, List<PhotoCard> photos) {
    }

    private SheetTeller() {
    }

    /** @param match what one kit's checks say of a survey, from what is in the drawers */
    static Sheet tell(JobCard job, List<MeasureReading> history, List<Kit> kits, Set<String> chosen,
            BiFunction<FrameSurvey, Kit, FitReport> match,
            List<PhotoCard> photos) {
        FrameSurvey survey = Surveys.survey(history);
        FrameSurvey counts = survey.forVerdicts();
        Map<Measure, List<String>> holdsUp = holdsUp(job, kits, chosen, k -> match.apply(counts, k), counts);
        Map<String, List<Taken>> taken = new LinkedHashMap<>();
        history.forEach(r -> taken(r).ifPresent(t -> taken.computeIfAbsent(r.measureKey, k -> new ArrayList<>()).add(t)));
        List<Field> fields = MeasureCatalogue.of(job.kind()).stream()
                .map(m -> field(m, holdsUp.getOrDefault(m, List.of()), taken.getOrDefault(m.key(), List.of()))).toList();
        List<Clash> clashes = SurveyConsistency.of(survey).stream().map(SheetTeller::clash).toList();
        List<AskedKit> asked = job.jobKind().matchesKits()
                ? kits.stream().map(k -> new AskedKit(k.code(), k.fullName(), chosen.contains(k.code()))).toList() : List.of();
        return new Sheet(job, BikeGeometry.draw(job.kind(), survey), fields, clashes, asked, photos);
    }

    /** A kit that does not go on whatever else is measured asks for nothing more. */
    private static Map<Measure, List<String>> holdsUp(JobCard job, List<Kit> kits, Set<String> chosen, Function<Kit, FitReport> match,
            FrameSurvey survey) {
        Map<Measure, List<String>> holdsUp = new LinkedHashMap<>();
        if (job.jobKind().matchesKits()) {
            kits.stream().filter(k -> chosen.isEmpty() || chosen.contains(k.code())).forEach(k -> {
                FitReport report = match.apply(k);
                if (report.verdict() != Verdict.NO_FIT) {
                    report.toMeasure().stream().flatMap(key -> MeasureCatalogue.find(key).stream()).filter(m -> !survey.has(m))
                            .forEach(m -> holdsUp.computeIfAbsent(m, x -> new ArrayList<>()).add(k.fullName()));
                }
            });
        }
        return holdsUp;
    }

    private static Clash clash(Contradiction c) {
        return new Clash(c.id(), c.sentence(), c.measures().stream().map(Measure::key).toList());
    }

    private static Field field(Measure measure, List<String> holdsUp, List<Taken> taken) {
        boolean none = taken.isEmpty();
        return new Field(measure.key(), holdsUp, none ? Optional.empty() : Optional.of(taken.get(taken.size() - 1)),
                none ? List.of() : taken.subList(0, taken.size() - 1));
    }

    private static Optional<Taken> taken(MeasureReading row) {
        Units units = ReadIn.units();
        return row.toReading().map(r -> new Taken(row.id, r instanceof Reading.OfChoice c ? c.value().code() : r.text(), r.text(units),
                r instanceof Reading.OfLength l ? Optional.of(l.value()) : Optional.empty(),
                r instanceof Reading.OfLength l ? l.quality(units) : r.tool().label(), r.tool(),
                !r.tool().countsForVerdicts(), r.by(), r.at()));
    }
}
