package hingeyard.app.person;

import hingeyard.app.face.Faces;
import hingeyard.app.face.ShopFace;
import hingeyard.app.wiring.ShopClock;
import hingeyard.app.problem.Refused;
import hingeyard.core.explain.Ruling;
import hingeyard.core.rights.OneTimeCode;
import hingeyard.core.rights.Right;
import hingeyard.core.rights.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfTokenRepository;
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

    record Who(String username, String displayName, List<Role> roles) {
    }

    /**
     * @param who    absent while nobody is signed in
     * @param rights of every right, whether they have it and why not; none while nobody is signed in
     * @param shop   which shop this is
     * @param zone   where the shop stands: its days and hours are told by this, wherever the screen is
     * @param tablet the tablet that asks, where the shop knows it: at it a PIN is enough
     */
    record SessionState(Optional<Who> who, String zone, List<RightRuling> rights, ShopWord shop, Optional<TabletWord> tablet) {
    }

    /**
     * What everybody is told of the shop, signed in or not.
     *
     * @param open     whether it was opened; until then nobody can sign in
     * @param demo     whether all of it is made up
     * @param currency what prices are in
     */
    record ShopWord(boolean open, boolean demo, String name, String currency) {
    }

    /** @param stand where it hangs */
    record TabletWord(String name, Optional<Integer> stand) {
    }

    /** Whether whoever is signed in may do something at all; a view says besides whether it may be done now. */
    record RightRuling(Right right, Ruling ruling) {
    }

    record PinSwitch(@NotBlank(message = "whose turn it is") String username, @NotBlank(message = "their PIN") String pin) {
    }

    record NewPassword(@NotBlank(message = "your password") String password,
            @NotBlank(message = "the new one: at least 12 signs") String fresh) {
    }

    record NewPin(@NotBlank(message = "your password") String password, @NotBlank(message = "four to eight digits") String pin) {
    }

    /** @param pin a PIN as well, where one is wanted */
    record CodeGiven(@NotBlank(message = "the name you sign in with") String username,
            @NotBlank(message = "the code you were given") @Size(max = 40, message = "at most 40 signs") String code,
            @NotBlank(message = "a password: at least 12 signs") String fresh,
            @NotNull(message = "a PIN, or nothing") Optional<@Size(max = 20, message = "four to eight digits") String> pin) {
    }

    record HandsAnswer(List<Pins.Hand> hands) {
    }

    private static final String PASSWORD = "password";
    private static final String CODE = "code";
    private static final int LONGEST_DEVICE = 200;

    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;
    private final Attempts attempts;
    private final Pins pins;
    private final ShopClock clock;
    private final SecurityLog log;
    private final Staff staff;
    private final Doors doors;
    private final Joining joining;
    private final Faces faces;
    private final ApplicationEventPublisher events;
    private final CsrfTokenRepository tokens;
    private final KnownTablets tablets;

    SessionController(AuthenticationManager authentication, SecurityContextRepository contexts, Attempts attempts, Pins pins,
            ShopClock clock, SecurityLog log, Staff staff, Doors doors, Joining joining, Faces faces, CsrfTokenRepository tokens,
            KnownTablets tablets, ApplicationEventPublisher events) {
        this.tablets = tablets;
        this.doors = doors;
        this.joining = joining;
        this.faces = faces;
        this.events = events;
        this.log = log;
        this.staff = staff;
        this.tokens = tokens;
        this.authentication = authentication;
        this.contexts = contexts;
        this.attempts = attempts;
        this.pins = pins;
        this.clock = clock;
    }

    @GetMapping
    SessionState who(@AuthenticationPrincipal SignedIn signedIn, HttpServletRequest request) {
        return state(Optional.ofNullable(signedIn), request);
    }

    private SessionState state(Optional<SignedIn> who, HttpServletRequest request) {
        return new SessionState(who.map(SessionController::whoOf), clock.zone().getId(), who
                .map(p -> Stream.of(Right.values()).map(r -> new RightRuling(r, r.ruling(p.roles()))).toList()).orElse(List.of()), word(),
                tablets.of(request).map(t -> new TabletWord(t.name(), t.stand())));
    }

    private ShopWord word() {
        ShopFace face = faces.now();
        return new ShopWord(face.kind().isPresent(), face.isDemo(), face.name(), face.currency());
    }

    private static Who whoOf(SignedIn signedIn) {
        return new Who(signedIn.username(), signedIn.displayName(), signedIn.roles().stream().sorted().toList());
    }

    @PostMapping
    SessionState signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        String username = given.username().strip();
        prove(username, given.password());
        SignedIn who = staff.known(username);
        log.note(SecurityLog.What.SIGNED_IN, who.username(), "");
        // A day of its own begins: a tablet's session of yesterday is not drawn out.
        Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
        return taken(who, request, response);
    }

    /** @throws Refused when it was tried in vain too often */
    private void prove(String username, String password) {
        attempts.tries(PASSWORD, username);
        try {
            authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(username, password));
        } catch (AuthenticationException wrong) {
            attempts.missed(PASSWORD, username);
            throw wrong;
        }
        attempts.succeeded(PASSWORD, username);
    }

    /** A session of its own for whoever came in: nothing that was known of the one before opens it. */
    private SessionState taken(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(who, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT)).ifPresent(
                device -> request.getSession().setAttribute(Doors.DEVICE, device.substring(0, Math.min(device.length(), LONGEST_DEVICE))));
        request.getSession().setAttribute(Doors.ADDRESS, SecurityLog.address());
        tablets.of(request).ifPresent(t -> request.getSession().setAttribute(Doors.TABLET, t.id()));
        tokens.saveToken(tokens.generateToken(request), request, response);
        return state(Optional.of(who), request);
    }

    /** A password of one's own by the code of a manager: the first time, and when one was forgotten. Every other session of theirs ends. */
    @PostMapping("/code")
    SessionState comeByCode(@Valid @RequestBody CodeGiven given, HttpServletRequest request, HttpServletResponse response) {
        String username = given.username().strip();
        // What was typed wrong is no try at the code.
        staff.holdToRules(username, given.fresh());
        given.pin().ifPresent(Pins::holdToRules);
        attempts.tries(CODE, username);
        try {
            joining.choose(username, given.code(), given.fresh(), given.pin());
        } catch (Refused wrong) {
            attempts.missed(CODE, username);
            throw Refused.input("code", "hidden",
                    "the newest code that was made for this name, within %d hours, once. Ask a manager for another"
                            .formatted(OneTimeCode.LASTS.toHours()));
        }
        attempts.succeeded(CODE, username);
        SignedIn who = staff.known(username);
        log.note(SecurityLog.What.CAME_BY_CODE, who.username(), "");
        doors.endAllBut(who.username(), "");
        Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
        return taken(who, request, response);
    }

    /** Who may sign in by PIN at this tablet; nobody where the shop does not know it. */
    @GetMapping("/pins")
    HandsAnswer pins(HttpServletRequest request) {
        return new HandsAnswer(tablets.of(request).map(t -> pins.hands()).orElse(List.of()));
    }

    /** By PIN, at a tablet the shop knows. */
    @PostMapping("/pin")
    SessionState signInByPin(@Valid @RequestBody PinSwitch given, HttpServletRequest request, HttpServletResponse response) {
        PairedTablet tablet = ofATablet(request);
        SignedIn person = pins.proven(given.username().strip(), given.pin());
        log.note(SecurityLog.What.SIGNED_IN, person.username(), "by PIN at " + tablet.name());
        Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
        return taken(person, request, response);
    }

    private PairedTablet ofATablet(HttpServletRequest request) {
        return tablets.of(request).orElseThrow(
                () -> Refused.notYours("The shop does not know this tablet: sign in with name and password, or pair it with a code."));
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
        log.note(SecurityLog.What.HANDS_CHANGED, person.username(), "from " + SignedIn.account());
        return taken(person, request, response);
    }

    /** One's own password, against the one before: every other session of theirs ends. */
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choosePassword(@Valid @RequestBody NewPassword given, @AuthenticationPrincipal SignedIn who, HttpSession session) {
        prove(who.username(), given.password());
        staff.choosePassword(who.username(), given.fresh());
        log.note(SecurityLog.What.SECRET_CHANGED, who.username(), "password");
        doors.endAllBut(who.username(), session.getId());
    }

    /** One's own PIN, against the password. */
    @PutMapping("/pin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choosePin(@Valid @RequestBody NewPin given, @AuthenticationPrincipal SignedIn who) {
        prove(who.username(), given.password());
        pins.set(who.username(), given.pin());
        log.note(SecurityLog.What.SECRET_CHANGED, who.username(), "PIN");
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpSession session, @AuthenticationPrincipal SignedIn who, HttpServletResponse response) {
        log.note(SecurityLog.What.SIGNED_OUT, who.username(), "");
        String id = session.getId();
        session.invalidate();
        events.publishEvent(new SessionEnded(id));
        SecurityContextHolder.clearContext();
        // Pictures of bikes and papers of customers go from the device with whoever looked at them.
        response.setHeader("Clear-Site-Data", "\"cache\"");
    }
}
