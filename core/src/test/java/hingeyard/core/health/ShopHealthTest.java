package hingeyard.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.health.ShopHealth.Sign;
import hingeyard.core.health.ShopHealth.State;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShopHealthTest {

    private static final Instant NOW = Instant.parse("2026-03-24T09:00:00Z");
    private static final long GB = 1L << 30;

    private static Vitals vitals(boolean demo, Optional<Vitals.Backup> backup, boolean nightly, long free, long answeredMs,
            long offSeconds) {
        return new Vitals(demo, NOW, backup, nightly, new Vitals.Disk("/srv/yard", free),
                new Vitals.Database("10.11", 26, 12_400_000, Duration.ofMillis(answeredMs), Duration.ofSeconds(offSeconds)),
                new Vitals.Devices(3, 2, Optional.of(NOW.minusSeconds(125))), Optional.empty());
    }

    private static Vitals onANetwork(Optional<Instant> until, boolean renewed) {
        Vitals v = vitals(true, Optional.empty(), false, 80 * GB, 1, 0);
        return new Vitals(v.demo(), v.now(), v.backup(), v.nightly(), v.disk(), v.database(), v.devices(),
                Optional.of(new Vitals.Network("https://10.0.0.5:8146", until, renewed)));
    }

    /** Days the certificate is still valid, none for one that cannot be read; by itself it is made anew thirty before its end. */
    @ParameterizedTest
    @CsvSource(nullValues = "none", value = {"397, yes, GOOD, valid for 397 days", "25, yes, GOOD, valid for 25 days",
        "24, yes, LOOK, ./yard shop tls renew", "24, no, LOOK, one of your own", "0, yes, BAD, no longer valid",
        "-3, no, BAD, no tablet gets in", "none, yes, BAD, cannot be read"})
    void aCertificateIsMadeAnewInTime(Long days, String renewed, State wanted, String said) {
        Sign sign = sign(onANetwork(Optional.ofNullable(days).map(d -> NOW.plus(Duration.ofDays(d))), renewed.equals("yes")), "Network");
        assertThat(sign.state()).as(sign.said()).isEqualTo(wanted);
        assertThat(sign.said()).contains(said, "https://10.0.0.5:8146").endsWith(".");
    }

    @Test
    void withoutANetworkTheShopIsThisMachines() {
        assertThat(sign(vitals(true, Optional.empty(), false, 80 * GB, 1, 0), "Network").said()).contains("Only this machine", "YARD_BIND");
    }

    private static Sign sign(Vitals v, String what) {
        return ShopHealth.signs(v).stream().filter(s -> s.what().equals(what)).findFirst().orElseThrow();
    }

    /** Hours old, proven or not, one each night or not; on both sides of each limit. */
    @ParameterizedTest
    @CsvSource({"1, yes, yes, GOOD", "36, yes, yes, GOOD", "37, yes, yes, LOOK", "168, yes, yes, LOOK", "169, yes, yes, BAD",
        "1, no, yes, BAD",
        "1, yes, no, LOOK", "169, yes, no, BAD"})
    void aBackupIsGoodWhileItIsYoungAndProven(long hours, String proven, String nightly, State wanted) {
        Instant made = NOW.minus(Duration.ofHours(hours));
        Sign sign = sign(
                vitals(false, Optional.of(new Vitals.Backup("shop.yard", made, proven.equals("yes") ? Optional.of(made) : Optional.empty(),
                        934_000)), nightly.equals("yes"), 80 * GB, 1, 0),
                "Backup");
        assertThat(sign.state()).as(sign.said()).isEqualTo(wanted);
        assertThat(sign.said()).contains("shop.yard, 934 kB");
        assertThat(sign.said().contains("YARD_BACKUPS")).isEqualTo(nightly.equals("no"));
        assertThat(sign.said().contains("not proven")).isEqualTo(proven.equals("no"));
    }

    @Test
    void aShopWithoutABackupIsBadAndADemoNeedsNone() {
        assertThat(sign(vitals(false, Optional.empty(), true, 80 * GB, 1, 0), "Backup").state()).isEqualTo(State.BAD);
        assertThat(sign(vitals(true, Optional.empty(), false, 80 * GB, 1, 0), "Backup").state()).isEqualTo(State.GOOD);
    }

    @ParameterizedTest
    @CsvSource({"Disk, 80, 1, 0, GOOD", "Disk, 5, 1, 0, GOOD", "Disk, 4, 1, 0, LOOK", "Disk, 2, 1, 0, LOOK", "Disk, 1, 1, 0, BAD",
        "Database, 80, 49, 0, GOOD", "Database, 80, 50, 0, LOOK", "Database, 80, 500, 0, BAD", "Clock, 80, 1, 1, GOOD",
        "Clock, 80, 1, -2, LOOK", "Clock, 80, 1, 59, LOOK", "Clock, 80, 1, -60, BAD"})
    void eachHasItsLimits(String what, long gigabytes, long answeredMs, long off, State wanted) {
        Sign sign = sign(vitals(false, Optional.empty(), true, gigabytes * GB, answeredMs, off), what);
        assertThat(sign.state()).as(sign.said()).isEqualTo(wanted);
        assertThat(sign.said()).endsWith(".");
    }

    @Test
    void theClockSaysWhichWay() {
        assertThat(sign(vitals(false, Optional.empty(), true, 80 * GB, 1, -90), "Clock").said()).contains("1 minute behind");
        assertThat(sign(vitals(false, Optional.empty(), true, 80 * GB, 1, 7200), "Clock").said()).contains("2 hours ahead");
    }

    @ParameterizedTest
    @CsvSource({"0, 0 seconds", "1, 1 second", "59, 59 seconds", "60, 1 minute", "3599, 59 minutes", "3600, 1 hour", "90000, 1 day",
        "172800, 2 days", "-5, 0 seconds"})
    void aSpanIsSaidByItsLargestUnit(long seconds, String said) {
        assertThat(ShopHealth.span(Duration.ofSeconds(seconds))).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"0, 0.0 B", "999, 999 B", "1000, 1.0 kB", "12400000, 12 MB", "5368709120, 5.4 GB", "80000000000000, 80 TB"})
    void bytesAreSaidInTheirUnit(long bytes, String said) {
        assertThat(ShopHealth.size(bytes)).isEqualTo(said);
    }

    @Test
    void theWorstSpeaksForAll() {
        assertThat(ShopHealth.worst(ShopHealth.signs(vitals(false, Optional.empty(), true, 80 * GB, 1, 0)))).isEqualTo(State.BAD);
        assertThat(ShopHealth.worst(ShopHealth.signs(vitals(true, Optional.empty(), true, 4 * GB, 1, 0)))).isEqualTo(State.LOOK);
        assertThat(ShopHealth.worst(ShopHealth.signs(vitals(true, Optional.empty(), true, 80 * GB, 1, 0)))).isEqualTo(State.GOOD);
    }
}
