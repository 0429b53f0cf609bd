package hingeyard.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Tracing;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands a test people with a browser each. When the test fails, every browser leaves a picture and a trace in target/failures. */
public final class Browsers implements ParameterResolver, AfterEachCallback {

    private static final ExtensionContext.Namespace NS = ExtensionContext.Namespace.create(Browsers.class);
    static final List<String> ARGUMENTS = List.of("--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run",
            "--disable-background-networking", "--disable-component-update", "--disable-sync");
    /** As long as a page may take on a machine that does other things besides; what comes sooner is not waited for. */
    private static final int PATIENCE_MS = 30_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    /** One Chromium for the whole run. */
    private static final class Chromium implements AutoCloseable {

        private final Playwright playwright = Playwright.create(new Playwright.CreateOptions()
                .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        private final Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions().setHeadless(true)
                .setExecutablePath(Path.of("/usr/bin/chromium")).setArgs(ARGUMENTS));

        @Override
        public void close() {
            playwright.close();
        }
    }

    /** The people of one test. */
    public static final class People {

        private final Chromium chromium;
        private final List<Page> pages = new ArrayList<>();

        private People(Chromium chromium) {
            this.chromium = chromium;
        }

        /** A browser of their own, 1280 × 800, at the sign-in. */
        public Page stranger(String url) {
            return stranger(url, 1280, 800);
        }

        public Page stranger(String url, int width, int height) {
            // What a browser keeps of the page would answer in place of the server, and past the tests' own hands on the network.
            return stranger(url,
                    new Browser.NewContextOptions().setViewportSize(width, height).setServiceWorkers(ServiceWorkerPolicy.BLOCK));
        }

        private Page stranger(String url, Browser.NewContextOptions options) {
            BrowserContext context = chromium.browser.newContext(options.setBaseURL(url));
            context.tracing().start(new Tracing.StartOptions().setScreenshots(true).setSnapshots(true));
            Page page = context.newPage();
            pages.add(page);
            page.navigate("/");
            return page;
        }

        /** Somebody of the demo, signed in and in the yard. */
        public Page signedIn(String url, String username) {
            Page page = stranger(url);
            signIn(page, username);
            return page;
        }

        /** The same on a tablet that keeps the page, so that it can be loaded anew without a network. */
        public Page atTablet(String url, String username) {
            Page page = stranger(url, new Browser.NewContextOptions().setViewportSize(1280, 800));
            signIn(page, username);
            page.waitForFunction(
                    "async () => (await (await caches.open('yard-shell')).keys()).length > 2 && navigator.serviceWorker.controller !== null");
            return page;
        }

        /**
         * What the screen last said was done. A screen reader's copy of the same words stands beside it for a moment: words alone find
         * both.
         */
        public static Locator told(Page page) {
            return page.locator("[data-toast=done] > div").last();
        }

        public static void signIn(Page page, String username) {
            page.getByLabel("Name").fill(username);
            page.getByLabel("Password").fill("wharf-" + username);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in")).click();
            page.locator("[data-bike]").first().waitFor();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == People.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        Chromium chromium = context.getRoot().getStore(NS).getOrComputeIfAbsent(Chromium.class, k -> new Chromium(), Chromium.class);
        People people = new People(chromium);
        context.getStore(NS).put(People.class, people);
        return people;
    }

    @Override
    public void afterEach(ExtensionContext context) {
        People people = context.getStore(NS).get(People.class, People.class);
        if (people == null) {
            return;
        }
        boolean failed = context.getExecutionException().isPresent();
        for (int i = 0; i < people.pages.size(); i++) {
            Page page = people.pages.get(i);
            if (failed) {
                Path folder = Path.of("target", "failures",
                        context.getRequiredTestClass().getSimpleName() + "." + context.getRequiredTestMethod().getName());
                page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve("browser-" + i + ".png")));
                page.context().tracing().stop(new Tracing.StopOptions().setPath(folder.resolve("browser-" + i + "-trace.zip")));
            }
            page.context().close();
        }
    }
}
