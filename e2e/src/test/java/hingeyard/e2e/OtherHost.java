package hingeyard.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Another machine: a network namespace with an address of its own, on a cable to this one that can be pulled. What runs there reaches of
 * this machine what listens on {@link #here()}, and nothing else.
 */
final class OtherHost implements AutoCloseable {

    private static final String REST = "/24";
    private final String name;
    private final String net;

    private OtherHost(String name, String net) {
        this.name = name;
        this.net = net;
    }

    /** Empty where this machine lets nobody make one: that takes its administrator. */
    static Optional<OtherHost> made() {
        long pid = ProcessHandle.current().pid();
        OtherHost host = new OtherHost("yard" + pid % 100_000, "10.83.%d".formatted(1 + pid % 250));
        if (!tries("ip", "netns", "add", host.name)) {
            return Optional.empty();
        }
        Runtime.getRuntime().addShutdownHook(new Thread(host::close));
        try {
            host.wire();
            return Optional.of(host);
        } catch (IllegalStateException refused) {
            host.close();
            return Optional.empty();
        }
    }

    private void wire() {
        run("ip", "link", "add", cable(), "type", "veth", "peer", "name", "eth0", "netns", name);
        run("ip", "address", "add", here() + REST, "dev", cable());
        run("ip", "link", "set", cable(), "up");
        run("ip", "-n", name, "address", "add", net + ".2" + REST, "dev", "eth0");
        run("ip", "-n", name, "link", "set", "eth0", "up");
        run("ip", "-n", name, "link", "set", "lo", "up");
    }

    private String cable() {
        return name + "v";
    }

    /** This machine's address on the cable. */
    String here() {
        return net + ".1";
    }

    /** Pulled on this side, as behind a switch: over there nothing is broken off, nothing comes any more. */
    void pullTheCable() {
        run("ip", "link", "set", cable(), "down");
    }

    void putItBack() {
        run("ip", "link", "set", cable(), "up");
    }

    /** A program that runs another there, for whoever takes the path of a program. @param home a folder of its own */
    Path program(Path folder, String program, Path home) throws IOException {
        Path script = folder.resolve("over-there-" + home.getFileName());
        Files.writeString(script, "#!/bin/sh\nexec ip netns exec %s env HOME='%s' %s \"$@\"\n".formatted(name, home, program));
        return Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
    }

    /** What a command there says, whatever becomes of it. */
    String says(String... command) {
        List<String> there = new ArrayList<>(List.of("ip", "netns", "exec", name));
        there.addAll(List.of(command));
        return said(there);
    }

    private static String said(List<String> command) {
        try {
            Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
            process.getOutputStream().close();
            String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return Map.of(0, text).getOrDefault(process.waitFor(), "failed: " + text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static boolean tries(String... command) {
        try {
            return !said(List.of(command)).startsWith("failed: ");
        } catch (UncheckedIOException notThere) {
            return false;
        }
    }

    private static void run(String... command) {
        String said = said(List.of(command));
        if (said.startsWith("failed: ")) {
            throw new IllegalStateException(String.join(" ", command) + ": " + said);
        }
    }

    @Override
    public void close() {
        // With the namespace goes its end of the cable, and with that the other.
        tries("ip", "netns", "delete", name);
    }
}
