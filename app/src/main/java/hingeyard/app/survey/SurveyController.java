package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.app.photo.Photos;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.stock.Stock;
import hingeyard.core.bike.Tool;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The bike sheet: who, what, survey and drawing. */
@RestController
class SurveyController {

    /** @param sure whether an unusual value is meant all the same */
    record Measured(@NotBlank(message = "a value") @Size(max = 60, message = "at most 60 letters") String text,
            @NotNull(message = "a tool") Tool tool, long seen, boolean sure) {
    }

    record Asked(@NotNull(message = "codes of kits; none for all") @Size(max = 200, message = "at most 200") Set<String> kits) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Shortlists shortlists;
    private final Kits kits;
    private final Photos photos;
    private final Stock stock;
    private final RulesInForce rules;
    private final FitAssessor assessor;
    private final Commands commands;

    SurveyController(Jobs jobs, Surveys surveys, Shortlists shortlists, Kits kits, Photos photos, Stock stock, RulesInForce rules,
            FitAssessor assessor, Commands commands) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.shortlists = shortlists;
        this.kits = kits;
        this.photos = photos;
        this.stock = stock;
        this.rules = rules;
        this.assessor = assessor;
        this.commands = commands;
    }

    @GetMapping("/api/jobs/{number}")
    SheetTeller.Sheet sheet(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        Drawers drawers = stock.drawersFor(number);
        ShopRules inForce = rules.now();
        RiderNeed need = jobs.need(number);
        Set<String> approvals = photos.approvals(number);
        Set<String> chosen = shortlists.of(number);
        return SheetTeller.tell(job, surveys.history(job.bikeId()),
                measuredFor(job.jobKind(), chosen), chosen,
                (survey, kit) -> assessor.assess(new FitCase(new FitCase.Bike(job.kind(), survey, need, approvals), kit, drawers, inForce)),
                photos.ofBike(job.bikeId()));
    }

    /**
     * Kits whose measures are asked for: those that were chosen, and those of this kind of work that lie on the shelf; where neither is, as
     * in a shop that begins, all of this kind.
     */
    private List<Kit> measuredFor(JobKind kind, Set<String> chosen) {
        Set<String> onShelf = kits.inStock().stream().map(Kit::code).collect(Collectors.toSet());
        List<Kit> ofThisKind = kits.all().stream().filter(k -> chosen.contains(k.code()) || kind.asksFor(k)).toList();
        List<Kit> first = ofThisKind.stream().filter(k -> chosen.contains(k.code()) || onShelf.contains(k.code())).toList();
        return first.isEmpty() ? ofThisKind : first;
    }

    @PostMapping("/api/jobs/{number}/measures/{key}")
    SheetTeller.Sheet measure(@PathVariable(name = "number") long number, @PathVariable(name = "key") String measureKey,
            @Valid @RequestBody Measured measured, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            surveys.measure(number, measureKey, measured.text(), measured.tool(), measured.seen(), measured.sure(), SignedIn.name());
            return true;
        });
        return sheet(number);
    }

    /** Chooses the kits whose measures are asked for first. */
    @PostMapping("/api/jobs/{number}/asked-kits")
    SheetTeller.Sheet ask(@PathVariable(name = "number") long number, @Valid @RequestBody Asked asked,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        Set<String> known = kits.all().stream().map(Kit::code).collect(Collectors.toSet());
        asked.kits().stream().filter(k -> !known.contains(k)).findFirst().ifPresent(k -> {
            throw Refused.input("kits", k, "codes of kits the shop knows");
        });
        commands.once(key, Boolean.class, () -> {
            jobs.hold(number);
            shortlists.choose(number, asked.kits());
            return true;
        });
        return sheet(number);
    }
}
