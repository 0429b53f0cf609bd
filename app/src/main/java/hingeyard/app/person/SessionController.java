package hingeyard.app.person;

import hingeyard.app.wiring.ShopClock;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    record SignIn(@NotBlank(message = "the name you sign in with") String username, @NotBlank(message = "your password") String password) {
    }

    record Who(String username, String displayName, Role role) {
    }

    /**
     * @param who  absent while nobody is signed in
     * @param zone where the shop stands: its days and hours are told by this, wherever the screen is
     */
    record SessionState(Optional<Who> who, String zone) {
    }

    record PinSwitch(@NotBlank(message = "whose turn it is") String username, @NotBlank(message = "their number") String pin) {
    }

    record NewPin(@NotBlank(message = "your password") String password, @NotBlank(message = "four to eight digits") String pin) {
    }

    record HandsAnswer(List<Pins.Hand> hands) {
    }

    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;
    private final Attempts attempts;
    private final Pins pins;
    private final ShopClock clock;

    SessionController(AuthenticationManager authentication, SecurityContextRepository contexts, Attempts attempts, Pins pins,
            ShopClock clock) {
        this.authentication = authentication;
        this.contexts = contexts;
        this.attempts = attempts;
        this.pins = pins;
        this.clock = clock;
    }

    @GetMapping
    SessionState who(@AuthenticationPrincipal SignedIn signedIn) {
        return new SessionState(Optional.ofNullable(signedIn).map(SessionController::whoOf), clock.zone().getId());
    }

    private static Who whoOf(SignedIn signedIn) {
        return new Who(signedIn.username(), signedIn.displayName(), signedIn.role());
    }

    @PostMapping
    SessionState signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        return taken(proven(given.username().strip(), given.password()), request, response);
    }

    /** @throws Refused when it was tried in vain too often */
    private Authentication proven(String username, String password) {
        String what = Attempts.of("password", username);
        attempts.mayTry(what);
        try {
            Authentication proven = authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(username, password));
            attempts.succeeded(what);
            return proven;
        } catch (AuthenticationException wrong) {
            attempts.failed(what);
            throw wrong;
        }
    }

    private SessionState taken(Authentication proven, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(proven);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return new SessionState(Optional.of(whoOf((SignedIn) proven.getPrincipal())), clock.zone().getId());
    }

    /** Who may take this tablet over. */
    @GetMapping("/hands")
    HandsAnswer hands() {
        return new HandsAnswer(pins.hands());
    }

    /** Another pair of hands at a tablet that somebody signed in at. */
    @PostMapping("/switch")
    SessionState switchHands(@Valid @RequestBody PinSwitch given, HttpServletRequest request, HttpServletResponse response) {
        SignedIn person = pins.proven(given.username().strip(), given.pin());
        return taken(UsernamePasswordAuthenticationToken.authenticated(person, null, person.getAuthorities()), request, response);
    }

    /** One's own number, against the password. */
    @PutMapping("/pin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choosePin(@Valid @RequestBody NewPin given, @AuthenticationPrincipal SignedIn who) {
        proven(who.username(), given.password());
        pins.set(who.username(), given.pin());
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpSession session) {
        session.invalidate();
        SecurityContextHolder.clearContext();
    }
}
