package hingeyard.core.made;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.explain.Making;
import hingeyard.core.made.MadePart.Block;
import hingeyard.core.made.MadePart.CableSeparator;
import hingeyard.core.made.MadePart.HalfShim;
import hingeyard.core.made.MadePart.PlugCover;
import hingeyard.core.made.MadePart.PositionStop;
import hingeyard.core.made.MadePart.Sleeve;
import hingeyard.core.made.MadePart.SpacerRing;
import hingeyard.core.made.MadePart.TieProtector;
import hingeyard.core.made.MadePart.TurnedRing;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;

/** The kinds of parts a shop makes, each with its measures in their order. */
public enum MadeKind implements MeasuredKind<MadePart> {
    SPACER_RING("Spacer ring", List.of("inner", "outer", "height"), m -> new SpacerRing(m.get(0), m.get(1), m.get(2))),
    TURNED_RING("Turned ring", List.of("inner", "outer", "height"), m -> new TurnedRing(m.get(0), m.get(1), m.get(2))),
    SLEEVE("Bar sleeve", List.of("inner", "outer", "height", "slit"), m -> new Sleeve(m.get(0), m.get(1), m.get(2), m.get(3))),
    HALF_SHIM("Half shim", List.of("inner", "outer", "height"), m -> new HalfShim(m.get(0), m.get(1), m.get(2))),
    BLOCK("Motor block", List.of("width", "height", "gapFront", "gapRear", "tube"),
            m -> new Block(m.get(0), m.get(1), m.get(2), m.get(3), m.get(4))),
    CABLE_SEPARATOR("Cable separator", List.of("lanes", "lane", "height"),
            m -> new CableSeparator(MeasuredKind.whole("lanes", m.get(0)), m.get(1), m.get(2))),
    POSITION_STOP("Position stop", List.of("inner", "height"), m -> new PositionStop(m.get(0), m.get(1))),
    PLUG_COVER("Plug cover", List.of("inner", "height"), m -> new PlugCover(m.get(0), m.get(1))),
    TIE_PROTECTOR("Tie protector", List.of("inner", "tie"), m -> new TieProtector(m.get(0), m.get(1)));

    private final String label;
    private final List<String> measures;
    private final Function<List<Double>, MadePart> maker;

    MadeKind(String label, List<String> measures, Function<List<Double>, MadePart> maker) {
        this.label = label;
        this.measures = measures;
        this.maker = maker;
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
    public Function<List<Double>, MadePart> maker() {
        return maker;
    }

    /**
     * The part that a bill or a finding asks for.
     *
     * @throws BenchFaultException naming what cannot be
     */
    public static MadePart of(Making making) {
        return MeasuredKind.find(values(), making.kind())
                .orElseThrow(() -> new BenchFaultException("kind", making.kind(), "a kind of made part"))
                .of(making.measures().stream().map(BigDecimal::doubleValue).toList());
    }
}
