package hingeyard.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A MariaDB of a test's own, which it may kill: started by the same script as the shop's. */
final class OwnDatabase implements AutoCloseable {

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private final Path folder;
    private final int port;

    private OwnDatabase(Path folder, int port) {
        this.folder = folder;
        this.port = port;
    }

    static OwnDatabase started(Path folder) throws IOException, InterruptedException {
        int port;
        try (java.net.ServerSocket free = new java.net.ServerSocket(0)) {
            port = free.getLocalPort();
        }
        OwnDatabase database = new OwnDatabase(folder.resolve("db"), port);
        // The server may run as a user of its own, who has to reach its folder.
        shell("chmod 755 '%s'".formatted(folder));
        database.start();
        shell("mariadb --no-defaults -uroot --socket='%s/run/m.sock' -e \"CREATE DATABASE hinge CHARACTER SET utf8mb4; CREATE USER yard@'127.0.0.1' IDENTIFIED BY 'test'; GRANT ALL ON hinge.* TO yard@'127.0.0.1';\"".formatted(database.folder));
        return database;
    }

    String url() {
        return "jdbc:mariadb://127.0.0.1:%d/hinge".formatted(port);
    }

    /** As a power cut would. */
    void kill() throws IOException {
        ProcessHandle server = ProcessHandle.of(Long.parseLong(Files.readString(folder.resolve("run/m.pid")).strip())).orElseThrow();
        server.destroyForcibly();
        server.onExit().join();
    }

    void start() throws IOException, InterruptedException {
        shell("HERE=%s; set -euo pipefail; . bin/common.sh; . bin/database.sh; server_run '%s' %d".formatted(ROOT, folder, port));
    }

    private static void shell(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(List.of("bash", "-c", command)).directory(ROOT.toFile()).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.INHERIT).start();
        if (!process.waitFor(120, TimeUnit.SECONDS) || process.exitValue() != 0) {
            throw new IllegalStateException("failed: " + command);
        }
    }

    @Override
    public void close() throws IOException {
        kill();
    }
}
