package hingeyard.formats;

import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.Charges;
import hingeyard.core.explain.Making;
import hingeyard.core.quantity.Scale;
import java.util.Locale;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A bill as JSON for programs; schema in docs/formats/bill.schema.json. Money is text with a point, so that no program rounds it. */
public final class BillJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private BillJson() {
    }

    public static String write(BillFile file) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "hinge-yard-bill").put("version", 1).put("job", file.job()).put("title", file.title()).put("customer",
                file.customer());
        root.putObject("kit").put("code", file.bill().kitCode()).put("name", file.kitName());
        root.put("made", file.on().toString()).put("by", file.by()).put("agreedBy", file.agreedBy());
        file.signature().ifPresent(s -> root.put("signature", s.text()));
        file.validUntil().ifPresent(day -> root.put("validUntil", day.toString()));
        ArrayNode changes = root.putArray("changes");
        file.changes().forEach(changes::add);
        ArrayNode lines = root.putArray("lines");
        file.bill().lines().forEach(l -> line(lines.addObject(), l));
        charges(root.putObject("charges"), file.charges());
        return MAPPER.writeValueAsString(root) + "\n";
    }

    private static void line(ObjectNode node, BillLine l) {
        node.put("source", l.source().name().toLowerCase(Locale.ROOT).replace('_', '-')).put("name", l.name()).put("count", l.count())
                .put("reason", l.reason());
        put(node, "part", l.partNumber());
        put(node, "check", l.checkId());
        put(node, "making", l.making().map(Making::text).orElse(""));
        put(node, "mountedAs", l.role());
        put(node, "drawer", l.place());
        if (l.priceMinor() > 0) {
            node.put("price", Scale.money(l.priceMinor())).put("sum", Scale.money(l.priceMinor() * l.count()));
        }
    }

    private static void put(ObjectNode node, String field, String text) {
        if (!text.isEmpty()) {
            node.put(field, text);
        }
    }

    private static void charges(ObjectNode node, Charges c) {
        node.put("parts", Scale.money(c.partsMinor())).put("minutes", c.minutes()).put("anHour", c.anHour().toPlainString())
                .put("labour", Scale.money(c.labourMinor()))
                .put("taxPercent", c.taxPercent().toPlainString()).put("tax", Scale.money(c.taxMinor()))
                .put("total", Scale.money(c.totalMinor()))
                .put("depositPercent", c.depositPercent().toPlainString()).put("deposit", Scale.money(c.depositMinor()));
        ArrayNode unpriced = node.putArray("unpriced");
        c.unpriced().forEach(unpriced::add);
    }
}
