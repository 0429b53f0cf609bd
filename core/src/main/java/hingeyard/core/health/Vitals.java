package hingeyard.core.health;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * What was read of an installation.
 *
 * @param demo     whether all of it is made up
 * @param now      when it was read
 * @param backup   the newest that was made
 * @param nightly  whether one is made each night
 * @param disk     of the folder everything is kept in
 * @param database the server and what it holds
 * @param devices  who is signed in where
 * @param network  the shop's own; empty where only this machine reaches the application
 */
public record Vitals(boolean demo, Instant now, Optional<Backup> backup, boolean nightly, Disk disk, Database database, Devices devices,
        Optional<Network> network) {

    /**
     * How tablets reach it.
     *
     * @param address where
     * @param until   its certificate is valid; empty where there is none that can be read
     * @param renewed whether that is made anew by itself
     */
    public record Network(String address, Optional<Instant> until, boolean renewed) {
    }

    /**
     * A backup.
     *
     * @param proven when it came back whole aside; empty where it did not, or has not yet
     * @param bytes  at least 0
     */
    public record Backup(String file, Instant made, Optional<Instant> proven, long bytes) {
    }

    /** Bytes, at least 0. */
    public record Disk(String folder, long free) {
    }

    /**
     * @param version  as the server calls itself
     * @param schema   newest migration
     * @param bytes    tables and indexes
     * @param answered how long a question took there and back
     * @param off      how far its clock is from this machine's; negative when it is behind
     */
    public record Database(String version, int schema, long bytes, Duration answered, Duration off) {
    }

    /** @param seen when any of them was last heard of */
    public record Devices(int sessions, int tablets, Optional<Instant> seen) {
    }
}
