package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import hingeyard.app.HingeYard;
import hingeyard.app.TestDatabase;
import hingeyard.core.GivenKits;
import hingeyard.e2e.Browsers.People;
import java.io.IOException;
import java.util.Arrays;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** From an empty shop to its first bike on a stand by the interface alone, every click and key counted. */
@ExtendWith(Browsers.class)
class OwnShopTest {

    private static final String CODE = "K7PQ-R4XM-29AB";
    private static TestDatabase database;
    private static ConfigurableApplicationContext app;
    private static String url;

    @BeforeAll
    static void start() {
        database = new TestDatabase();
        app = new SpringApplicationBuilder(HingeYard.class).profiles("shop")
                .run(database.arguments("--server.port=0", "--yard.opening.code=" + CODE));
        url = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
    }

    @AfterAll
    static void stop() {
        app.close();
        database.close();
    }

    /**
     * Somebody's hands: what they click and type, and how long that takes by the keystroke-level model (a key of an average typist 0.28 s,
     * pointing 1.1 s, making up one's mind before each 1.35 s).
     */
    private static final class Hands {

        private static final double KEY = 0.28;
        private static final double POINT = 1.1;
        private static final double MIND = 1.35;
        private final Page page;
        private int clicks;
        private int keys;
        private int minds;

        Hands(Page page) {
            this.page = page;
        }

        void click(Locator what) {
            clicks++;
            minds++;
            what.click();
        }

        void click(String button) {
            click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true)));
        }

        void link(String name) {
            click(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).first());
        }

        /** Into a field that has the focus, or is gone to by a click. */
        void type(Locator field, String text) {
            clicks++;
            minds++;
            keys += text.length();
            field.fill(text);
        }

        void type(String label, String text) {
            type(page.getByLabel(label).first(), text);
        }

        void choose(String label, String option) {
            clicks += 2;
            minds++;
            page.getByLabel(label).selectOption(new SelectOption().setLabel(option));
        }

        void press(String key) {
            keys++;
            minds++;
            page.keyboard().press(key);
        }

        double seconds() {
            return keys * KEY + clicks * POINT + minds * MIND;
        }

        @Override
        public String toString() {
            return "%d clicks, %d keys, %.0f s".formatted(clicks, keys, seconds());
        }
    }

    @Test
    void fromAnEmptyShopToTheFirstBikeOnAStand(People people) throws IOException {
        Hands selma = new Hands(people.stranger(url));
        open(selma);
        prepare(selma);
        Hands jon = new Hands(people.stranger(url));
        secondPerson(selma, jon);
        String job = book(selma);
        org.assertj.core.api.Assertions.assertThat(job).as("the shop's first").isEqualTo("1");
        arrive(selma, job);
        measure(selma, job);
        selma.page.navigate("/jobs/" + job + "/hinge");
        selma.click(selma.page.locator("tr[data-kit='EX-FRONT']").getByRole(AriaRole.LINK));
        // No box lies on the shelf of a shop that has just begun: the job waits for what is ordered.
        selma.click(selma.page.getByLabel("The job waits for what is short"));
        selma.click("Make the bill");
        assertThat(selma.page.getByText("Bill of materials, revision A")).isVisible();
        selma.press("y");
        move(selma, job, "1");
        assertThat(jon.page.getByLabel("Stand 1").locator("[data-bike='" + job + "']")).isVisible();
        System.out.printf("own shop: manager %s; second person %s%n", selma, jon);
        org.assertj.core.api.Assertions.assertThat(selma.seconds() + jon.seconds()).as("%s, %s", selma, jon).isLessThan(600);
    }

    private static void withoutFault(Page page) throws IOException {
        org.assertj.core.api.Assertions.assertThat(Axe.faults(page)).as(page.url()).isEmpty();
    }

    private static void open(Hands selma) throws IOException {
        Page page = selma.page;
        assertThat(page.getByText("Open your shop")).isVisible();
        selma.type("Name of the shop", "Long Wharf Cycles");
        selma.click("Open the shop");
        // Nothing is lost by what was forgotten, and each is told at its field.
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("the code that ./yard open printed")))
                .isVisible();
        withoutFault(page);
        selma.type("Code", CODE);
        selma.type("Address", "Shed 2\nLong Wharf");
        selma.type("Your name", "Selma R.");
        selma.type("Name to sign in with", "selma");
        selma.type("Password", "four small brass bells");
        assertThat(page.getByLabel("The head of your papers")).containsText("Long Wharf Cycles");
        selma.click("Open the shop");
        assertThat(page.getByLabel("Before the first bike")).containsText("A bike would stop at 4 of these 5");
        assertThat(page.getByText("demo: made up")).isHidden();
        withoutFault(page);
    }

    private static void prepare(Hands selma) {
        selma.click("Bring the example kits");
        selma.click("Bring the starter parts");
        selma.link("Torque wrenches");
        selma.click("Add a wrench");
        Locator dialog = selma.page.getByRole(AriaRole.DIALOG);
        selma.type(dialog.getByLabel("Mark"), "W1");
        selma.type(dialog.getByLabel("Name"), "Click wrench");
        selma.type(dialog.getByLabel("Calibrated on"), "2026-10-01");
        selma.type(dialog.getByLabel("Due again on"), "2099-10-01");
        selma.click(dialog.locator("button[type=submit]"));
        assertThat(selma.page.locator("[data-wrench=W1]")).isVisible();
        selma.press("y");
        assertThat(selma.page.getByLabel("Before the first bike")).containsText("A bike would stop at 1 of these");
    }

    private static void secondPerson(Hands selma, Hands jon) throws IOException {
        selma.link("A second person");
        selma.click("Add somebody");
        selma.type(selma.page.getByLabel("Somebody new").getByLabel("Name").first(), "Jon Ötter");
        assertThat(selma.page.getByLabel("Name to sign in with")).hasValue("jon");
        withoutFault(selma.page);
        selma.click("Add and make a code");
        Locator dialog = selma.page.getByRole(AriaRole.DIALOG);
        String code = dialog.getByText(Pattern.compile("^[0-9A-Z]{4}-[0-9A-Z]{4}-[0-9A-Z]{4}$")).textContent();
        withoutFault(selma.page);
        selma.click("I have handed it over");
        assertThat(selma.page.getByLabel("Accounts")).containsText("a code counts until");
        assertThat(selma.page.getByLabel("People").first()).containsText("Jon Ötter");

        jon.link("use it");
        jon.type("Name you sign in with", "jon");
        jon.type("Code", code.toLowerCase(java.util.Locale.ROOT));
        jon.type("New password", "seven tall green doors");
        jon.type("PIN", "2846");
        withoutFault(jon.page);
        jon.click("Save and sign in");
        assertThat(jon.page.getByLabel("Gate")).isVisible();
        assertThat(jon.page.getByLabel("Before the first bike")).isHidden();
    }

    private static String book(Hands selma) {
        Page page = selma.page;
        selma.press("y");
        selma.press("b");
        selma.click(page.getByText("diamond frame"));
        selma.choose("What is to be done", "front hub kit");
        selma.click(page.locator("[data-day]").first());
        selma.type(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Customer"))), "Malin Tor");
        selma.type("Phone or mail", "ext. 64");
        selma.type("Maker and model", "Quay tourer 50");
        selma.type(page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Frame number")), "QT50-1");
        selma.type("Distance a day", "20");
        selma.press("Enter");
        Locator booked = page.getByText(Pattern.compile("Booked in as job \\d+"));
        return booked.first().textContent().replaceAll("\\D+", "");
    }

    private static void move(Hands who, String job, String key) {
        who.page.locator("[data-bike='" + job + "']").focus();
        who.press("m");
        who.page.getByRole(AriaRole.DIALOG).waitFor();
        who.press(key);
        assertThat(who.page.getByLabel(key.equals("r") ? "Rack" : "Stand " + key).locator("[data-bike='" + job + "']")).isFocused();
    }

    private static void arrive(Hands selma, String job) {
        move(selma, job, "r");
        selma.press("Enter");
        assertThat(selma.page).hasURL(Pattern.compile("/arrival$"));
        selma.click("The rest is good");
        assertThat(selma.page.getByText("Every point is looked at")).isVisible();
    }

    /** Enter saves and goes to the next that a kit waits for, until none waits; choices by their button. */
    private static void measure(Hands selma, String job) {
        Map<String, String> bike = Arrays.stream(GivenKits.BIKE.split(";")).map(r -> r.split("="))
                .collect(Collectors.toMap(r -> r[0], r -> r[1]));
        Page page = selma.page;
        page.navigate("/jobs/" + job + "/sheet");
        Locator holdUp = page.getByText(Pattern.compile("^(One measure holds|\\d+ measures hold) kits up"));
        assertThat(holdUp).isVisible();
        for (int guard = 0; guard < 150 && holdUp.isVisible(); guard++) {
            Locator open = page.locator("[data-measure]:has([aria-expanded=true])");
            open.waitFor();
            String key = open.getAttribute("data-measure");
            String before = open.textContent();
            String value = bike.get(key);
            if (value == null) {
                throw new AssertionError("the bike has no " + key);
            }
            Locator field = open.getByLabel(Pattern.compile(", value$"));
            if (field.count() > 0) {
                selma.type(field, value);
                selma.press("Enter");
            } else {
                selma.click(open.locator("[data-option='%s']".formatted(value)));
            }
            page.waitForFunction("([key, before]) => document.querySelector(`[data-measure='${key}']`)?.textContent !== before",
                    java.util.List.of(key, before));
        }
        assertThat(holdUp).isHidden();
    }
}
