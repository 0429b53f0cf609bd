package hingeyard.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The one command: what it says and how it ends. */
class YardCommandTest {

    private record Said(int exit, String text) {
    }

    @TempDir
    Path data;

    private Said yard(Map<String, String> environment, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("bash", Path.of("..", "yard").toAbsolutePath().normalize().toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("YARD_DATA", data.toString());
        builder.environment().putAll(environment);
        Process process = builder.start();
        process.getOutputStream().close();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), text);
    }

    @Test
    void listsItsCommands() throws Exception {
        Said said = yard(Map.of());
        assertThat(said.exit).isZero();
        assertThat(said.text).contains("./yard up", "./yard test", "./yard down", "./yard reset", "./yard shots", "./yard doctor",
                "./yard open",
                "./yard shop COMMAND", "./yard code",
                "YARD_PORT");
    }

    @ParameterizedTest
    @ValueSource(strings = {"up", "open", "code", "down", "test", "reset", "backup", "restore", "audit", "shots", "api", "doctor", "tls"})
    void explainsEachCommandWithoutDoingIt(String command) throws Exception {
        Said said = yard(Map.of(), command, "--help");
        assertThat(said.exit).isZero();
        assertThat(said.text).startsWith("./yard " + command);
        assertThat(data).isEmptyDirectory();
    }

    @Test
    void refusesAnUnknownCommand() throws Exception {
        Said said = yard(Map.of(), "launch");
        assertThat(said.exit).isEqualTo(2);
        assertThat(said.text).contains("there is no command 'launch'");
    }

    @Test
    void doctorFindsAStalePidAndATakenPort() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            Files.writeString(data.resolve("db.pid"), "999999999\n");
            Said said = yard(Map.of("YARD_PORT", String.valueOf(taken.getLocalPort())), "doctor");
            assertThat(said.exit).isEqualTo(1);
            assertThat(said.text).contains("names process 999999999, which is gone",
                    "port " + taken.getLocalPort() + " is taken by another program",
                    "choose another with YARD_PORT");
        }
    }

    /** Whichever command could bring the two together: each is refused before anything is started or written. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            shop | up              | holds a shop of its own, and the demo keeps out of it
            shop | reset --yes     | holds a shop of its own
            shop | restore x       | holds a shop of its own
            shop | shop reset --yes| a shop of its own is not thrown away by a command
            demo | open            | holds the demo, which never becomes a shop
            demo | shop restore x  | holds the demo
            """)
    void theDemoAndAShopKeepOutOfEachOther(String kind, String command, String said) throws Exception {
        Files.writeString(data.resolve("kind"), kind + "\n");
        Said answer = yard(Map.of(), command.split(" "));
        assertThat(answer.exit).isEqualTo(1);
        assertThat(answer.text).contains(said);
        try (Stream<Path> files = Files.list(data)) {
            assertThat(files.map(f -> f.getFileName().toString())).as("nothing was begun").isSubsetOf("kind", "lock");
        }
        assertThat(Files.readString(data.resolve("kind"))).isEqualTo(kind + "\n");
    }

    /** A folder of before there were shops of one's own is the demo's. */
    @Test
    void anOlderFolderIsTheDemos() throws Exception {
        Files.createDirectories(data.resolve("db/data"));
        assertThat(yard(Map.of(), "open").text).contains("holds the demo");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Orla", "x", "orla'; DROP TABLE person; --"})
    void aCodeIsMadeForANameOnly(String name) throws Exception {
        Files.writeString(data.resolve("db.pid"), ProcessHandle.current().pid() + "\n");
        Said said = yard(Map.of(), "code", name);
        assertThat(said.exit).isEqualTo(1);
        assertThat(said.text).contains("is no name to sign in with");
    }

    /** What cannot be is said before anything is made or started. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "none", textBlock = """
            YARD_BIND=shop.lan                      | 'shop.lan' is no address such as 192.168.7.10
            YARD_BIND=127.0.0.1                     | is this machine itself
            YARD_BIND=203.0.113.77                  | this machine has no address '203.0.113.77'
            YARD_NAMES=yard.lan                     | name its address with YARD_BIND
            YARD_CERT=/x                            | name its address with YARD_BIND
            YARD_BIND=0.0.0.0 YARD_NAMES=Yard       | 'Yard' is no name such as yard.lan
            YARD_BIND=0.0.0.0 YARD_CERT=/none       | '/none' cannot be read
            """)
    void whereItListensIsHeldToWhatCanBe(String set, String said) throws Exception {
        Map<String, String> environment = Stream.of(set.split(" ")).map(s -> s.split("="))
                .collect(Collectors.toMap(s -> s[0], s -> s[1]));
        for (String command : List.of("up", "tls")) {
            Said answer = yard(environment, command);
            assertThat(answer.exit).as(command).isEqualTo(1);
            assertThat(answer.text).contains(said);
        }
        assertThat(data.resolve("tls")).doesNotExist();
        assertThat(data.resolve("db")).doesNotExist();
    }

    @Test
    void settingsMayStandInAFileAndAWrongOneIsTold() throws Exception {
        Files.writeString(data.resolve("settings"), "# where tablets reach it\nYARD_BIND=127.0.0.1\n\n");
        assertThat(yard(Map.of(), "tls").text).contains("'127.0.0.1' is this machine itself");
        assertThat(yard(Map.of("YARD_BIND", "shop.lan"), "tls").text).as("the environment has the last word").contains("'shop.lan'");
        Files.writeString(data.resolve("settings"), "YARD_BINDS=10.0.0.5");
        Said wrong = yard(Map.of(), "tls");
        assertThat(wrong.exit).isEqualTo(1);
        assertThat(wrong.text).contains("'YARD_BINDS' is no setting", "YARD_BIND");
    }

    @Test
    void resetAsksFirstAndTakesSilenceForNo() throws Exception {
        Said said = yard(Map.of(), "reset");
        assertThat(said.exit).isZero();
        assertThat(said.text).contains("Nothing was changed");
    }

    @Test
    void restoreAsksForItsFileAndThenAsksFirst() throws Exception {
        Said none = yard(Map.of(), "restore");
        assertThat(none.exit).isEqualTo(1);
        assertThat(none.text).contains("which backup? ./yard restore FILE");
        Said silence = yard(Map.of(), "restore", "monday.yard");
        assertThat(silence.exit).isZero();
        assertThat(silence.text).contains("Nothing was changed");
    }

    /** Told at once, before anything is built or begun: a wrong file is what one gets wrong first. */
    @Test
    void aFileThatIsNoBackupIsToldBeforeAnythingIsBuilt(@TempDir Path files) throws Exception {
        Path letter = Files.writeString(files.resolve("letter.yard"), "Dear shop");
        for (Path file : List.of(letter, files.resolve("none.yard"))) {
            Said said = yard(Map.of(), "restore", file.toString(), "--yes");
            assertThat(said.exit).isEqualTo(1);
            assertThat(said.text).containsAnyOf("there is no such file", "is no backup of Hinge Yard").doesNotContain("building");
            try (Stream<Path> there = Files.list(data)) {
                assertThat(there).as("no folder is begun for it").isEmpty();
            }
        }
    }

    @Test
    void downIsSafeWhenNothingRuns() throws Exception {
        assertThat(yard(Map.of(), "down").exit).isZero();
        assertThat(yard(Map.of(), "down").exit).isZero();
    }
}
