package hingeyard.app;

import java.io.IOException;
import java.net.BindException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;

/** A MariaDB of a test's own, which it may kill: started by the same script as the shop's. */
public final class OwnDatabase implements AutoCloseable {

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private final Path folder;
    private final int port;

    private OwnDatabase(Path folder, int port) {
        this.folder = folder;
        this.port = port;
    }

    public static OwnDatabase started(Path folder) throws IOException, InterruptedException {
        OwnDatabase database = new OwnDatabase(folder.resolve("db"), freePort());
        // The server may run as a user of its own, who has to reach its folder.
        shell("chmod 755 '%s'".formatted(folder));
        database.start();
        shell("mariadb --no-defaults -uroot --socket='%s/run/m.sock' -e \"CREATE DATABASE hinge CHARACTER SET utf8mb4; CREATE USER yard@'127.0.0.1' IDENTIFIED BY 'test'; GRANT ALL ON hinge.* TO yard@'127.0.0.1';\""
                .formatted(database.folder));
        return database;
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:%d/hinge".formatted(port);
    }

    /** What an application of a test's own is started with to work on it. */
    public String[] arguments() {
        return new String[]{"--server.port=0", "--spring.datasource.url=" + url(), "--spring.datasource.username=yard",
            "--spring.datasource.password=test", "--yard.history.key=" + TestDatabase.HISTORY_KEY, "--yard.history.seal=true"};
    }

    /** As a power cut would. */
    public void kill() throws IOException {
        ProcessHandle server = ProcessHandle.of(Long.parseLong(Files.readString(folder.resolve("run/m.pid")).strip())).orElseThrow();
        server.destroyForcibly();
        // Bounded: where nobody collects dead processes, one that is gone still has its number.
        server.onExit().completeOnTimeout(server, 30, TimeUnit.SECONDS).join();
    }

    /** It is there and does not answer, as when its disk stands still. */
    public void freeze() throws IOException, InterruptedException {
        shell("kill -STOP " + Files.readString(folder.resolve("run/m.pid")).strip());
    }

    public void thaw() throws IOException, InterruptedException {
        shell("kill -CONT " + Files.readString(folder.resolve("run/m.pid")).strip());
    }

    public void start() throws IOException, InterruptedException {
        shell("HERE=%s; set -euo pipefail; . bin/common.sh; . bin/database.sh; server_run '%s' %d".formatted(ROOT, folder, port));
    }

    /**
     * Below the ports that the system gives to outgoing connections: while the server is away, somebody who calls its port from that very
     * port would be talking to
     * himself, and the server could not come back.
     */
    private static int freePort() throws IOException {
        for (int port = ThreadLocalRandom.current().nextInt(11_000, 20_000);; port++) {
            try (ServerSocket free = new ServerSocket(port, 1, InetAddress.getLoopbackAddress())) {
                return free.getLocalPort();
            } catch (BindException e) {
                continue;
            }
        }
    }

    private static void shell(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(List.of("bash", "-c", command)).directory(ROOT.toFile()).redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.INHERIT).start();
        if (!process.waitFor(120, TimeUnit.SECONDS) || process.exitValue() != 0) {
            throw new IllegalStateException("failed: " + command);
        }
    }

    @Override
    public void close() throws IOException {
        kill();
    }
}
