package hingeyard.app.booking;

import hingeyard.app.command.Commands;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import jakarta.validation.Valid;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Booking in, and finding again. */
@RestController
class BookingController {

    /** @param drawing the kind in pencil, from its usual dimensions */
    record KindChoice(BikeKind kind, String label, BikeDrawing drawing) {
    }

    private static final List<KindChoice> KINDS = Stream.of(BikeKind.values())
            .map(k -> new KindChoice(k, k.label(), BikeGeometry.draw(k, FrameSurvey.empty()))).toList();

    private final Jobs jobs;
    private final Commands commands;

    BookingController(Jobs jobs, Commands commands) {
        this.jobs = jobs;
        this.commands = commands;
    }

    @GetMapping("/api/bike-kinds")
    List<KindChoice> kinds() {
        return KINDS;
    }

    @PostMapping("/api/jobs")
    @ResponseStatus(HttpStatus.CREATED)
    @PreAuthorize("hasRole('MANAGER')")
    JobCard book(@Valid @RequestBody Booking booking, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return commands.once(key, JobCard.class, () -> jobs.book(booking));
    }

    @GetMapping("/api/find")
    List<JobCard> find(@RequestParam(name = "text") String text) {
        return jobs.find(text);
    }
}
