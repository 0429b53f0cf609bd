package hingeyard.app.person;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in where, who has to wait, and what happened at the doors. */
@RestController
@RequestMapping("/api/doors")
class DoorsController {

    private static final int MOST_NOTES = 300;

    record NamedAccount(String username, String displayName) {
    }

    record DoorsView(List<NamedAccount> people, List<Doors.Open> sessions, List<Attempts.Lock> locks, List<SecurityLog.Noted> notes) {
    }

    private final Doors doors;
    private final Attempts attempts;
    private final SecurityLog log;
    private final Staff staff;

    DoorsController(Doors doors, Attempts attempts, SecurityLog log, Staff staff) {
        this.doors = doors;
        this.attempts = attempts;
        this.log = log;
        this.staff = staff;
    }

    @GetMapping
    DoorsView doors(HttpSession session) {
        return new DoorsView(staff.everybody().everybody().stream().map(p -> new NamedAccount(p.username(), p.displayName())).toList(),
                doors.open(session.getId()), attempts.locks(), log.newest(MOST_NOTES));
    }

    /** Signs somebody out who is somewhere else. */
    @DeleteMapping("/sessions/{handle}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable(name = "handle") String handle) {
        log.note(SecurityLog.What.ENDED, doors.end(handle), "by " + SignedIn.account());
    }

    /** Forgets the wrong tries of an account. */
    @DeleteMapping("/locks/{username}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unlock(@PathVariable(name = "username") String username) {
        attempts.unlock(username);
        log.note(SecurityLog.What.UNLOCKED, username, "by " + SignedIn.account());
    }
}
