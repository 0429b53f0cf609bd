package hingeyard.app.booking;

import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.rules.RulesInForce;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.match.Ride;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.formats.TagPdf;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Booking in, and finding again. */
@RestController
class BookingController {

    /** @param drawing the kind in pencil, from its usual dimensions */
    record KindChoice(BikeKind kind, String label, BikeDrawing drawing) {
    }

    record JobChoice(JobKind kind, String label, boolean matchesKits) {
    }

    record Usual(String metric, String imperial) {
    }

    /** @param supposed what a range supposes while nobody says it; empty for what a booking asks */
    record AmountChoice(NeedAmount amount, String title, List<Usual> usual, String possible, Optional<Usual> supposed) {
    }

    record WishChoice(NeedWish wish, String label) {
    }

    record ClassChoice(LegalClass legalClass, String label) {
    }

    /** @param reminder stands beside the classes */
    record BookingForm(List<KindChoice> kinds, List<JobChoice> jobs, List<AmountChoice> amounts, List<WishChoice> wishes,
            List<ClassChoice> classes, String reminder) {
    }

    /** All but the classes: what these allow is the shop's rules. */
    private static final BookingForm FORM = new BookingForm(
            Arrays.stream(BikeKind.values()).map(k -> new KindChoice(k, k.label(), BikeGeometry.draw(k, FrameSurvey.empty()).bare()))
                    .toList(),
            Arrays.stream(JobKind.values()).map(k -> new JobChoice(k, k.label(), k.matchesKits())).toList(),
            Arrays.stream(NeedAmount.values()).map(a -> new AmountChoice(a, a.title(),
                    a.usual().stream().map(u -> new Usual(a.scale().text(u), a.scale().imperialText(u))).toList(), a.possible(),
                    Ride.usualWay().stream().filter(s -> s.amount() == a).findFirst()
                            .map(s -> new Usual(a.text(s.base(), false), a.text(s.base(), true)))))
                    .toList(),
            Arrays.stream(NeedWish.values()).map(w -> new WishChoice(w, w.label())).toList(),
            List.of(), LegalClass.REMINDER);

    private final Jobs jobs;
    private final BookingChanges changes;
    private final RulesInForce rules;
    private final Commands commands;
    private final Faces faces;

    BookingController(Jobs jobs, BookingChanges changes, RulesInForce rules, Commands commands, Faces faces) {
        this.faces = faces;
        this.rules = rules;
        this.jobs = jobs;
        this.changes = changes;
        this.commands = commands;
    }

    @GetMapping("/api/booking-form")
    BookingForm form() {
        ShopRules inForce = rules.now();
        return new BookingForm(FORM.kinds, FORM.jobs, FORM.amounts, FORM.wishes,
                Arrays.stream(LegalClass.values()).map(c -> new ClassChoice(c, said(c, inForce))).toList(), FORM.reminder);
    }

    /** With what the shop's rules let the class do. */
    private static String said(LegalClass legal, ShopRules rules) {
        return switch (legal) {
            case CLASS_A ->
                "%s, %s, %s".formatted(legal.label(), rules.text(NumberRule.CLASS_A_POWER), rules.text(NumberRule.CLASS_A_SPEED));
            case CLASS_B ->
                "%s, %s, %s".formatted(legal.label(), rules.text(NumberRule.CLASS_B_POWER), rules.text(NumberRule.CLASS_B_SPEED));
            case OPEN, OFF_ROAD -> legal.label();
        };
    }

    @PostMapping("/api/jobs")
    @ResponseStatus(HttpStatus.CREATED)
    JobCard book(@Valid @RequestBody Booking booking, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return commands.once(key, JobCard.class, () -> jobs.book(booking));
    }

    @GetMapping("/api/jobs/{number}/booking")
    BookingChange booking(@PathVariable(name = "number") long number) {
        return changes.now(number);
    }

    @PutMapping("/api/jobs/{number}/booking")
    BookingChange change(@PathVariable(name = "number") long number, @Valid @RequestBody BookingChange change,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            changes.change(number, change);
            return true;
        });
        return changes.now(number);
    }

    /** @param priority who comes first when there is not enough for all */
    record Ranking(@NotNull(message = "one of the priorities offered") JobPriority priority) {
    }

    @PutMapping("/api/jobs/{number}/priority")
    JobCard rank(@PathVariable(name = "number") long number, @Valid @RequestBody Ranking ranking,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            jobs.rank(number, ranking.priority());
            return true;
        });
        return jobs.card(number);
    }

    @GetMapping("/api/find")
    List<JobCard> find(@RequestParam(name = "text") String text) {
        return jobs.find(text);
    }

    /** The paper tag; its code opens the job at the address this was asked from. */
    @GetMapping(path = "/api/jobs/{number}/tag.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> tag(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        String link = ServletUriComponentsBuilder.fromCurrentContextPath().path("/jobs/{number}/sheet").buildAndExpand(number)
                .toUriString();
        byte[] pdf = TagPdf.write(faces.letterhead(), new TagPdf.Tag(number, job.customer(), job.contact(), job.bike(), job.kindLabel(),
                job.frameNumber(), job.arrivesOn(), job.jobKindLabel(), List.of(job.wish(), job.need()), job.paint(),
                BikeGeometry.draw(job.kind(), FrameSurvey.empty()).bare(), link));
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.inline().filename("tag-%d.pdf".formatted(number)).build().toString()).body(pdf);
    }
}
