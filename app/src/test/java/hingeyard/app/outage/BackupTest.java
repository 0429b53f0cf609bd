package hingeyard.app.outage;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.HingeYard;
import hingeyard.app.OwnDatabase;
import hingeyard.app.ShopClient;
import hingeyard.app.TestDatabase;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** The restore drill: a shop is backed up while it works, goes on, and is as it was then; what is no whole backup changes nothing. */
class BackupTest {

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final String SCRIPTS = """
            set -euo pipefail
            HERE='%s'; . "$HERE/bin/common.sh"; . "$HERE/bin/database.sh"; . "$HERE/bin/application.sh"; . "$HERE/bin/keeper.sh"; . "$HERE/bin/backup.sh"
            """
            .formatted(ROOT);

    @TempDir
    private Path folder;

    private String said(String script) throws IOException, InterruptedException {
        ProcessBuilder shell = new ProcessBuilder("bash", "-c", SCRIPTS + script).redirectErrorStream(true);
        shell.environment().put("YARD_DATA", folder.toString());
        shell.environment().put("DATABASE_NAME", "hinge");
        shell.environment().put("AUDIT_CLASSES", System.getProperty("java.class.path"));
        shell.environment().put("LC_ALL", "C.UTF-8");
        Process process = shell.start();
        process.getOutputStream().close();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        return process.waitFor() == 0 ? out : "refused: " + out;
    }

    /** Every table with what it holds. */
    private static TreeMap<String, String> figures(OwnDatabase database) throws SQLException {
        TreeMap<String, String> figures = new TreeMap<>();
        try (Connection connection = DriverManager.getConnection(database.url(), "yard", "test");
                Statement ask = connection.createStatement()) {
            List<String> tables = new ArrayList<>();
            try (ResultSet row = ask.executeQuery("SHOW FULL TABLES WHERE Table_type = 'BASE TABLE'")) {
                while (row.next()) {
                    tables.add(row.getString(1));
                }
            }
            // What the tables see to by themselves comes back with them.
            try (ResultSet row = ask.executeQuery(
                    "SELECT trigger_name, action_statement FROM information_schema.triggers WHERE trigger_schema = DATABASE()")) {
                while (row.next()) {
                    figures.put("trigger " + row.getString(1), row.getString(2));
                }
            }
            for (String table : tables) {
                try (ResultSet row = ask.executeQuery("CHECKSUM TABLE " + table)) {
                    row.next();
                    figures.put(table, row.getString(2));
                }
            }
        }
        return figures;
    }

    private static void sql(OwnDatabase database, String statement) throws SQLException {
        try (Connection connection = DriverManager.getConnection(database.url(), "yard", "test");
                Statement run = connection.createStatement()) {
            run.execute(statement);
        }
    }

    private Path damaged(Path whole, String name) throws IOException {
        return Files.copy(whole, folder.resolve(name));
    }

    @Test
    void aShopIsAsItWas() throws Exception {
        Path backup = folder.resolve("kept/monday.yard");
        try (OwnDatabase database = OwnDatabase.started(folder)) {
            Files.writeString(folder.resolve("history.key"), TestDatabase.HISTORY_KEY);
            TreeMap<String, String> then;
            try (ConfigurableApplicationContext app = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                    .run(database.arguments())) {
                ShopClient ines = ShopClient.signedIn("http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port"), "ines");
                // While the application runs; nobody works in between, so that what came back can be held against it.
                then = figures(database);
                assertThat(said("backup_write '%s'".formatted(backup))).isEmpty();
                assertThat(ines.post("/api/drawers/BS-600/receipts", "{\"count\":7,\"note\":\"after the backup\"}").status())
                        .isEqualTo(200);
            }
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(backup))).as("the key is in it").isEqualTo("rw-------");
            try (Stream<Path> beside = Files.list(backup.getParent())) {
                assertThat(beside).as("nothing half written is left").containsExactly(backup);
            }
            assertThat(said("backup_write '%s'".formatted(backup))).startsWith("refused: ").contains("there already");
            assertThat(said("backup_prove '%s'".formatted(backup))).contains("every history is whole", "the ledger adds up");

            TreeMap<String, String> now = figures(database);
            assertThat(now).as("work went on").isNotEqualTo(then);
            refusals(backup);
            assertThat(figures(database)).as("what is refused changes nothing").isEqualTo(now);

            Files.writeString(folder.resolve("history.key"), "another key, of a machine that was lost, as long as it must be");
            Files.writeString(folder.resolve("history.new"), "");
            String restored = said("backup_restore '%s'".formatted(backup));
            assertThat(restored).contains("what was there until now: ", "restored: " + backup);
            TreeMap<String, String> back = figures(database);
            // Sessions, live events and receipts of commands go with the rest.
            assertThat(back).isEqualTo(then);
            assertThat(back.keySet()).anyMatch(k -> k.startsWith("trigger "));
            assertThat(Files.readString(folder.resolve("history.key"))).isEqualTo(TestDatabase.HISTORY_KEY);
            assertThat(folder.resolve("history.new")).as("nothing is sealed anew").doesNotExist();
            try (Stream<Path> before = Files.list(folder.resolve("backups"))) {
                assertThat(before).hasSize(1);
            }

            // A history that was changed in the database is backed up as it is, and its proof says so.
            sql(database, "DROP TRIGGER step_event_is_not_rewritten");
            sql(database, "UPDATE step_event SET done_by = 'Nobody' WHERE id = (SELECT MIN(id) FROM (SELECT id FROM step_event) e)");
            Path forged = folder.resolve("forged.yard");
            assertThat(said("backup_write '%s'".formatted(forged))).isEmpty();
            assertThat(said("backup_prove '%s'".formatted(forged))).startsWith("refused: ").contains("1 broken", "did not come back whole");
            assertThat(said("backup_restore '%s'".formatted(forged))).startsWith("refused: ").contains("nothing was changed");
        }
    }

    private void refusals(Path backup) throws Exception {
        assertThat(said("backup_restore '%s/none.yard'".formatted(folder))).startsWith("refused: ").contains("there is no such file");
        Path text = Files.writeString(folder.resolve("text.yard"), "a letter");
        assertThat(said("backup_restore '%s'".formatted(text)))
                .contains("is no backup of Hinge Yard, or not a whole one. Nothing was changed");
        Path cut = damaged(backup, "cut.yard");
        Files.write(cut, java.util.Arrays.copyOf(Files.readAllBytes(backup), (int) (Files.size(backup) / 2)),
                StandardOpenOption.TRUNCATE_EXISTING);
        assertThat(said("backup_restore '%s'".formatted(cut))).startsWith("refused: ").contains("Nothing was changed");
        byte[] bytes = Files.readAllBytes(backup);
        bytes[bytes.length / 2] ^= 1;
        Path flipped = Files.write(folder.resolve("flipped.yard"), bytes);
        assertThat(said("backup_restore '%s'".formatted(flipped))).startsWith("refused: ").contains("is damaged");
        String repack = "mkdir '%1$s/r' && tar -C '%1$s/r' -xf '%2$s' && sed -i 's/^%3$s=.*/%3$s=%4$s/' '%1$s/r/manifest' && tar -C '%1$s/r' -cf '%1$s/%3$s.yard' "
                + "manifest history.key shop.sql.gz && rm -r '%1$s/r' && backup_restore '%1$s/%3$s.yard'";
        assertThat(said(repack.formatted(folder, backup, "schema", "9999"))).contains("is from a newer version (database 9999");
        assertThat(said(repack.formatted(folder, backup, "format", "2"))).contains("written in format '2'");
        assertThat(said(repack.formatted(folder, backup, "kind", "shop"))).contains("is of a shop of its own, and this is the demo",
                "Nothing was changed");
    }

    /** Seven days, five weeks, twelve months: the oldest of each week and month is not thrown away for the next one. */
    @Test
    void oldBackupsAreThinned() throws Exception {
        LocalDate today = LocalDate.of(2026, 11, 20);
        Path kept = Files.createDirectory(folder.resolve("nights"));
        for (int i = 0; i < 400; i++) {
            Files.writeString(kept.resolve("shop-%s.yard".formatted(today.minusDays(i))), "");
        }
        Files.writeString(kept.resolve("by-hand.yard"), "");
        String thin = "TODAY=2026-11-20; backup_thin '%s'".formatted(kept);
        assertThat(said(thin)).isEmpty();
        List<LocalDate> left = days(kept);
        assertThat(left).containsAll(IntStream.range(0, 7).mapToObj(today::minusDays).toList());
        assertThat(left.stream().filter(d -> d.isBefore(today.minusDays(6)) && d.isAfter(today.minusDays(42)))
                .collect(Collectors.groupingBy(d -> d.minusDays(d.getDayOfWeek().getValue()))).values())
                .as("of each week, and the first of a month")
                .hasSize(6).allMatch(w -> w.size() == 1 || w.size() == 2 && w.stream().anyMatch(d -> d.getDayOfMonth() == 1));
        assertThat(left).hasSizeLessThanOrEqualTo(7 + 6 + 13);
        assertThat(left.stream().filter(d -> d.isBefore(today.minusDays(41)))
                .collect(Collectors.groupingBy(d -> d.withDayOfMonth(1))).values()).hasSizeBetween(10, 12).allMatch(m -> m.size() == 1);
        assertThat(left).noneMatch(d -> d.isBefore(today.minusDays(372)));
        assertThat(kept.resolve("by-hand.yard")).exists();
        assertThat(said(thin)).isEmpty();
        assertThat(days(kept)).as("thinned twice").isEqualTo(left);
    }

    private static List<LocalDate> days(Path kept) throws IOException {
        try (Stream<Path> files = Files.list(kept)) {
            return files.map(f -> f.getFileName().toString()).filter(f -> f.startsWith("shop-"))
                    .map(f -> LocalDate.parse(f.substring(5, 15)))
                    .sorted().toList();
        }
    }

    /** Due once a day after two, in a folder that was named, and not again within the hour in which it failed. */
    @Test
    void theNightsBackupIsDueOnce() throws Exception {
        String at = "date() { if [ \"$1\" = +%%-H ]; then echo %d; else command date \"$@\"; fi; }; backup_due && echo due || echo no";
        assertThat(said(at.formatted(3))).as("no folder named").isEqualTo("no");
        String named = "YARD_BACKUPS='%s'; ".formatted(folder);
        assertThat(said(named + at.formatted(1))).isEqualTo("no");
        assertThat(said(named + at.formatted(3))).isEqualTo("due");
        assertThat(said(named + ": >\"$YARD_DATA/backup.tried\"; " + at.formatted(3))).isEqualTo("no");
        assertThat(said(named + "rm \"$YARD_DATA/backup.tried\"; : >\"$YARD_BACKUPS/shop-$(date +%F).yard\"; " + at.formatted(3)))
                .isEqualTo("no");
    }
}
