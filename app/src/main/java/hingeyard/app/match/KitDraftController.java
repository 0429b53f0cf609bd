package hingeyard.app.match;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.reader.ReadIn;
import hingeyard.app.survey.Surveys;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Units;
import hingeyard.formats.SheetDraft;
import hingeyard.formats.SheetForm;
import hingeyard.formats.UnreadableSheetException.Fault;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A kit's sheet while it is filled in: what it asks for, what is missing yet, and what would become of it on a bike. Nothing is saved. */
@RestController
class KitDraftController {

    private static final int MOST = 400_000;

    record SheetForms(SheetForm kit, SheetForm battery) {
    }

    /** @param job whose bike it is tried on; nothing for none */
    record NewDraft(@NotBlank(message = "a sheet's text") @Size(max = MOST, message = "at most 400 kB") String text,
            @NotNull(message = "a job's number, or nothing") Optional<Long> job) {
    }

    record DraftFault(String path, String reason) {
    }

    record TriedCheck(String title, Verdict verdict, String sentence) {
    }

    /** @param open its checks that are not a plain fit */
    record TriedKit(String code, String name, Verdict verdict, String headline, List<TriedCheck> open, int fits) {
    }

    /** @param kits the sheet itself, then its variants */
    record OnBike(long job, String bike, List<TriedKit> kits) {
    }

    record DraftAnswer(List<SheetDraft.SheetGap> gaps, List<DraftFault> faults, List<String> contradictions, Optional<OnBike> onBike) {
    }

    private final Matches matches;
    private final Jobs jobs;
    private final Surveys surveys;

    KitDraftController(Matches matches, Jobs jobs, Surveys surveys) {
        this.matches = matches;
        this.jobs = jobs;
        this.surveys = surveys;
    }

    @GetMapping("/api/sheet-forms")
    SheetForms forms() {
        return new SheetForms(SheetForm.kit(), SheetForm.battery());
    }

    @PostMapping("/api/kits/draft")
    DraftAnswer tried(@Valid @RequestBody NewDraft asked) {
        SheetDraft draft = SheetDraft.of(asked.text());
        return new DraftAnswer(draft.gaps(), draft.faults().stream().map(KitDraftController::said).toList(), draft.contradictions(),
                asked.job().flatMap(job -> draft.file().map(file -> on(jobs.card(job), file.kits()))));
    }

    private static DraftFault said(Fault fault) {
        return new DraftFault(fault.path(), fault.reason());
    }

    private OnBike on(JobCard job, List<Kit> kits) {
        Units units = ReadIn.units();
        return new OnBike(job.number(), job.bike(), kits.stream()
                .map(kit -> told(matches.whatIf(job, kit, surveys.of(job.bikeId()), part -> false), units)).toList());
    }

    private static TriedKit told(FitReport report, Units units) {
        List<TriedCheck> open = report.findings().stream().filter(f -> f.verdict() != Verdict.FITS)
                .map(f -> new TriedCheck(f.title(), f.verdict(), f.said().in(units))).toList();
        return new TriedKit(report.kit().code(), report.kit().fullName(), report.verdict(), report.headline(), open,
                report.findings().size() - open.size());
    }
}
