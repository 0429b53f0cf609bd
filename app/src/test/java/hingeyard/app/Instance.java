package hingeyard.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The application with the demo's shop as a process of its own, which a test may kill. */
public final class Instance implements AutoCloseable {

    private final int port;
    private final List<String> arguments;
    private Process process;

    private Instance(List<String> arguments) throws IOException {
        this.arguments = arguments;
        this.port = freePort();
    }

    /** @param arguments where its database is and how it signs in there */
    public static Instance started(String... arguments) throws IOException {
        Instance instance = new Instance(List.of(arguments));
        instance.start();
        return instance;
    }

    public String url() {
        return "http://127.0.0.1:" + port;
    }

    /** As a power cut would. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** @param name of the signal: STOP, CONT */
    public void signal(String name) throws IOException, InterruptedException {
        new ProcessBuilder("bash", "-c", "kill -%s %d".formatted(name, process.pid())).start().waitFor();
    }

    /** Starts it, at the port it had, and waits for its own word that it listens. */
    public void start() throws IOException {
        List<String> command = new ArrayList<>(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx768m", "-cp", System.getProperty("java.class.path"),
                HingeYard.class.getName(), "--spring.profiles.active=demo"));
        command.addAll(arguments);
        command.removeIf(a -> a.startsWith("--server.port"));
        command.add("--server.port=" + port);
        process = new ProcessBuilder(command).redirectErrorStream(true).start();
        BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            said.append(line).append('\n');
            if (line.contains("ready for the shop")) {
                Thread reader = new Thread(() -> {
                    try (Stream<String> rest = out.lines()) {
                        rest.forEach(l -> {
                        });
                    } catch (UncheckedIOException killed) {
                        // Its end is the campaign's doing.
                    }
                });
                reader.setDaemon(true);
                reader.start();
                return;
            }
        }
        throw new IllegalStateException("the application did not start:\n" + said);
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}
