package hingeyard.benchmarks;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.demo.DemoPicture;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.NumberMeasure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** Opening a bike sheet of 80 measures and 12 photos, and the views around it, with 20,000 jobs in the database. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class BikeSheetBenchmark {

    private static final int JOBS = 20_000;
    private static final int MEASURES = 80;
    private static final int PHOTOS = 12;
    private static final int WARM_UP = 60;
    private static final int RUNS = 400;
    private static final int SCREENS = 4;

    @Test
    void views(RunningApp.App app) throws Exception {
        fill(app.bean(JdbcTemplate.class));
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Bench tourer");
        int measured = measure(orla, job);
        byte[] picture = new DemoPicture(BikeKind.DIAMOND, FrameSurvey.empty(), 5).bytes("jpg", "#2b5d8a");
        for (int i = 0; i < PHOTOS; i++) {
            orla.photo(job, "bike", "bench.jpg", picture);
        }
        System.out.printf("%d jobs, sheet with %d measures and %d photos; %d requests each over HTTP on loopback%n%n", JOBS, measured,
                PHOTOS, RUNS);
        System.out.println("| request | screens | median ms | p95 ms | p99 ms | worst ms | kB |");
        System.out.println("|---|---|---|---|---|---|---|");
        time(app, "bike sheet", "/api/jobs/" + job);
        time(app, "arrival sheet", "/api/jobs/" + job + "/arrival");
        time(app, "small photo", "/api/photos/1/small");
        time(app, "yard", "/api/yard");
        time(app, "find by name", "/api/find?text=guest%2019");
        time(app, "known customers", "/api/customers?text=guest%201999");
        time(app, "customers alike", "/api/customers/alike?name=Guset%2019999&contact=");
        time(app, "days for a booking", "/api/days?jobKind=DRIVE_KIT");
        time(app, "paper tag", "/api/jobs/" + job + "/tag.pdf");
    }

    private static int measure(ShopClient orla, long job) {
        int taken = 0;
        for (Measure m : MeasureCatalogue.of(BikeKind.DIAMOND)) {
            if (taken == MEASURES) {
                break;
            }
            String text = m instanceof LengthMeasure l ? l.usual().isEmpty() ? l.normal().middle().text() : l.usual().get(0).text()
                    : m instanceof NumberMeasure n ? n.scale().text(n.normalGreatest()) : ((ChoiceMeasure<?>) m).options().get(0).code();
            Answer answer = orla.post("/api/jobs/%d/measures/%s".formatted(job, m.key()),
                    "{\"text\":\"%s\",\"tool\":\"%s\",\"seen\":0,\"sure\":true}".formatted(text, m.tool()));
            if (answer.status() != 200) {
                throw new IllegalStateException(m.key() + ": " + answer);
            }
            taken++;
        }
        return taken;
    }

    /** Jobs of years: collected, each with a customer, a bike, some readings and a checked arrival. */
    private static void fill(JdbcTemplate jdbc) {
        jdbc.execute(
                "INSERT INTO customer (name, contact, name_key, contact_key) SELECT CONCAT('Guest ', seq), CONCAT('guest-ext ', seq), CONCAT('guest ', seq), CONCAT('guestext', seq) "
                        + "FROM seq_1_to_" + JOBS);
        jdbc.execute(
                "INSERT INTO bike (customer_id, kind, name, size, frame_number, paint) SELECT id, 'DIAMOND', CONCAT('Bench roadster ', id % 90), '56', CONCAT('BN-', id), '#5a646b' "
                        + "FROM customer WHERE name LIKE 'Guest %'");
        jdbc.execute(
                "INSERT INTO job (bike_id, wish, arrives_on, place, version, job_kind) SELECT id, 'long ago', '2024-01-15', 'GONE', 0, 'MID_DRIVE' FROM bike WHERE name LIKE 'Bench %'");
        jdbc.execute("INSERT INTO measure_reading (bike_id, measure_key, value_um, plus_minus_um, tool, entered, taken_by, taken_at) "
                + "SELECT b.id, k.measure_key, 445000, 1000, 'TAPE', '445', 'Tova', '2024-01-15' FROM bike b JOIN "
                + "(SELECT 'rear.chainstay' measure_key UNION SELECT 'bracket.height' UNION SELECT 'triangle.seat-tube' UNION SELECT 'triangle.down-tube' UNION SELECT 'front.wheelbase' "
                + "UNION SELECT 'rear.bead-seat' UNION SELECT 'front.bead-seat' UNION SELECT 'rear.tyre-width') k WHERE b.name LIKE 'Bench %'");
        jdbc.execute(
                "INSERT INTO condition_found (job_id, point_key, grade, note, found_by, found_at) SELECT j.id, 'tyres', 'GOOD', '', 'Ned', '2024-01-15' FROM job j WHERE j.wish = 'long ago'");
    }

    private static void time(RunningApp.App app, String name, String path) throws Exception {
        row(name, 1, measure(app, path, 1), size(app, path));
        if (name.equals("bike sheet") || name.equals("yard")) {
            row(name, SCREENS, measure(app, path, SCREENS), size(app, path));
        }
    }

    private static int size(RunningApp.App app, String path) {
        return ShopClient.signedIn(app.url(), "orla").bytes(path).body().length / 1024;
    }

    private static long[] measure(RunningApp.App app, String path, int screens) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(screens);
        List<Callable<long[]>> work = new ArrayList<>();
        for (int s = 0; s < screens; s++) {
            ShopClient client = ShopClient.signedIn(app.url(), "orla");
            Supplier<Integer> ask = () -> client.bytes(path).statusCode();
            work.add(() -> {
                long[] nanos = new long[RUNS / screens];
                for (int i = -WARM_UP / screens; i < nanos.length; i++) {
                    long from = System.nanoTime();
                    int status = ask.get();
                    if (status != 200) {
                        throw new IllegalStateException(path + " answers " + status);
                    }
                    if (i >= 0) {
                        nanos[i] = System.nanoTime() - from;
                    }
                }
                return nanos;
            });
        }
        List<long[]> all = new ArrayList<>();
        for (Future<long[]> done : pool.invokeAll(work)) {
            all.add(done.get());
        }
        pool.shutdown();
        return all.stream().flatMapToLong(Arrays::stream).sorted().toArray();
    }

    private static void row(String name, int screens, long[] sorted, int kilobytes) {
        System.out.printf("| %s | %d | %.1f | %.1f | %.1f | %.1f | %d |%n", name, screens, ms(sorted, 0.5), ms(sorted, 0.95),
                ms(sorted, 0.99), sorted[sorted.length - 1] / 1e6, kilobytes);
    }

    private static double ms(long[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(sorted.length * share))] / 1e6;
    }
}
