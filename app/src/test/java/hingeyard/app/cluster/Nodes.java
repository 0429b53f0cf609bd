package hingeyard.app.cluster;

import hingeyard.app.TestDatabase;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * Three machines with a node of one cluster each, as {@code config/cluster.cnf} says: network namespaces on a switch, with cables that can
 * be
 * pulled. Nodes are counted from 1.
 */
final class Nodes implements AutoCloseable {

    static final int COUNT = 3;
    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final long LONGEST_NS = TimeUnit.MINUTES.toNanos(5);
    private static final long LOOK_EVERY_NS = TimeUnit.MILLISECONDS.toNanos(100);

    private final Path folder;
    private final String mark = String.valueOf(ProcessHandle.current().pid() % 100_000);
    private final String net = "10.84.%d.".formatted(1 + ProcessHandle.current().pid() % 250);

    private Nodes(Path folder) {
        this.folder = folder;
    }

    /** Empty where this machine lets nobody make networks: that takes its administrator. */
    static Optional<Nodes> started(Path folder) throws IOException, InterruptedException {
        Nodes nodes = new Nodes(folder);
        if (!nodes.wired()) {
            return Optional.empty();
        }
        Runtime.getRuntime().addShutdownHook(new Thread(nodes::close));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        nodes.start(1, "--wsrep-new-cluster");
        nodes.start(2);
        nodes.start(3);
        nodes.asAdministrator(1, "CREATE DATABASE hinge CHARACTER SET utf8mb4; CREATE USER yard@'%' IDENTIFIED BY 'test'; "
                + "GRANT ALL ON hinge.* TO yard@'%'; GRANT REPLICATION CLIENT, REPLICATION MASTER ADMIN ON *.* TO yard@'%';");
        return Optional.of(nodes);
    }

    private boolean wired() throws IOException, InterruptedException {
        if (sh("ip netns add %s".formatted(space(1))) != 0) {
            return false;
        }
        List<String> commands = new ArrayList<>(List.of("ip link add %s type bridge".formatted(bridge()),
                "ip address add %s1/24 dev %s".formatted(net, bridge()), "ip link set %s up".formatted(bridge())));
        for (int node = 1; node <= COUNT; node++) {
            if (node > 1) {
                commands.add("ip netns add " + space(node));
            }
            commands.addAll(List.of("ip link add %s type veth peer name eth0 netns %s".formatted(cable(node), space(node)),
                    "ip link set %s master %s".formatted(cable(node), bridge()), "ip link set %s up".formatted(cable(node)),
                    "ip -n %s address add %s/24 dev eth0".formatted(space(node), address(node)),
                    "ip -n %s link set eth0 up".formatted(space(node)), "ip -n %s link set lo up".formatted(space(node))));
        }
        if (sh(String.join(" && ", commands)) != 0) {
            close();
            return false;
        }
        return true;
    }

    private String bridge() {
        return "yb" + mark;
    }

    private String cable(int node) {
        return "yc%d-%s".formatted(node, mark);
    }

    private String space(int node) {
        return "yardnode%d-%s".formatted(node, mark);
    }

    private String address(int node) {
        return net + (10 + node);
    }

    private Path home(int node) {
        return folder.resolve("node" + node);
    }

    /**
     * Started again after a power cut: it is told how far it had come, as the operating system's service tells it, so that it is given what
     * it
     * missed and not everything anew.
     */
    void startAgain(int node) throws IOException, InterruptedException {
        Path db = home(node).resolve("db");
        must("""
                export HERE='%s' YARD_DATA='%s'; set -euo pipefail; . bin/common.sh; . bin/database.sh; cd '%s'
                $MARIADBD --no-defaults --user=$(server_user "$PWD") --datadir="$PWD/data" --tmpdir="$PWD/tmp" --socket="$PWD/run/r.sock" \
                  --pid-file="$PWD/run/r.pid" %s --wsrep-recover >recover.log 2>&1
                grep -o 'Recovered position: *[^ ,]*' recover.log | tail -1 | grep -o '[^ ]*$' >position"""
                .formatted(ROOT, home(node), db, options(node)));
        start(node, "--wsrep-start-position=" + Files.readString(db.resolve("position")).strip());
    }

    private String options(int node, String... more) throws IOException {
        return Stream.concat(settings(node).stream(), Stream.of(more)).map(o -> "'" + o + "'").collect(Collectors.joining(" "));
    }

    /** Started as the shop's own server is, over there. */
    void start(int node, String... more) throws IOException, InterruptedException {
        Path programs = Files.createDirectories(home(node).resolve("programs"));
        Path server = programs.resolve("mariadbd");
        Files.writeString(server, "#!/bin/sh\nexec ip netns exec %s /usr/sbin/mariadbd \"$@\"\n".formatted(space(node)));
        Files.setPosixFilePermissions(server, PosixFilePermissions.fromString("rwxr-xr-x"));
        String options = options(node, more);
        must("export HERE='%s' YARD_DATA='%s' PATH='%s':$PATH; set -euo pipefail; . bin/common.sh; . bin/database.sh; server_run '%s' 3306 %s"
                .formatted(ROOT, home(node), programs, home(node).resolve("db"), options));
    }

    /** The file a chain of shops puts on its machines, with these addresses. */
    private List<String> settings(int node) throws IOException {
        String addresses = IntStream.rangeClosed(1, COUNT).mapToObj(this::address).collect(Collectors.joining(","));
        return Files.readAllLines(ROOT.resolve("config/cluster.cnf")).stream().filter(l -> l.contains("=") && !l.startsWith("#"))
                .map(l -> l.split("=", 2)).map(l -> "--%s=%s".formatted(l[0].strip().replace('_', '-'), l[1].strip().replace("\"", "")
                        .replace("NODE1,NODE2,NODE3", addresses).replace("THIS_NODE", address(node))))
                .toList();
    }

    /** How an instance finds them: this one first, then the others in their order. */
    String url(int first) {
        List<Integer> order = new ArrayList<>(IntStream.rangeClosed(1, COUNT).boxed().toList());
        Collections.rotate(order, 1 - first);
        return "jdbc:mariadb:sequential://%s/hinge"
                .formatted(order.stream().map(n -> address(n) + ":3306").collect(Collectors.joining(",")));
    }

    /** One node alone. */
    JdbcTemplate of(int node) {
        return new JdbcTemplate(new DriverManagerDataSource("jdbc:mariadb://%s:3306/hinge".formatted(address(node)), "yard", "test"));
    }

    String[] arguments(int first) {
        return new String[]{"--server.port=0", "--spring.datasource.url=" + url(first), "--spring.datasource.username=yard",
            "--spring.datasource.password=test", "--spring.flyway.user=yard", "--spring.flyway.password=test",
            "--yard.history.key=" + TestDatabase.HISTORY_KEY, "--yard.history.seal=true"};
    }

    /** As behind a switch: over there nothing is broken off, nothing comes any more. */
    void pullTheCable(int node) throws IOException, InterruptedException {
        must("ip link set %s down".formatted(cable(node)));
    }

    void putItBack(int node) throws IOException, InterruptedException {
        must("ip link set %s up".formatted(cable(node)));
    }

    /** As a power cut would. */
    void kill(int node) throws IOException {
        ProcessHandle.of(Long.parseLong(Files.readString(home(node).resolve("db/run/m.pid")).strip())).ifPresent(server -> {
            server.destroyForcibly();
            // Bounded: where nobody collects dead processes, one that is gone still has its number.
            server.onExit().completeOnTimeout(server, 30, TimeUnit.SECONDS).join();
        });
    }

    /** Until every node has all that was written, and knows of all the others. */
    void awaitWhole() throws IOException, InterruptedException {
        long end = System.nanoTime() + LONGEST_NS;
        for (int node = 1; node <= COUNT; node++) {
            while (!whole(node)) {
                if (System.nanoTime() > end) {
                    throw new IllegalStateException("node %d does not come back; its log: %s".formatted(node, home(node)));
                }
                LockSupport.parkNanos(LOOK_EVERY_NS);
            }
        }
    }

    private boolean whole(int node) throws IOException, InterruptedException {
        return sh(
                "mariadb --no-defaults -N --socket='%s/db/run/m.sock' -e \"SHOW STATUS WHERE Variable_name = 'wsrep_local_state_comment' AND Value = 'Synced' OR Variable_name = 'wsrep_cluster_size' AND Value = %d\" | wc -l | grep -qx 2"
                        .formatted(home(node), COUNT)) == 0;
    }

    private void asAdministrator(int node, String sql) throws IOException, InterruptedException {
        must("mariadb --no-defaults --socket='%s/db/run/m.sock' -e \"%s\"".formatted(home(node), sql));
    }

    private static void must(String command) throws IOException, InterruptedException {
        if (sh(command) != 0) {
            throw new IllegalStateException("failed: " + command);
        }
    }

    private static int sh(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("bash", "-c", command).directory(ROOT.toFile()).redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
        process.getOutputStream().close();
        if (!process.waitFor(5, TimeUnit.MINUTES)) {
            process.destroyForcibly();
            return -1;
        }
        return process.exitValue();
    }

    @Override
    public void close() {
        try {
            for (int node = 1; node <= COUNT; node++) {
                if (Files.exists(home(node).resolve("db/run/m.pid"))) {
                    kill(node);
                }
                // With the namespace goes its end of the cable, and with that the other.
                sh("ip netns delete %s; ip link delete %s".formatted(space(node), cable(node)));
            }
            sh("ip link delete " + bridge());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
