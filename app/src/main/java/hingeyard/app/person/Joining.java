package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.core.explain.Ruling;
import hingeyard.core.rights.Accounts;
import hingeyard.core.rights.Accounts.Account;
import hingeyard.core.rights.Right;
import hingeyard.core.rights.Role;
import hingeyard.core.rights.Standing;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who comes to work here, what they do, who is paused and who leaves. */
@Service
public class Joining {

    private final Staff staff;
    private final Pins pins;
    private final Codes codes;
    private final Doors doors;
    private final SecurityLog log;
    private final InHand inHand;
    private final ApplicationEventPublisher events;

    Joining(Staff staff, Pins pins, Codes codes, Doors doors, SecurityLog log, InHand inHand, ApplicationEventPublisher events) {
        this.staff = staff;
        this.pins = pins;
        this.codes = codes;
        this.doors = doors;
        this.log = log;
        this.inHand = inHand;
        this.events = events;
    }

    private static void hold(String field, String given, Ruling ruling) {
        if (!ruling.allowed()) {
            throw Refused.input(field, given, ruling.reason());
        }
    }

    /** Somebody new. They come in by a code. */
    @Transactional(propagation = Propagation.MANDATORY)
    void add(String username, String displayName, Set<Role> roles, String by) {
        Accounts now = staff.everybodyLocked();
        hold("username", username, now.mayBeCalled(username));
        hold("displayName", displayName, now.mayStandFor(displayName));
        hold("roles", "none", now.mayBecome(username, roles, Standing.ACTIVE));
        staff.add(username, displayName.strip(), roles, Staff.NO_WAY_IN);
        log.note(SecurityLog.What.ACCOUNT_CHANGED, username, "added as %s by %s".formatted(Role.labels(roles), by));
        events.publishEvent(new StaffJoined(username));
        events.publishEvent(new StaffChanged());
    }

    /** The first of a shop of one's own, with a password: nobody is there yet who could hand over a code. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void first(String username, String displayName, Set<Role> roles, String password) {
        Accounts nobody = staff.everybodyLocked();
        if (!nobody.everybody().isEmpty()) {
            throw Refused.conflict("Somebody works here already: ask a manager to add you.");
        }
        hold("username", username, nobody.mayBeCalled(username));
        hold("displayName", displayName, nobody.mayStandFor(displayName));
        hold("roles", Role.labels(roles), nobody.mayBecome(username, roles, Standing.ACTIVE));
        staff.add(username, displayName.strip(), roles, Staff.NO_WAY_IN);
        staff.choosePassword(username, password);
        log.note(SecurityLog.What.ACCOUNT_CHANGED, username, "opened the shop");
    }

    /** What somebody does from the next tap on, and whether they work here; what is not given stays. */
    @Transactional(propagation = Propagation.MANDATORY)
    void become(String username, Optional<Set<Role>> roles, Optional<Standing> standing, String by) {
        Accounts now = staff.everybodyLocked();
        Account account = account(now, username);
        Set<Role> newRoles = roles.orElse(account.roles());
        Standing newStanding = standing.orElse(account.standing());
        hold(roles.isPresent() ? "roles" : "standing", roles.isPresent() ? Role.labels(newRoles) : newStanding.label(),
                now.mayBecome(username, newRoles, newStanding));
        boolean leaves = newStanding != Standing.ACTIVE;
        // Whoever may no longer work at a stand could end nothing they began there.
        List<String> held = leaves || !Right.DO_STEPS.of(newRoles) ? inHand.of(account.displayName()) : List.of();
        if (!held.isEmpty()) {
            throw Refused.conflict("%s has %s in hand. Hand it over at the stand first; you may do that for them. Nothing was changed."
                    .formatted(account.displayName(), String.join(" and ", held)));
        }
        staff.become(username, newRoles, newStanding);
        if (leaves) {
            events.publishEvent(new StaffLeft(account.displayName()));
            codes.forget(username);
            doors.endAllBut(username, "");
        }
        if (newStanding == Standing.GONE) {
            pins.forget(username);
        }
        log.note(SecurityLog.What.ACCOUNT_CHANGED, username, "%s, %s, by %s".formatted(Role.labels(newRoles), newStanding.label(), by));
        events.publishEvent(new StaffChanged());
    }

    private static Account account(Accounts now, String username) {
        return now.everybody().stream().filter(a -> a.username().equals(username)).findFirst()
                .orElseThrow(() -> Refused.notFound("account", username));
    }

    /** A new code; one that was made before counts no more. */
    @Transactional
    public Codes.Made code(String username, String by) {
        Account account = account(staff.everybodyLocked(), username);
        if (account.standing() != Standing.ACTIVE) {
            throw Refused.conflict("%s is %s: take them back in first.".formatted(account.displayName(), account.standing().label()));
        }
        log.note(SecurityLog.What.CODE_MADE, username, "by " + by);
        return codes.make(username, by);
    }

    /** A password of one's own by a code, and a PIN where one is wanted. Everything or nothing: a PIN that cannot be keeps the code. */
    @Transactional
    public void choose(String username, String code, String password, Optional<String> pin) {
        staff.known(username);
        codes.use(username, code);
        staff.choosePassword(username, password);
        pin.ifPresent(p -> pins.set(username, p));
    }
}
