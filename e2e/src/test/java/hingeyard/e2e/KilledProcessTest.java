package hingeyard.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.TestDatabase;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The application is killed in the middle of bookings and ticks: what was confirmed is there, and a repeated command is not done twice. */
class KilledProcessTest {

    private static final long HUB_JOB = 407;

    @Test
    void losesNothingThatWasConfirmed() throws Exception {
        try (TestDatabase database = new TestDatabase()) {
            int port = freePort();
            String url = "http://127.0.0.1:" + port;
            Map<String, Long> booked = new ConcurrentHashMap<>();
            Map<String, String> sent = new ConcurrentHashMap<>();
            List<String> ticked = new CopyOnWriteArrayList<>();
            Process first = start(database, port);
            CountDownLatch enough = new CountDownLatch(25);
            ExecutorService threads = Executors.newFixedThreadPool(2);
            ShopClient orla = ShopClient.signedIn(url, "orla");
            ShopClient ned = ShopClient.signedIn(url, "ned");
            threads.submit(() -> bookUntilItDies(orla, booked, sent, enough));
            threads.submit(() -> tickUntilItDies(ned, ticked));
            assertThat(enough.await(60, TimeUnit.SECONDS)).as("bookings are confirmed").isTrue();
            first.destroyForcibly().waitFor();
            threads.shutdown();
            assertThat(threads.awaitTermination(30, TimeUnit.SECONDS)).isTrue();

            Process second = start(database, port);
            try {
                ShopClient again = ShopClient.signedIn(url, "orla");
                booked.forEach((key, number) -> assertThat(again.get("/api/jobs/" + number).body().path("job").path("bike").asString())
                        .isEqualTo(key));
                // Whatever was under way when it died can be sent again with its key: one job for each, none twice.
                sent.forEach((key, asked) -> assertThat(again.post("/api/jobs", asked, key).status()).isIn(200, 201));
                JsonNode all = again.get("/api/yard").body().path("bikes");
                List<String> names = all.valueStream().map(b -> b.path("job").path("bike").asString()).filter(sent::containsKey).toList();
                assertThat(names).containsExactlyInAnyOrderElementsOf(sent.keySet());
                assertThat(ticked).isNotEmpty();
                JsonNode steps = again.get("/api/jobs/%d/steps/now".formatted(HUB_JOB)).body().path("steps");
                for (JsonNode step : steps) {
                    if (ticked.contains(step.path("key").asString())) {
                        assertThat(step.path("state").asString()).isIn("DONE", "INSPECTED");
                    }
                }
            } finally {
                second.destroyForcibly().waitFor();
            }
        }
    }

    private static void bookUntilItDies(ShopClient orla, Map<String, Long> booked, Map<String, String> sent, CountDownLatch enough) {
        try {
            for (int i = 0; i < 10_000; i++) {
                String key = "kill-" + i;
                String asked = ShopClient.booking(key);
                sent.put(key, asked);
                Answer answer = orla.post("/api/jobs", asked, key);
                booked.put(key, answer.body().path("number").asLong());
                enough.countDown();
            }
        } catch (UncheckedIOException dead) {
            // This is the kill.
        }
    }

    private static void tickUntilItDies(ShopClient ned, List<String> ticked) {
        try {
            for (String key : List.of("torque-arm", "axle-nuts", "grips-off", "bars")) {
                ned.step(HUB_JOB, key, "start", "{}");
                String figures = "{\"figures\":{\"arm-torque\":5,\"nut-left\":45,\"nut-right\":45}}";
                if (ned.step(HUB_JOB, key, "tick", figures).status() == 200) {
                    ticked.add(key);
                }
            }
        } catch (UncheckedIOException dead) {
            // This is the kill.
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Starts the application as a process of its own and waits for its own word that it listens. */
    private static Process start(TestDatabase database, int port) throws IOException {
        ProcessBuilder command = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                System.getProperty("java.class.path"), "hingeyard.app.HingeYard", "--spring.profiles.active=demo", "--server.port=" + port,
                "--logging.level.org.springframework.boot=INFO");
        command.environment().putAll(database.environment());
        Process process = command.redirectErrorStream(true).start();
        BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            said.append(line).append('\n');
            if (line.contains("ready for the shop")) {
                Thread reader = new Thread(() -> out.lines().forEach(l -> {
                }));
                reader.setDaemon(true);
                reader.start();
                return process;
            }
        }
        throw new IllegalStateException("the application did not start:\n" + said);
    }
}
