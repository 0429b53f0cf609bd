package hingeyard.app.match;

import hingeyard.app.face.Faces;
import hingeyard.app.wiring.Remembered;
import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.kit.Kits;
import hingeyard.app.match.FitNotes.FitNote;
import hingeyard.app.match.MatchTeller.Candidates;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import hingeyard.app.problem.Refused;
import hingeyard.app.reader.ReadIn;
import hingeyard.app.stock.Stock;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bill.BillRules;
import hingeyard.core.explain.Ruling;
import hingeyard.core.explain.Verdict;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.ManagersWord;
import hingeyard.core.install.Phase;
import hingeyard.core.kit.Kit;
import hingeyard.core.match.NoteScope;
import hingeyard.core.quantity.Units;
import hingeyard.formats.MatchPdf;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shortlist, and the Hinge: one bike, one kit, every check. */
@RestController
@RequestMapping("/api/jobs/{number}")
class MatchController {

    /** @param phase the part of the work it belongs to */
    record WorkStep(String title, String phase, int minutes) {
    }

    /**
     * One kit on this bike.
     *
     * @param mayBill   whether whoever asks may make the bill of it now
     * @param boxesFree boxes of it, and other batteries where one goes with it, that no other job holds
     * @param minutes   labour, absent while it does not go on
     * @param stamp     tells this state of the match from another
     * @param notes     what the shop learned on frames like this
     * @param words     the manager's overrides in force
     * @param planned   the steps of the shop's own work, in their order; none for a kit, whose match says what it takes
     */
    record Match(JobCard job, String kitCode, String kitName, String battery, Verdict verdict, boolean goesOn, String headline,
            List<CheckView> findings,
            BikeDrawing drawing, Ruling mayBill, int boxesFree, Optional<Integer> minutes, String stamp, List<FitNote> notes,
            List<ManagersWord> words,
            String caution, List<WorkStep> planned) {
    }

    /**
     * @param measures values as they are said, by measure's key
     * @param without  numbers of parts to be left in their drawers
     */
    record WhatIf(
            @NotNull(message = "values by measure, may be empty") @Size(max = 40, message = "at most 40") Map<String, @Size(max = 60, message = "at most 60 letters") String> measures,
            @NotNull(message = "part numbers, may be empty") @Size(max = 40, message = "at most 40") Set<String> without) {
    }

    record Word(@NotBlank(message = "a check") String checkId,
            @NotBlank(message = "a reason") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record NewNote(@NotBlank(message = "a check") @Size(max = 40, message = "at most 40 letters") String checkId,
            @NotBlank(message = "what was found") @Size(max = 600, message = "at most 600 letters") String found,
            @NotNull(message = "what was done, may be empty") @Size(max = 600, message = "at most 600 letters") String done,
            @Min(value = 0, message = "0 to 600 minutes") @Max(value = 600, message = "0 to 600 minutes") int minutes,
            Optional<NoteScope> scope) {
    }

    /** Shortlists that are looked at again and again while a choice is made. */
    private final Remembered<Long, String, Candidates> kept = new Remembered<>(24);
    private final Matches matches;
    private final FitOverrides overrides;
    private final FitNotes notes;
    private final Jobs jobs;
    private final Kits kits;
    private final Surveys surveys;
    private final Stock stock;
    private final Labour labour;
    private final Arrivals arrivals;
    private final Commands commands;
    private final ShopClock clock;
    private final Faces faces;

    MatchController(Matches matches, FitOverrides overrides, FitNotes notes, Jobs jobs, Kits kits, Surveys surveys, Stock stock,
            Labour labour, Arrivals arrivals, Commands commands, ShopClock clock, Faces faces) {
        this.faces = faces;
        this.matches = matches;
        this.overrides = overrides;
        this.notes = notes;
        this.jobs = jobs;
        this.kits = kits;
        this.surveys = surveys;
        this.stock = stock;
        this.labour = labour;
        this.arrivals = arrivals;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping("/shortlist")
    Candidates shortlist(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        return kept.of(number, matches.stateOf(job), () -> MatchTeller.shortlist(jobs.card(number), matches.shortlist(number)))
                .learned(notes.onFrame(job));
    }

    @GetMapping("/match/{kit}")
    Match match(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode) {
        JobCard job = jobs.card(number);
        return tell(job, surveys.of(job.bikeId()), matches.report(number, kitCode));
    }

    /** The whole match on paper. */
    @GetMapping(path = "/match/{kit}/match.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode) {
        JobCard job = jobs.card(number);
        FitReport report = matches.report(number, kitCode);
        Map<String, String> titles = report.findings().stream().collect(Collectors.toMap(Finding::checkId, Finding::title, (a, b) -> a));
        byte[] pdf = MatchPdf.write(faces.letterhead(), new MatchPdf.Head(number, job.customer(),
                List.of(job.bike() + ", " + job.frame(), job.need()),
                MatchTeller.drawing(job, surveys.of(job.bikeId()), report).bare(), job.paint(), clock.today(),
                notes.of(job, kitCode).stream()
                        .map(n -> "%s: %s %s (%s)".formatted(titles.getOrDefault(n.checkId(), "Fitting it"), n.found(), n.done(), n.by()))
                        .toList(),
                MatchTeller.CAUTION), report);
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.inline().filename("match-%d-%s.pdf".formatted(number, kitCode)).build().toString()).body(pdf);
    }

    private Match tell(JobCard job, FrameSurvey survey, FitReport report) {
        Kit kit = report.kit();
        Units units = ReadIn.units();
        Map<String, Integer> rows = stock
                .free(kit.otherBattery() ? Set.of(kit.boxNumber(), kit.battery().code()) : Set.of(kit.boxNumber()));
        int free = kit.free(number -> rows.getOrDefault(number, 0));
        return new Match(job, kit.code(), kit.fullName(), kit.battery().name(), report.verdict(), report.goesOn(), report.headline(),
                report.findings().stream().map(f -> CheckView.of(f, matches.approvable(), units)).toList(),
                MatchTeller.drawing(job, survey, report),
                BillRules.mayMake(report, job.kitCode(), arrivals.mayGoOn(job.number()), SignedIn.may(Right.MAKE_BILL)), free,
                report.goesOn() ? Optional.of(labour.of(job.number()).minutes(report)) : Optional.empty(), Matches.stamp(report),
                notes.of(job, kit.code()), overrides.of(job.number(), kit.code()), MatchTeller.CAUTION,
                kit.boxed() ? List.of() : labour.of(job.number()).plan(report).stream()
                        .map(s -> new WorkStep(s.title(), s.phase().map(Phase::label).orElse(""), s.minutes())).toList());
    }

    /** The match as it would be; nothing is saved. */
    @PostMapping("/match/{kit}/what-if")
    Match whatIf(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode, @Valid @RequestBody WhatIf ask) {
        JobCard job = jobs.card(number);
        FrameSurvey survey = surveys.of(job.bikeId());
        for (Map.Entry<String, String> one : ask.measures().entrySet()) {
            Measure measure = MeasureCatalogue.find(one.getKey()).orElseThrow(() -> Refused.notFound("measure", one.getKey()));
            survey = survey.with(MeasureEntry.read(measure, one.getValue(),
                    survey.reading(measure).map(r -> r.tool()).filter(t -> measure.tools().contains(t)).orElse(measure.tool()),
                    SignedIn.name(), clock.now()));
        }
        return tell(job, survey, matches.whatIf(job, kits.kit(kitCode), survey, p -> ask.without().contains(p.number())));
    }

    @PostMapping("/match/{kit}/overrides")
    Match override(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode, @Valid @RequestBody Word word,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, kitCode, key,
                () -> overrides.say(number, matches.report(number, kitCode), word.checkId(), word.reason(), SignedIn.name()));
    }

    @PostMapping("/match/{kit}/overrides/{check}/take-back")
    Match takeBack(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode,
            @PathVariable(name = "check") String checkId,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, kitCode, key, () -> overrides.takeBack(number, kitCode, checkId, SignedIn.name()));
    }

    @PostMapping("/match/{kit}/notes")
    Match note(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode, @Valid @RequestBody NewNote note,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, kitCode, key, () -> notes.write(jobs.hold(number), kitCode, note.scope().orElse(NoteScope.KIT), note.checkId(),
                note.found().strip(), note.done().strip(), note.minutes(), SignedIn.name()));
    }

    @PostMapping("/match/{kit}/notes/{note}/remove")
    Match removeNote(@PathVariable(name = "number") long number, @PathVariable(name = "kit") String kitCode,
            @PathVariable(name = "note") long note,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, kitCode, key, () -> notes.remove(number, note, SignedIn.name()));
    }

    private Match done(long number, String kitCode, String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            jobs.hold(number);
            work.run();
            return true;
        });
        return match(number, kitCode);
    }
}
