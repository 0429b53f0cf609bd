package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Blocker;
import hingeyard.core.rights.Right;
import hingeyard.core.rights.Role;
import java.io.Serializable;
import java.security.Principal;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who is signed in. It is kept with the session, so nothing secret is in it.
 *
 * @param username    what they sign in with
 * @param displayName what stands on steps and papers; no two people of a shop have the same
 * @param roles       what they do
 */
public record SignedIn(String username, String displayName, Set<Role> roles) implements Principal, Serializable {

    public SignedIn {
        // A session of an earlier version knew one role; what somebody may is asked anew with each request.
        roles = roles == null ? Set.of() : Set.copyOf(roles);
    }

    /** Who makes the current request; empty while nobody is signed in. */
    public static Optional<SignedIn> now() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof SignedIn person ? Optional.of(person) : Optional.empty();
    }

    private static SignedIn somebody() {
        return now().orElseThrow(() -> Refused.notYours("Sign in first."));
    }

    /** The display name of whoever makes the current request. */
    public static String name() {
        return somebody().displayName;
    }

    /** The name under which whoever makes the current request signs in. */
    public static String account() {
        return somebody().username;
    }

    /** Whether whoever makes the current request has a right. */
    public static boolean may(Right right) {
        return now().map(p -> right.of(p.roles)).orElse(false);
    }

    /** The same with the reason. */
    public static Ruling ruling(Right right) {
        return now().map(p -> right.ruling(p.roles)).orElse(Ruling.no("Sign in first."));
    }

    /** As whom whoever makes the current request decides on what stops a bike: of several roles as the one that may decide most. */
    public static Blocker.Who hat() {
        Set<Role> roles = somebody().roles;
        return roles.contains(Role.MANAGER) ? Blocker.Who.MANAGER
                : roles.contains(Role.STOCK_KEEPER) ? Blocker.Who.STOCK_KEEPER : Blocker.Who.TECHNICIAN;
    }

    @Override
    public String getName() {
        return username;
    }
}
