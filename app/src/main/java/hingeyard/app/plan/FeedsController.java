package hingeyard.app.plan;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SecurityLog;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.people.Absence;
import hingeyard.core.plan.PlacedLeg;
import hingeyard.core.plan.Worker;
import hingeyard.formats.PlanCalendar;
import hingeyard.formats.PlanCalendar.Entry;
import hingeyard.formats.PlanCalendar.WholeDays;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The plan in other calendars. */
@RestController
class FeedsController {

    /** More addresses than that nobody keeps in mind. */
    private static final int MOST = 60;

    /** @param label whose work it shows, in words */
    record FeedView(long id, Feeds.Of shows, String name, String label, String by, Instant at, Optional<Instant> read) {

        static FeedView of(Feeds.Feed feed) {
            return new FeedView(feed.id(), feed.of(), feed.name(), FeedsController.label(feed.of(), feed.name()), feed.by(), feed.at(),
                    feed.read());
        }
    }

    /** @param name the person's, or the stand's number; blank for the shop */
    record FeedGiven(@NotNull(message = "whose work: SHOP, STAND or PERSON") Feeds.Of shows,
            @NotNull(message = "a name or a stand's number, may be empty") @Size(max = 80, message = "at most 80 letters") String name) {
    }

    /** @param address as a calendar program takes it, after the shop's own; shown this once */
    record FeedMade(long id, String address, List<FeedView> all) {
    }

    private final Feeds feeds;
    private final Ahead ahead;
    private final ShopBook shop;
    private final SecurityLog log;
    private final Commands commands;
    private final ShopClock clock;

    FeedsController(Feeds feeds, Ahead ahead, ShopBook shop, SecurityLog log, Commands commands, ShopClock clock) {
        this.feeds = feeds;
        this.ahead = ahead;
        this.shop = shop;
        this.log = log;
        this.commands = commands;
        this.clock = clock;
    }

    private static String label(Feeds.Of of, String name) {
        return switch (of) {
            case SHOP -> "The whole shop";
            case STAND -> "Stand " + name;
            case PERSON -> name;
        };
    }

    @GetMapping("/api/plan/feeds")
    List<FeedView> all() {
        return feeds.all().stream().map(FeedView::of).toList();
    }

    @PostMapping("/api/plan/feeds")
    FeedMade make(@Valid @RequestBody FeedGiven given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        String name = named(given);
        long id = commands.once(key, Long.class, () -> {
            if (feeds.all().size() >= MOST) {
                throw Refused.conflict("There are %d calendar addresses already. Take one back first.".formatted(MOST));
            }
            return feeds.make(given.shows(), name, SignedIn.name());
        });
        String secret = feeds.address(id);
        log.note(SecurityLog.What.TAKEN_OUT, SignedIn.account(), "calendar address: " + label(given.shows(), name));
        return new FeedMade(id, "/calendar/%s.ics".formatted(secret), all());
    }

    private String named(FeedGiven given) {
        String name = given.name().strip();
        switch (given.shows()) {
            case STAND -> {
                if (shop.now().stands().stream().noneMatch(s -> String.valueOf(s.number()).equals(name))) {
                    throw Refused.input("name", name, "the number of a stand, one of " + shop.now().numbers());
                }
            }
            case PERSON -> {
                if (!ahead.names().contains(name)) {
                    throw Refused.input("name", name, "one of " + String.join(", ", ahead.names()));
                }
            }
            case SHOP -> {
                return "";
            }
        }
        return name;
    }

    @DeleteMapping("/api/plan/feeds/{id}")
    List<FeedView> takeBack(@PathVariable(name = "id") long id,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            feeds.takeBack(id);
            return true;
        });
        return all();
    }

    /** A calendar for whoever has its address; names no customer. One that was taken back is not told from one that never was. */
    @GetMapping(path = "/calendar/{secret}.ics", produces = "text/calendar;charset=UTF-8")
    ResponseEntity<String> calendar(@PathVariable(name = "secret") String secret) {
        Feeds.Feed feed = feeds.at(secret).orElseThrow(() -> Refused.notFound("calendar", "at this address"));
        Ahead.Planned now = ahead.now();
        Predicate<PlacedLeg> shown = switch (feed.of()) {
            case SHOP -> l -> true;
            case STAND -> l -> l.stand().map(String::valueOf).filter(feed.name()::equals).isPresent();
            case PERSON -> l -> l.person().equals(feed.name());
        };
        List<Entry> entries = new ArrayList<>();
        now.plan().legs().stream().filter(shown).forEach(l -> {
            for (int i = 0; i < l.worked().size(); i++) {
                entries.add(new Entry("%d-%s-%d".formatted(l.job(), l.leg().steps().isEmpty() ? l.leg().ordinal() : l.leg().steps().get(0),
                        i), instant(l.worked().get(i).from()), instant(l.worked().get(i).to()), title(feed, l),
                        l.stand().map(s -> "stand " + s).orElse(l.leg().place().label()), now.jobs().get(l.job()).bike()));
            }
        });
        return ResponseEntity.ok().cacheControl(CacheControl.noStore())
                .body(PlanCalendar.write("%s, the plan".formatted(label(feed.of(), feed.name())), clock.now(), clock.zone(), entries,
                        days(feed, now)));
    }

    private static String title(Feeds.Feed feed, PlacedLeg leg) {
        return feed.of() == Feeds.Of.PERSON ? "%d: %s".formatted(leg.job(), leg.leg().title())
                : "%d: %s, %s".formatted(leg.job(), leg.leg().title(), leg.person());
    }

    private Instant instant(LocalDateTime at) {
        return at.atZone(clock.zone()).toInstant();
    }

    private List<WholeDays> days(Feeds.Feed feed, Ahead.Planned now) {
        List<WholeDays> days = new ArrayList<>();
        shop.now().closed().forEach((day, why) -> days.add(new WholeDays("closed-" + day, day, day, "closed: " + why)));
        for (Worker worker : now.question().workers()) {
            if (feed.of() == Feeds.Of.SHOP || feed.of() == Feeds.Of.PERSON && worker.name().equals(feed.name())) {
                for (Absence a : worker.absences()) {
                    // Why somebody is away is nobody's business who only has an address.
                    days.add(new WholeDays("away-%s-%s".formatted(worker.name().hashCode(), a.from()), a.from(), a.to(),
                            worker.name() + " is away"));
                }
            }
        }
        return days;
    }
}
