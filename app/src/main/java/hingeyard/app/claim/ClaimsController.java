package hingeyard.app.claim;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Claims on suppliers. */
@RestController
@RequestMapping("/api/claims")
class ClaimsController {

    /**
     * @param text   what is claimed, in short
     * @param blocks whether a step of its job cannot go on without it
     */
    record ClaimView(long id, Optional<Long> job, Optional<Long> order, String supplier, String part, String text, boolean blocks,
            String note, String by, Instant at, Optional<String> settledBy,
            Optional<Instant> settledAt, Optional<String> settlement) {

        static ClaimView of(Claims.Listed listed) {
            Claim c = listed.claim();
            return new ClaimView(c.id(), c.raised().job(), c.raised().order(), c.raised().supplier(), c.raised().part(),
                    c.raised().text() + (listed.boxBack() ? ", of a box that went back" : ""),
                    c.raised().blocks() && !listed.boxBack(), c.raised().note(), c.by(), c.at(),
                    c.settledBy(), c.settledAt(), c.settlement());
        }
    }

    record Settlement(
            @NotBlank(message = "what came of it, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String how) {
    }

    private final Claims claims;
    private final Commands commands;

    ClaimsController(Claims claims, Commands commands) {
        this.claims = claims;
        this.commands = commands;
    }

    @GetMapping
    List<ClaimView> all() {
        return claims.all().stream().map(ClaimView::of).toList();
    }

    @PostMapping("/{id}/settlement")
    List<ClaimView> settle(@PathVariable(name = "id") long id, @Valid @RequestBody Settlement settlement,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            claims.settle(id, settlement.how().strip(), SignedIn.name());
            return true;
        });
        return all();
    }
}
