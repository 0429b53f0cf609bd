package hingeyard.app.person;

import hingeyard.core.install.Blocker;
import java.io.Serializable;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * Who is signed in.
 *
 * @param username    what they sign in with
 * @param displayName what stands on steps and papers
 * @param role        what they do
 * @param hash        their password's hash
 */
public record SignedIn(String username, String displayName, Role role, String hash) implements UserDetails, Serializable {

    /** The display name of whoever makes the current request. */
    public static String name() {
        Object principal = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        return ((SignedIn) principal).displayName();
    }

    /** The name under which whoever makes the current request signs in. */
    public static String account() {
        return ((SignedIn) SecurityContextHolder.getContext().getAuthentication().getPrincipal()).username();
    }

    /** Whether whoever makes the current request is the manager. */
    public static boolean isManager() {
        return SecurityContextHolder.getContext().getAuthentication().getPrincipal() instanceof SignedIn person
                && person.role() == Role.MANAGER;
    }

    /** As whom whoever makes the current request decides on what stops a bike. */
    public static Blocker.Who hat() {
        Role role = ((SignedIn) SecurityContextHolder.getContext().getAuthentication().getPrincipal()).role();
        return switch (role) {
            case MANAGER -> Blocker.Who.MANAGER;
            case STOCK_KEEPER -> Blocker.Who.STOCK_KEEPER;
            case TECHNICIAN -> Blocker.Who.TECHNICIAN;
        };
    }

    @Override
    public List<GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
    }

    @Override
    public String getPassword() {
        return hash;
    }

    @Override
    public String getUsername() {
        return username;
    }
}
