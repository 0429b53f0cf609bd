package hingeyard.core.made;

import hingeyard.core.bench.ArmBend;
import hingeyard.core.bench.BenchFaultException;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/** The kinds of sheets at true size, each with its measures in their order. */
public enum TemplateKind {
    BEND_STRIP("Bend strip of a torque arm", List.of("step", "tie", "thickness", "washer", "across"),
            m -> Template.bendStrip(new ArmBend.Input(m.get(0), m.get(1), m.get(2), m.get(3), 0, List.of()), m.get(4))),
    HUB_HOLES(
            "Stand-off holes in a hub", List.of("bolts", "circle", "hole", "bore"),
            m -> Template.hubHoles(MadeKind.whole("bolts", m.get(0)), m.get(1), m.get(2), m.get(3))),
    LEAD_STRIP("Lengths of leads",
            List.of(), Template::leadStrip),
    BATTERY_CARD("Battery as a card", List.of("length", "height"),
            m -> Template.batteryCard(m.get(0), m.get(1)));

    private final String label;
    private final List<String> measures;
    private final Function<List<Double>, Template> maker;

    TemplateKind(String label, List<String> measures, Function<List<Double>, Template> maker) {
        this.label = label;
        this.measures = measures;
        this.maker = maker;
    }

    public String label() {
        return label;
    }

    /** {@code bend-strip}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Names of what it takes, in their order; none for as many lengths as one likes. */
    public List<String> measures() {
        return measures;
    }

    /**
     * @param given one for each of {@link #measures()}
     * @throws BenchFaultException naming the measure that cannot be, and what is allowed
     */
    public Template of(List<Double> given) {
        if (given.contains(null) || !measures.isEmpty() && given.size() != measures.size()) {
            throw new BenchFaultException("measures", given.size() + " of them",
                    measures.isEmpty() ? "lengths" : String.join(", ", measures));
        }
        return maker.apply(given);
    }
}
