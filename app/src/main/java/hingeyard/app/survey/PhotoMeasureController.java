package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.photo.PhotoCard;
import hingeyard.app.photo.Photos;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.SurveyMerge;
import hingeyard.core.bike.Tool;
import hingeyard.core.photo.KnownLengths;
import hingeyard.core.photo.PhotoAnswer;
import hingeyard.core.photo.PhotoMarks;
import hingeyard.core.photo.PhotoMeasure;
import hingeyard.core.quantity.Length;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Measuring a frame from a side photo. */
@RestController
class PhotoMeasureController {

    /** A spot in the picture, in its pixels. */
    record Spot(double x, double y) {

        Point point() {
            return new Point(x, y);
        }
    }

    /** Marks as they are set one after the other. Rings are empty or whole. */
    record Marks(@NotNull(message = "a spot") Spot rearAxle, @NotNull(message = "a spot") Spot frontAxle,
            @NotNull(message = "a spot") Spot bracket,
            @NotNull(message = "a spot") Spot headBottom, @NotNull(message = "a spot") Spot headTop,
            @NotNull(message = "a spot") Spot seatCluster,
            @NotNull(message = "a list, may be empty") @Size(max = 12, message = "at most 12 marks") List<Spot> rearRim,
            @NotNull(message = "a list, may be empty") @Size(max = 12, message = "at most 12 marks") List<Spot> frontRim) {
    }

    record Known(String title, String text, boolean given) {
    }

    /** What the photo's page starts from: the picture, marks kept earlier, and the lengths of this bike that can give the size. */
    record Start(JobCard job, PhotoCard photo, Optional<Marks> marks, List<Known> known) {
    }

    /** @param enters whether it is entered without anybody being asked */
    record ValueLine(String measure, String title, Length value, Length plusMinus, Optional<String> inForce, Optional<Length> apart,
            SurveyMerge.Outcome outcome, boolean enters) {
    }

    /** @param entered how many were entered; 0 while it is only looked at */
    record PhotoPlan(List<ValueLine> lines, double tiltDegrees, double offPixels, List<String> doubts, int entered) {
    }

    /**
     * @param apply  whether the values are entered, not only looked at
     * @param chosen measures whose surer value is replaced all the same
     */
    record MarksIn(@NotNull(message = "marks") @Valid Marks marks, boolean apply,
            @NotNull(message = "a list, may be empty") Set<String> chosen) {
    }

    private final Photos photos;
    private final Jobs jobs;
    private final Surveys surveys;
    private final Commands commands;
    private final ShopClock clock;
    private final JsonMapper json;

    PhotoMeasureController(Photos photos, Jobs jobs, Surveys surveys, Commands commands, ShopClock clock, JsonMapper json) {
        this.photos = photos;
        this.jobs = jobs;
        this.surveys = surveys;
        this.commands = commands;
        this.clock = clock;
        this.json = json;
    }

    @GetMapping("/api/photos/{id}")
    Start start(@PathVariable(name = "id") long id) {
        PhotoCard photo = photos.card(id);
        JobCard job = jobs.card(photo.job());
        FrameSurvey survey = surveys.of(job.bikeId()).forVerdicts();
        List<Known> known = Stream
                .of(RearMeasures.BEAD_SEAT, FrontMeasures.BEAD_SEAT, FrontMeasures.WHEELBASE, RearMeasures.TYRE_WIDTH,
                        FrontMeasures.TYRE_WIDTH)
                .map(m -> new Known(m.title(), survey.length(m).map(Reading.OfLength::text).orElse(""), survey.length(m).isPresent()))
                .toList();
        return new Start(job, photo, photos.marks(id).map(m -> json.readValue(m, Marks.class)), known);
    }

    /** Computes what the marks say; with {@code apply} enters it and keeps the marks. */
    @PostMapping("/api/photos/{id}/measure")
    PhotoPlan measure(@PathVariable(name = "id") long id, @Valid @RequestBody MarksIn in,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        PhotoCard photo = photos.card(id);
        JobCard job = jobs.card(photo.job());
        PhotoAnswer answer = compute(photo, surveys.of(job.bikeId()).forVerdicts(), in.marks());
        List<Reading.OfLength> readings = answer.values().stream()
                .map(v -> new Reading.OfLength(v.measure(), v.value(), v.plusMinus(), Tool.PHOTO, SignedIn.name(), clock.now())).toList();
        List<ValueLine> lines = surveys.plan(job.number(), readings).stream().map(PhotoMeasureController::line).toList();
        int entered = in.apply() ? commands.once(key, Integer.class, () -> {
            photos.keepMarks(id, json.writeValueAsString(in.marks()));
            return surveys.enter(job.number(), readings, in.chosen());
        }) : 0;
        return new PhotoPlan(lines, answer.tiltDegrees(), answer.offPixels(), answer.doubts(), entered);
    }

    private static ValueLine line(SurveyMerge.Line l) {
        Reading.OfLength r = (Reading.OfLength) l.incoming();
        return new ValueLine(r.measure().key(), r.measure().title(), r.value(), r.plusMinus(),
                l.inForce().map(f -> f.text() + ", " + f.tool().label()), l.apart(), l.outcome(), l.entersByItself());
    }

    private static PhotoAnswer compute(PhotoCard photo, FrameSurvey survey, Marks marks) {
        try {
            PhotoMarks set = new PhotoMarks(photo.width(), photo.height(), marks.rearAxle().point(), marks.frontAxle().point(),
                    marks.bracket().point(),
                    marks.headBottom().point(), marks.headTop().point(), marks.seatCluster().point(), points(marks.rearRim()),
                    points(marks.frontRim()));
            Optional<Reading.OfLength> wheelbase = survey.length(FrontMeasures.WHEELBASE).filter(r -> r.tool() != Tool.PHOTO);
            return PhotoMeasure.measure(set,
                    new KnownLengths(length(survey, RearMeasures.BEAD_SEAT), length(survey, FrontMeasures.BEAD_SEAT),
                            wheelbase.map(Reading.OfLength::value), wheelbase.map(Reading.OfLength::plusMinus).orElse(Length.ZERO),
                            length(survey, RearMeasures.TYRE_WIDTH), length(survey, FrontMeasures.TYRE_WIDTH)));
        } catch (IllegalArgumentException e) {
            throw Refused.conflict("marks", "the marks", e.getMessage() + " Nothing was saved.");
        }
    }

    private static Optional<Length> length(FrameSurvey survey, LengthMeasure measure) {
        return survey.length(measure).map(Reading.OfLength::value);
    }

    private static List<Point> points(List<Spot> spots) {
        return spots.stream().map(Spot::point).collect(Collectors.toList());
    }
}
