package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.core.explain.Ruling;
import hingeyard.core.rights.Right;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The one place where rights are asked for: every operation below {@code /api}, by the very pattern that chose its controller, before
 * anything of the request is read.
 */
@Configuration
class Doorkeeper implements WebMvcConfigurer, HandlerInterceptor {

    private final Operations operations;
    private final SecurityLog log;
    private final Doors doors;
    private final Staff staff;

    Doorkeeper(Operations operations, SecurityLog log, Doors doors, Staff staff) {
        this.doors = doors;
        this.staff = staff;
        this.operations = operations;
        this.log = log;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**", "/calendar/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        String pattern = String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE));
        if (pattern.endsWith("/**")) {
            return true; // No operation: what is not there is answered as such.
        }
        Operations.Need need = operations.need(request.getMethod(), pattern).orElseThrow(
                () -> Refused.notYours("Nobody may: %s %s stands in no list of rights.".formatted(request.getMethod(), pattern)));
        HttpSession session = request.getSession(false);
        boolean over = session != null && SignedIn.now().isPresent()
                && (doors.isOver(Instant.ofEpochMilli(session.getCreationTime())) || !known());
        if (over) {
            session.invalidate();
            SecurityContextHolder.clearContext();
        }
        if (need.right().isPresent()) {
            if (over) {
                response.setStatus(HttpStatus.UNAUTHORIZED.value());
                return false;
            }
            ask(need.right().get());
        }
        return true;
    }

    /**
     * Whether whoever is signed in still works here. From here on the request knows them as they are now, whatever they were when they
     * signed in: another role counts from the next tap on.
     */
    private boolean known() {
        Optional<SignedIn> now = SignedIn.now().flatMap(p -> staff.standing(p.username()));
        now.ifPresent(p -> {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(p, null, List.of()));
            SecurityContextHolder.setContext(context);
        });
        return now.isPresent();
    }

    private void ask(Right right) {
        Optional<SignedIn> who = SignedIn.now();
        Ruling ruling = who.map(p -> right.ruling(p.roles())).orElse(Ruling.no("Sign in first."));
        if (!ruling.allowed()) {
            who.ifPresent(p -> log.refused(p.username(), right));
            throw Refused.notYours(ruling.reason());
        }
    }
}
