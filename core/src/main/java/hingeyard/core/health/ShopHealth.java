package hingeyard.core.health;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What the vitals say: one sign for each, in the order in which a shop would miss it. */
public final class ShopHealth {

    /** A night that failed is made up for in the next; two in a row are not. */
    static final Duration BACKUP_LOOK = Duration.ofHours(36);
    static final Duration BACKUP_BAD = Duration.ofDays(7);
    /** Bytes free; below the first a backup and its proof have no room beside the database, below the second the database stops. */
    static final long DISK_LOOK = 5L << 30;
    static final long DISK_BAD = 2L << 30;
    /** Made anew thirty days before its end. */
    static final Duration CERTIFICATE_LOOK = Duration.ofDays(25);
    /** What one screen waits for without noticing, and what everybody notices. */
    static final Duration ANSWER_LOOK = Duration.ofMillis(50);
    static final Duration ANSWER_BAD = Duration.ofMillis(500);
    /** Clocks of two machines; on one they are the same. */
    static final Duration CLOCK_LOOK = Duration.ofSeconds(2);
    private static final Duration JUST_NOW = Duration.ofSeconds(10);
    static final Duration CLOCK_BAD = Duration.ofMinutes(1);

    /** How it is with one thing. */
    public enum State {
        GOOD("good"),
        LOOK("look at it"),
        BAD("bad");

        private final String label;

        State(String label) {
            this.label = label;
        }

        /** In lower case. */
        public String label() {
            return label;
        }
    }

    /** @param what the thing, as one names it @param said how it is with it and, where it is not good, what to do: sentences */
    public record Sign(String what, State state, String said) {
    }

    private ShopHealth() {
    }

    public static List<Sign> signs(Vitals v) {
        return List.of(backup(v), disk(v.disk()), database(v.database()), clock(v.database()), devices(v), network(v));
    }

    /** The worst of them. */
    public static State worst(List<Sign> signs) {
        return signs.stream().map(Sign::state).max(Enum::compareTo).orElse(State.GOOD);
    }

    private static Sign backup(Vitals v) {
        String what = "Backup";
        String nightly = v.nightly() ? "" : " None is made each night: start with YARD_BACKUPS=FOLDER, on another disk.";
        if (v.backup().isEmpty()) {
            return v.demo() ? new Sign(what, State.GOOD, "The demo is made up and needs none.")
                    : new Sign(what, State.BAD, "There is none. Make one: ./yard shop backup." + nightly);
        }
        Vitals.Backup backup = v.backup().get();
        Duration age = Duration.between(backup.made(), v.now());
        String last = "The last is %s old (%s, %s)".formatted(span(age), backup.file(), size(backup.bytes()));
        if (backup.proven().isEmpty()) {
            return new Sign(what, State.BAD,
                    last + " and is not proven: it may not come back. Make another: ./yard shop backup." + nightly);
        }
        String proven = last + " and came back whole in its proof, both audits empty.";
        State state = v.demo() || age.compareTo(BACKUP_LOOK) <= 0 ? State.GOOD : age.compareTo(BACKUP_BAD) <= 0 ? State.LOOK : State.BAD;
        if (state == State.GOOD && !v.nightly() && !v.demo()) {
            state = State.LOOK;
        }
        return new Sign(what, state, proven + (v.demo() ? "" : nightly));
    }

    private static Sign disk(Vitals.Disk disk) {
        State state = disk.free() < DISK_BAD ? State.BAD : disk.free() < DISK_LOOK ? State.LOOK : State.GOOD;
        return new Sign("Disk", state, "%s are free in %s.".formatted(size(disk.free()), disk.folder())
                + (state == State.GOOD ? "" : " Make room, but never in its db folder: the database ends itself when there is none."));
    }

    private static Sign database(Vitals.Database d) {
        State state = d.answered().compareTo(ANSWER_BAD) >= 0 ? State.BAD
                : d.answered().compareTo(ANSWER_LOOK) >= 0 ? State.LOOK : State.GOOD;
        return new Sign("Database", state,
                "%s, tables of version %d, %s, answers in %s ms.".formatted(d.version(), d.schema(), size(d.bytes()),
                        d.answered().toMillis() == 0 ? "less than 1" : d.answered().toMillis())
                        + (state == State.GOOD ? "" : " Look at what else this machine is busy with."));
    }

    private static Sign clock(Vitals.Database d) {
        Duration off = d.off().abs();
        State state = off.compareTo(CLOCK_BAD) >= 0 ? State.BAD : off.compareTo(CLOCK_LOOK) >= 0 ? State.LOOK : State.GOOD;
        return new Sign("Clock", state, state == State.GOOD ? "Application and database agree."
                : "The database’s clock is %s %s. Set both by one service that slews them.".formatted(span(off),
                        d.off().isNegative() ? "behind" : "ahead"));
    }

    private static Sign devices(Vitals v) {
        Vitals.Devices d = v.devices();
        return new Sign("Devices", State.GOOD, d.sessions() == 0 ? "Nobody is signed in."
                : "%d signed in, %d of them tablets or phones%s.".formatted(d.sessions(), d.tablets(),
                        d.seen().map(s -> "; last heard of " + ago(Duration.between(s, v.now()))).orElse("")));
    }

    private static Sign network(Vitals v) {
        String what = "Network";
        if (v.network().isEmpty()) {
            return new Sign(what, State.GOOD, "Only this machine reaches the shop. For tablets: YARD_BIND (see ./yard tls).");
        }
        Vitals.Network network = v.network().get();
        if (network.until().isEmpty()) {
            return new Sign(what, State.BAD,
                    "The certificate for %s cannot be read: no tablet gets in. ./yard shop tls renew makes another."
                            .formatted(network.address()));
        }
        Duration left = Duration.between(v.now(), network.until().get());
        if (left.isNegative() || left.isZero()) {
            return new Sign(what, State.BAD, "The certificate for %s is no longer valid: no tablet gets in. %s".formatted(network.address(),
                    renew(network)));
        }
        // By itself it is made anew thirty days before its end: one that was not by then, will not be.
        State state = left.compareTo(CERTIFICATE_LOOK) < 0 ? State.LOOK : State.GOOD;
        return new Sign(what, state, "Tablets reach the shop at %s; the certificate is valid for %s.%s".formatted(network.address(),
                span(left), state == State.GOOD ? "" : " " + renew(network)));
    }

    private static String renew(Vitals.Network network) {
        return network.renewed() ? "It was not made anew by itself: ./yard shop tls renew, and look into keeper.log."
                : "It is one of your own: put the next in its place, and start again.";
    }

    private static String ago(Duration span) {
        return span.compareTo(JUST_NOW) < 0 ? "just now" : span(span) + " ago";
    }

    /** A length of time as one says it: its largest unit. Negative ones are none. */
    static String span(Duration span) {
        long seconds = Math.max(0, span.toSeconds());
        long[] units = {86_400, 3_600, 60, 1};
        String[] names = {"day", "hour", "minute", "second"};
        for (int i = 0; i < units.length; i++) {
            if (seconds >= units[i] || i == units.length - 1) {
                long n = seconds / units[i];
                return "%d %s%s".formatted(n, names[i], n == 1 ? "" : "s");
            }
        }
        throw new IllegalStateException();
    }

    /** Bytes as one says them, with one decimal below ten. */
    static String size(long bytes) {
        String[] names = {"B", "kB", "MB", "GB", "TB"};
        double amount = bytes;
        int unit = 0;
        while (amount >= 1000 && unit < names.length - 1) {
            amount /= 1000;
            unit++;
        }
        return Optional.of(amount).filter(a -> a < 10).map(a -> String.format(Locale.ROOT, "%.1f", a))
                .orElse(String.valueOf(Math.round(amount)))
                + " " + names[unit];
    }
}
