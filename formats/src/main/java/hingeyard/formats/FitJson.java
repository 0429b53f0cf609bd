package hingeyard.formats;

import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitReport;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A fit report as JSON for people and programs; schema in docs/formats/fit.schema.json. Amounts are written with their unit. */
public final class FitJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String CAUTION = "Screening only. The frame maker's and kit maker's limits and local rules stand above it.";

    private FitJson() {
    }

    public static String write(SurveyFile bike, FitReport report) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "hinge-yard-fit").put("version", 1).put("caution", CAUTION);
        root.putObject("bike").put("kind", BikeCode.of(bike.kind())).put("name", bike.bike()).put("size", bike.size()).put("frameNumber",
                bike.frameNumber());
        root.putObject("kit").put("code", report.kit().code()).put("name", report.kit().fullName());
        root.put("verdict", report.verdict().name()).put("goesOn", report.goesOn()).put("headline", report.headline());
        ArrayNode toMeasure = root.putArray("toMeasure");
        report.toMeasure().forEach(toMeasure::add);
        ArrayNode findings = root.putArray("findings");
        report.findings().forEach(f -> finding(findings.addObject(), f));
        return MAPPER.writeValueAsString(root) + "\n";
    }

    private static void finding(ObjectNode node, Finding f) {
        node.put("check", f.checkId()).put("title", f.title()).put("verdict", f.verdict().name()).put("overridable", f.overridable())
                .put("sentence", f.sentence());
        node.putObject("margin").put("text", f.margin().text()).put("flips", f.margin().flips());
        leaf(node.putObject("bike"), f.bike());
        leaf(node.putObject("kit"), f.kit());
        ArrayNode figures = node.putArray("figures");
        for (Figure figure : f.figures()) {
            figures.addObject().put("label", figure.label()).put("amount", figure.amount().text()).put("origin", figure.origin().name())
                    .put("source", figure.source());
        }
        ArrayNode remedies = node.putArray("remedies");
        f.remedies().forEach(r -> remedy(remedies.addObject(), r));
    }

    private static void leaf(ObjectNode node, Leaf leaf) {
        node.put("says", leaf.says()).put("detail", leaf.detail());
    }

    private static void remedy(ObjectNode node, Remedy r) {
        node.put("kind", r.kind().name()).put("text", r.text());
        r.part().ifPresent(p -> node.putObject("part").put("number", p.partNumber()).put("name", p.name()).put("count", p.count())
                .put("supply", p.supply().name())
                .put("place", p.place()).put("role", p.role()));
        r.work().ifPresent(w -> node.putObject("work").put("skill", w.skill()).put("minutes", w.minutes()));
        if (!r.measures().isEmpty()) {
            ArrayNode measures = node.putArray("measures");
            r.measures().forEach(measures::add);
        }
    }
}
