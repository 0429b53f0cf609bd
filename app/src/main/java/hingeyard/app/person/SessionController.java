package hingeyard.app.person;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
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

    /** @param who absent while nobody is signed in */
    record SessionState(Optional<Who> who) {
    }

    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;

    SessionController(AuthenticationManager authentication, SecurityContextRepository contexts) {
        this.authentication = authentication;
        this.contexts = contexts;
    }

    @GetMapping
    SessionState who(@AuthenticationPrincipal SignedIn signedIn) {
        return new SessionState(Optional.ofNullable(signedIn).map(SessionController::whoOf));
    }

    private static Who whoOf(SignedIn signedIn) {
        return new Who(signedIn.username(), signedIn.displayName(), signedIn.role());
    }

    @PostMapping
    SessionState signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        Authentication proven = authentication.authenticate(
                UsernamePasswordAuthenticationToken.unauthenticated(given.username().strip(), given.password()));
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(proven);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return new SessionState(Optional.of(whoOf((SignedIn) proven.getPrincipal())));
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpSession session) {
        session.invalidate();
        SecurityContextHolder.clearContext();
    }
}
