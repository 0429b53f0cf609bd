package hingeyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.math.BigDecimal;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Somebody who fills in a kit's form from a sheet of paper, field by field. */
final class KitByHand {

    private final Page page;

    private KitByHand(Page page) {
        this.page = page;
    }

    /** @param sheet what is on the paper; its drive was chosen already */
    static void fill(Page page, JsonNode sheet) {
        new KitByHand(page).group("sheet", sheet);
    }

    private Locator at(String id) {
        return page.locator("[id='%s']".formatted(id));
    }

    private void open() {
        page.evaluate("document.querySelectorAll('details').forEach(d => { d.open = true })");
    }

    private void group(String id, JsonNode group) {
        for (Map.Entry<String, JsonNode> figure : group.properties()) {
            if (!figure.getKey().equals("mount") || !id.equals("sheet-drive")) {
                figure(id + "-" + figure.getKey(), figure.getValue());
            }
        }
    }

    private void figure(String id, JsonNode value) {
        if (value.isObject()) {
            Locator add = page.locator("p[id='%s'] button".formatted(id));
            if (add.count() > 0) {
                add.click();
            }
            open();
            group(id, value);
        } else if (value.isArray()) {
            for (int i = 0; i < value.size(); i++) {
                open();
                at(id).locator("> button").last().click();
                open();
                if (value.get(i).isObject()) {
                    group(id + "-" + i, value.get(i));
                } else {
                    figure(id + "-" + i, value.get(i));
                }
            }
        } else {
            scalar(id, value);
        }
    }

    private void scalar(String id, JsonNode value) {
        Locator field = at(id);
        String tag = field.evaluate("e => e.tagName").toString();
        if (value.isBoolean()) {
            field.getByText(value.asBoolean() ? "yes" : "no", new Locator.GetByTextOptions().setExact(true)).click();
        } else if (tag.equals("SELECT")) {
            field.selectOption(value.asString());
        } else if (id.endsWith("-priceMinor")) {
            field.fill(BigDecimal.valueOf(value.asLong(), 2).toPlainString());
        } else if (value.asString().contains("–") && value.asString().endsWith("N·m")) {
            String[] ends = value.asString().replace(" N·m", "").split("–");
            field.fill(ends[0]);
            field.locator("xpath=following-sibling::input").fill(ends[1]);
        } else {
            boolean figure = "decimal".equals(field.getAttribute("inputmode"));
            field.fill(figure ? value.asString().replaceFirst(" (mm|V|A|kg|N·m)$", "") : value.asString());
        }
    }
}
