package hingeyard.core.made;

import hingeyard.core.bench.ArmBend;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The kinds of sheets at true size, each with its measures in their order. */
public enum TemplateKind implements MeasuredKind<Template> {
    BEND_STRIP("Bend strip of a torque arm", List.of("step", "tie", "thickness", "washer", "across"),
            m -> Template.bendStrip(new ArmBend.Input(m.get(0), m.get(1), m.get(2), m.get(3), 0, List.of()), m.get(4))),
    HUB_HOLES("Stand-off holes in a hub", List.of("bolts", "circle", "hole", "bore"),
            m -> Template.hubHoles(MeasuredKind.whole("bolts", m.get(0)), m.get(1), m.get(2), m.get(3))),
    LEAD_STRIP("Lengths of leads", List.of(), Template::leadStrip),
    BATTERY_CARD("Battery as a card", List.of("length", "height"), m -> Template.batteryCard(m.get(0), m.get(1))),
    BAG_PLATE("Contact plate in a bag", List.of("length", "width", "pitch", "hole", "cable"),
            m -> PlateTemplates.bagPlate(m.get(0), m.get(1), m.get(2), m.get(3), m.get(4))),
    PLATE_SLOTS("Slots in a battery plate", List.of("length", "width", "strap", "pairs", "drill"),
            m -> PlateTemplates.plateSlots(m.get(0), m.get(1), m.get(2), MeasuredKind.whole("pairs", m.get(3)), m.get(4))),
    BRAKE_BRACKET("Bracket plate of a brake", List.of("axle", "bolts", "reach", "pitch", "hole"),
            m -> PlateTemplates.brakeBracket(m.get(0), m.get(1), m.get(2), m.get(3), m.get(4))),
    RAIL_HOLES("Holes of a rail", List.of("first", "pitch", "holes", "hole"),
            m -> PlateTemplates.railHoles(m.get(0), m.get(1), MeasuredKind.whole("holes", m.get(2)), m.get(3)));

    private final String label;
    private final List<String> measures;
    private final Function<List<Double>, Template> maker;

    TemplateKind(String label, List<String> measures, Function<List<Double>, Template> maker) {
        this.label = label;
        this.measures = measures;
        this.maker = maker;
    }

    /** The sheet that helps with what a check asks for; empty for most. */
    public static Optional<TemplateKind> ofCheck(String checkId) {
        return Optional.ofNullable(switch (checkId) {
            case "battery-bay", "frame-bay" -> BATTERY_CARD;
            case "battery-holding" -> RAIL_HOLES;
            case "front-arm-reach", "rear-arm-reach" -> BEND_STRIP;
            case "leads" -> LEAD_STRIP;
            default -> null;
        });
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public List<String> measures() {
        return measures;
    }

    @Override
    public Function<List<Double>, Template> maker() {
        return maker;
    }
}
