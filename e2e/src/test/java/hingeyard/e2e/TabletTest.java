package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.HingeYard;
import hingeyard.app.ShopClient;
import hingeyard.app.TestDatabase;
import hingeyard.e2e.Browsers.People;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * A tablet is another machine, on a cable to the one the application runs on: what it reaches, how it comes to trust the shop, how it is
 * paired, what becomes of the work while the cable is pulled, and what a lost one opens.
 */
@ExtendWith(Browsers.class)
class TabletTest {

    private static final int STAND = 5;
    private static final String PIN = "482915";
    /** A line that was cut is noticed by its silence, after three quarters of a minute; what hung on it goes out then. */
    private static final double UNTIL_NOTICED_MS = 100_000;
    @TempDir
    private static Path folder;
    private static Optional<OtherHost> host = Optional.empty();
    private static TestDatabase database;
    private static ConfigurableApplicationContext app;
    private static String url;
    private static String tlsUrl;
    private static String rootUrl;

    private static int freePort(String address) throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getByName(address))) {
            return socket.getLocalPort();
        }
    }

    @BeforeAll
    static void start() throws Exception {
        host = OtherHost.made();
        if (host.isEmpty()) {
            return;
        }
        String here = host.get().here();
        int tls = freePort(here);
        int root = freePort(here);
        tlsUrl = "https://%s:%d".formatted(here, tls);
        rootUrl = "http://%s:%d".formatted(here, root);
        assertThat(yardTls(here)).contains("SHA-256 of the root");
        database = new TestDatabase();
        app = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                .run(database.arguments("--server.port=0", "--yard.data=" + folder,
                        "--yard.network.bind=" + here, "--yard.network.port=" + tls, "--yard.network.root-port=" + root));
        url = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
    }

    private static String yardTls(String address) throws Exception {
        return yardTls(folder, Map.of("YARD_BIND", address), "tls");
    }

    private static String yardTls(Path data, Map<String, String> set, String... words) throws Exception {
        List<String> command = new ArrayList<>(List.of("bash", Path.of("..", "yard").toAbsolutePath().normalize().toString()));
        command.addAll(List.of(words));
        ProcessBuilder yard = new ProcessBuilder(command).redirectErrorStream(true);
        yard.environment().put("YARD_DATA", data.toString());
        yard.environment().putAll(set);
        Process process = yard.start();
        process.getOutputStream().close();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    @AfterAll
    static void stop() {
        if (app != null) {
            app.close();
            database.close();
        }
        host.ifPresent(OtherHost::close);
    }

    private static BrowserContext browser(Playwright playwright, Path home) throws IOException {
        return playwright.chromium().launchPersistentContext(home.resolve("profile"),
                new BrowserType.LaunchPersistentContextOptions().setHeadless(true).setViewportSize(1280, 800).setAcceptDownloads(true)
                        .setExecutablePath(host.orElseThrow().program(folder, "/usr/bin/chromium", home)).setArgs(Browsers.ARGUMENTS));
    }

    /** As the tablet's settings do it. */
    private static void install(Path home, Path root) throws Exception {
        Path store = Files.createDirectories(home.resolve(".pki/nssdb"));
        for (List<String> step : List.of(List.of("-N", "--empty-password"),
                List.of("-A", "-n", "the shop", "-t", "C,,", "-i", root.toString()))) {
            List<String> command = new ArrayList<>(List.of("certutil", "-d", "sql:" + store));
            command.addAll(step);
            Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(process.waitFor()).as(said).isZero();
        }
    }

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first().click();
    }

    private static Locator step(Page page, String key, String state) {
        return page.locator("[data-step='%s'][data-state='%s']".formatted(key, state));
    }

    private static long onAStand(ShopClient orla) {
        long job = orla.book("On the wall");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        orla.place(job, "STAND", STAND);
        return job;
    }

    private static long happened(ShopClient orla, long job, String key, String what) {
        return orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream()
                .filter(h -> h.path("step").asString().equals(key) && h.path("what").asString().equals(what)).count();
    }

    /** From over there: the data only over TLS, in plain only the root's page, and the machine's own address not at all. */
    private static void whatIsReached() {
        String code = "%{http_code}";
        String root = folder.resolve("tls/root.crt").toString();
        OtherHost tablet = host.orElseThrow();
        assertThat(tablet.says("curl", "-s", "-o", "/dev/null", "-w", code, "--cacert", root, tlsUrl + "/api/yard")).isEqualTo("401");
        assertThat(tablet.says("curl", "-s", tlsUrl + "/api/yard")).as("a certificate nobody knows").startsWith("failed");
        for (String path : List.of("/api/yard", "/api/session", "/", "/actuator/health")) {
            assertThat(tablet.says("curl", "-s", rootUrl + path)).as(path).contains("Let this tablet trust the shop");
        }
        assertThat(tablet.says("curl", "-s", "-o", "/dev/null", "-w", code, "-X", "POST", rootUrl + "/api/session")).isEqualTo("405");
        assertThat(tablet.says("curl", "-s", "-m", "3", url.replace("127.0.0.1", tablet.here()))).startsWith("failed");
    }

    /**
     * Made once; anew for other names, when asked, and thirty days before its end. The root stays, or every tablet would have to learn it.
     */
    @Test
    void theCertificateIsMadeAnewAndItsRootStays(@TempDir Path data) throws Exception {
        Assumptions.assumeTrue(host.isPresent(), "other hosts are made by this machine's administrator only");
        Map<String, String> set = Map.of("YARD_BIND", host.get().here());
        Path pem = data.resolve("tls/server.pem");
        yardTls(data, set, "tls");
        String root = Files.readString(data.resolve("tls/root.crt"));
        String first = Files.readString(pem);
        assertThat(Files.getPosixFilePermissions(pem)).as("the key is its owner's")
                .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
        yardTls(data, set, "tls");
        assertThat(pem).as("asked again").content().isEqualTo(first);
        Map<String, String> named = Map.of("YARD_BIND", host.get().here(), "YARD_NAMES", "yard.lan");
        assertThat(yardTls(data, named, "tls")).contains("https://yard.lan:");
        String second = Files.readString(pem);
        assertThat(second).as("another name").isNotEqualTo(first);
        yardTls(data, named, "tls", "renew");
        String third = Files.readString(pem);
        assertThat(third).as("asked for").isNotEqualTo(second);
        // One that ends in twenty days is made anew at the next look, as any that is near its end.
        Map<String, String> brief = Map.of("YARD_BIND", host.get().here(), "YARD_NAMES", "yard.lan", "TLS_LASTS_DAYS", "20");
        yardTls(data, brief, "tls", "renew");
        String near = Files.readString(pem);
        yardTls(data, named, "tls");
        assertThat(pem).as("near its end").content().isNotEqualTo(near);
        assertThat(data.resolve("tls/root.crt")).content().isEqualTo(root);
        assertThat(yardTls(data, Map.of("YARD_BIND", host.get().here(), "YARD_NAMES", "yard.org"), "tls")).contains("needs one of yours");
        // A certificate of the shop's own, with a key that is not its key.
        assertThat(yardTls(data, Map.of("YARD_BIND", host.get().here(), "YARD_CERT", data.resolve("tls/root.crt").toString(), "YARD_KEY",
                pem.toString()), "tls")).contains("is not the key of");
    }

    /** What is shown to whoever comes over the network, in hexadecimal digits. */
    private static String shownSerial() throws Exception {
        SSLContext anything = SSLContext.getInstance("TLS");
        anything.init(null, new TrustManager[]{new Anybody()}, null);
        String[] at = tlsUrl.replace("https://", "").split(":");
        try (SSLSocket socket = (SSLSocket) anything.getSocketFactory().createSocket(at[0], Integer.parseInt(at[1]))) {
            socket.startHandshake();
            return ((X509Certificate) socket.getSession().getPeerCertificates()[0]).getSerialNumber().toString(16);
        }
    }

    /** Looks at what it is shown and believes it. */
    private static final class Anybody extends X509ExtendedTrustManager {

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type) {
        }

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type) {
        }

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) {
        }

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) {
        }

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {
        }

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {
        }

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }

    @Test
    void aTabletOnTheWall(People people) throws Exception {
        Assumptions.assumeTrue(host.isPresent(), "other hosts are made by this machine's administrator only");
        whatIsReached();
        ShopClient orla = ShopClient.signedIn(url, "orla");
        long job = onAStand(orla);
        ShopClient.signedIn(url, "tova").put("/api/session/pin", "{\"password\":\"wharf-tova\",\"pin\":\"%s\"}".formatted(PIN));
        Page manager = people.signedIn(url, "orla");
        manager.navigate("/tablets");
        Locator network = manager.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Network"));
        assertThat(network).containsText(tlsUrl);

        Path home = Files.createDirectories(folder.resolve("home"));
        try (Playwright playwright = Playwright
                .create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            Path root;
            try (BrowserContext stranger = browser(playwright, Files.createDirectories(folder.resolve("new")))) {
                root = theRootIsFetched(stranger, network);
            }
            install(home, root);
            try (BrowserContext tablet = browser(playwright, home)) {
                Page wall = tablet.pages().get(0);
                isPaired(wall, manager);
                String before = shownSerial();
                yardTls(folder, Map.of("YARD_BIND", host.get().here()), "tls", "renew");
                worksThroughACutLine(wall, orla, job);
                assertThat(shownSerial()).as("the certificate was made anew while hands worked").isNotEqualTo(before);
                lostAndLetGo(wall, manager);
            }
        }
    }

    /** A tablet that has never seen the shop: it is warned, and comes to know the root by the page made for that. */
    private static Path theRootIsFetched(BrowserContext tablet, Locator network) throws IOException {
        Page page = tablet.pages().get(0);
        // In a page of its own: what it shows in place of the shop would come in the way of the next.
        Page warned = tablet.newPage();
        assertThatThrownBy(() -> warned.navigate(tlsUrl)).hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
        page.navigate(rootUrl);
        assertThat(Axe.faults(page)).as("the root's page").isEmpty();
        String fingerprint = page.locator("code").innerText();
        assertThat(network).containsText(fingerprint);
        Download download = page.waitForDownload(() -> page.getByText("Download certificate").click());
        Path root = folder.resolve("downloaded.crt");
        download.saveAs(root);
        assertThat(root).hasSameBinaryContentAs(folder.resolve("tls/root.crt"));
        return root;
    }

    private static void isPaired(Page wall, Page manager) throws IOException {
        press(manager, "Pair a tablet");
        manager.getByLabel("Where it hangs").selectOption(String.valueOf(STAND));
        press(manager, "Make a code");
        String code = manager.getByText(Pattern.compile("^[0-9A-Z]{4}-[0-9A-Z]{4}-[0-9A-Z]{4}$")).innerText();

        wall.navigate(tlsUrl);
        wall.getByText("Pair this tablet").click();
        wall.getByLabel("Code").fill(code.toLowerCase(Locale.ROOT));
        press(wall, "Pair tablet");
        assertThat(manager.getByText("Stand 5 is paired")).isVisible();
        press(manager, "Close");

        // A PIN is enough here, and the bike of this stand opens.
        press(wall, "Tova");
        assertThat(Axe.faults(wall)).as("sign-in by PIN").isEmpty();
        wall.getByLabel("PIN").fill(PIN);
        press(wall, "Sign in");
        assertThat(step(wall, "kit-check", "OPEN")).isVisible();
        wall.waitForFunction(
                "async () => (await (await caches.open('yard-shell')).keys()).length > 2 && navigator.serviceWorker.controller !== null");
        assertThat(wall.evaluate("isSecureContext")).isEqualTo(true);
        String cookies = wall.context().cookies(tlsUrl + "/api/session").stream().filter(c -> c.name.startsWith("YARD"))
                .map(c -> c.name + (c.secure ? " secure" : "") + (c.httpOnly ? " httpOnly" : "")).sorted().toList().toString();
        assertThat(cookies).isEqualTo("[YARD secure httpOnly, YARD-TABLET secure httpOnly]");
    }

    /** Nothing is broken off, nothing comes any more: hands go on, the page is loaded anew meanwhile, and all of it arrives once. */
    private static void worksThroughACutLine(Page wall, ShopClient orla, long job) {
        host.orElseThrow().pullTheCable();
        press(wall, "Start");
        assertThat(step(wall, "kit-check", "RUNNING")).isVisible(new LocatorAssertions.IsVisibleOptions()
                .setTimeout(UNTIL_NOTICED_MS));
        wall.reload();
        assertThat(step(wall, "kit-check", "RUNNING"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(UNTIL_NOTICED_MS));
        press(wall, "Done, next step");
        assertThat(wall.locator("[data-step='bench-power'][aria-current='step']")).isVisible();
        press(wall, "Start");
        for (String digit : List.of("3", "6")) {
            press(wall, digit);
        }
        press(wall, "Done, next step");
        assertThat(step(wall, "bench-power", "DONE")).isVisible();
        assertThat(wall.locator("[data-waiting='4']")).isVisible();
        assertThat(happened(orla, job, "kit-check", "started")).as("nothing has arrived").isZero();

        host.orElseThrow().putItBack();
        assertThat(wall.locator("[data-waiting]")).hasCount(0,
                new LocatorAssertions.HasCountOptions().setTimeout(UNTIL_NOTICED_MS));
        for (String key : List.of("kit-check", "bench-power")) {
            assertThat(happened(orla, job, key, "started")).isEqualTo(1);
            assertThat(happened(orla, job, key, "ticked")).isEqualTo(1);
        }
        assertThat(wall.locator("[data-turned]")).hasCount(0);
    }

    private static void lostAndLetGo(Page wall, Page manager) {
        manager.getByLabel("Remove Stand 5").click();
        manager.getByRole(AriaRole.DIALOG).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove")).click();
        assertThat(manager.getByText("None yet.")).isVisible();
        wall.reload();
        assertThat(wall.getByLabel("Password")).isVisible();
        assertThat(wall.getByText("Pair this tablet")).isVisible();
        assertThat(wall.getByText("Tova")).isHidden();
    }
}
