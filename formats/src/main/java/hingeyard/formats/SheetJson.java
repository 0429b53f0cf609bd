package hingeyard.formats;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import hingeyard.core.install.Step;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Drive;
import hingeyard.core.kit.FrameDrive;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.kit.RollerDrive;
import hingeyard.core.kit.RotorGearDrive;
import hingeyard.core.kit.SwingArmDrive;
import hingeyard.core.kit.SheetFigure;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.LengthParser;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import java.util.List;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** Kit sheets and steps as JSON that a person can read. */
public final class SheetJson {

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .addMixIn(Drive.class, DriveByMount.class)
            .addModule(quantities())
            .build();

    private SheetJson() {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "mount")
    @JsonSubTypes({@JsonSubTypes.Type(value = BracketDrive.class, name = "bracket"),
        @JsonSubTypes.Type(value = FrameDrive.class, name = "frame"),
        @JsonSubTypes.Type(value = HubDrive.class, name = "hub"), @JsonSubTypes.Type(value = RotorGearDrive.class, name = "rotor-gear"),
        @JsonSubTypes.Type(value = RollerDrive.class, name = "roller"), @JsonSubTypes.Type(value = SwingArmDrive.class, name = "swing-arm"),
        @JsonSubTypes.Type(value = NoDrive.class, name = "none")})
    interface DriveByMount {
    }

    static JsonMapper mapper() {
        return MAPPER;
    }

    public static String write(Kit kit) {
        return MAPPER.writeValueAsString(kit);
    }

    public static String write(Step step) {
        return MAPPER.writeValueAsString(step);
    }

    /**
     * A step as it was planned, also by versions that knew neither wheels, nor steps of its own that it comes after, nor that a kit comes
     * off.
     *
     * @throws UnreadableSheetException naming line, column and reason
     */
    public static Step readStep(String json) {
        try {
            ObjectNode step = (ObjectNode) MAPPER.readTree(json);
            for (String later : List.of("wheels", "after", "dismounts")) {
                if (!step.has(later)) {
                    step.putArray(later);
                }
            }
            return MAPPER.treeToValue(step, Step.class);
        } catch (JacksonException e) {
            throw UnreadableSheetException.of(e);
        }
    }

    private static SimpleModule quantities() {
        SimpleModule module = new SimpleModule("quantities-as-said");
        as(module, Length.class, l -> l.amount().toPlainString() + " mm", t -> SheetFigure.asked(LengthParser.parse(t)));
        as(module, Voltage.class, Voltage::text, t -> SheetFigure.asked(Voltage.ofVolts(without(t, "V"))));
        as(module, Current.class, Current::text, t -> SheetFigure.asked(Current.ofAmperes(without(t, "A"))));
        as(module, Mass.class, Mass::text, t -> SheetFigure.asked(Mass.ofKilograms(without(t, "kg"))));
        as(module, Torque.class, Torque::text, t -> SheetFigure.asked(Torque.ofNewtonMetres(without(t, "N·m"))));
        as(module, TorqueRange.class, TorqueRange::toString, SheetJson::torque);
        return module;
    }

    private static TorqueRange torque(String text) {
        String[] ends = without(text, "N·m").split("–");
        return SheetFigure.asked(TorqueRange.ofNewtonMetres(ends[0].strip(), ends[ends.length - 1].strip()));
    }

    private static String without(String text, String unit) {
        if (!text.strip().endsWith(unit)) {
            throw new IllegalArgumentException("'" + text + "' has no unit; " + unit + " is needed");
        }
        return text.strip().substring(0, text.strip().length() - unit.length()).strip();
    }

    private static <T> void as(SimpleModule module, Class<T> type, Function<T, String> print, Function<String, T> parse) {
        module.addSerializer(type, new ValueSerializer<T>() {
            @Override
            public void serialize(T value, JsonGenerator out, SerializationContext context) {
                out.writeString(print.apply(value));
            }
        });
        module.addDeserializer(type, new ValueDeserializer<T>() {
            @Override
            public T deserialize(JsonParser in, DeserializationContext context) {
                try {
                    return parse.apply(in.getString());
                } catch (IllegalArgumentException e) {
                    return type.cast(context.reportInputMismatch(type, e.getMessage()));
                }
            }
        });
    }
}
