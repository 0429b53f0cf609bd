package hingeyard.formats;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import hingeyard.core.bike.Choice;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Drive;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Labelled;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.kit.form.SheetUse;
import hingeyard.core.kit.form.SheetWords;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import hingeyard.formats.SheetForm.Kind;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads the forms off the records. */
final class SheetFields {

    private static final Map<Class<?>, String> UNITS = Map.of(Length.class, "mm", Voltage.class, "V", Current.class, "A", Mass.class, "kg",
            Torque.class, "N·m", TorqueRange.class, "N·m");
    private static final Map<String, String> UNITS_OF_NUMBERS = Map.of("Motor.ratedWatts", "W", "Motor.peakWatts", "W",
            "Motor.turnsPerVolt", "min⁻¹/V", "Motor.cutOffSpeed", "km/h", "Motor.walkSpeed", "km/h", "Battery.milliampereHours", "mAh",
            "CaseShape.swing", "°");
    /** What its type alone does not say. */
    private static final Map<String, Kind> OTHER_KINDS = Map.of("Equipment.priceMinor", Kind.MONEY, "Kit.maker", Kind.TEXT_OR_NONE,
            "Plug.colour", Kind.TEXT_OR_NONE);
    private static final Map<String, String> MOUNTS = Map.of("bracket", "mid-drive in the bracket shell", "frame",
            "mid-drive for a frame made for it", "hub", "motor in a wheel’s hub", "rotor-gear", "drive on the brake rotor", "roller",
            "roller on the tyre", "swing-arm", "rear arm of a folding trike", "none", "no motor: battery, brakes, bar, display");
    private static final Map<String, String> TITLES = FitCheckCatalogue.all().stream()
            .collect(Collectors.toMap(FitCheck::id, FitCheck::title));

    static final SheetForm KIT = whole("A kit’s sheet", Kit.class);
    static final SheetForm BATTERY = whole("A battery’s sheet", Battery.class);

    private SheetFields() {
    }

    private static SheetForm whole(String title, Class<?> record) {
        return group("", title, fields(record));
    }

    private static SheetForm group(String name, String title, List<SheetForm> fields) {
        return new SheetForm(name, title, "", Kind.GROUP, false, Optional.empty(), "", List.of(), fields, List.of(), List.of());
    }

    private static List<SheetForm> fields(Class<?> record) {
        return Arrays.stream(record.getRecordComponents()).map(c -> field(SheetWords.of(record, c.getName()), c)).toList();
    }

    private static SheetForm field(SheetWords.Word word, RecordComponent component) {
        boolean optional = component.getType() == Optional.class;
        return field(word, component.getName(), optional, optional ? argument(component.getGenericType()) : component.getGenericType());
    }

    private static SheetForm field(SheetWords.Word word, String name, boolean optional, Type type) {
        boolean list = type instanceof ParameterizedType p && p.getRawType() == List.class;
        List<String> uses = new ArrayList<>(word.checks().stream().map(TITLES::get).toList());
        word.uses().stream().sorted().map(SheetUse::label).forEach(uses::add);
        return new SheetForm(name, word.title(), word.what(),
                list ? Kind.LIST : OTHER_KINDS.getOrDefault(word.key(), kind((Class<?>) type)), optional, word.letter(),
                list ? "" : UNITS.getOrDefault((Class<?>) type, UNITS_OF_NUMBERS.getOrDefault(word.key(), "")),
                list ? List.of() : choices((Class<?>) type),
                list ? List.of(field(word, "", false, argument(type))) : within((Class<?>) type),
                uses, List.copyOf(word.checks()));
    }

    private static Kind kind(Class<?> type) {
        if (UNITS.containsKey(type)) {
            return type == TorqueRange.class ? Kind.RANGE : Kind.QUANTITY;
        }
        if (type.isEnum()) {
            return Kind.CHOICE;
        }
        if (type == Drive.class) {
            return Kind.DRIVE;
        }
        if (type.isRecord()) {
            return Kind.GROUP;
        }
        if (type == String.class) {
            return Kind.TEXT;
        }
        if (type == boolean.class || type == Boolean.class) {
            return Kind.YES_NO;
        }
        return type == double.class ? Kind.NUMBER : Kind.INTEGER;
    }

    private static List<SheetForm.Choice> choices(Class<?> type) {
        if (type == Drive.class) {
            return mounts().stream().map(m -> new SheetForm.Choice(m.name(), MOUNTS.get(m.name()))).toList();
        }
        return type.isEnum() ? Arrays.stream(type.getEnumConstants()).filter(SheetFields::saidByKits)
                .map(c -> new SheetForm.Choice(((Enum<?>) c).name(), label(c))).toList() : List.of();
    }

    /** The shop's own work has no sheet. */
    private static boolean saidByKits(Object constant) {
        return !(constant instanceof NoDrive.Job job) || !new NoDrive(job, Optional.empty()).ownWork();
    }

    private static String label(Object constant) {
        if (constant instanceof Labelled labelled) {
            return labelled.label();
        }
        return constant instanceof Choice choice ? choice.label() : ((WheelEnd) constant).label();
    }

    private static List<SheetForm> within(Class<?> type) {
        if (type == Drive.class) {
            return mounts().stream().map(m -> group(m.name(), MOUNTS.get(m.name()), fields(m.value()))).toList();
        }
        return kind(type) == Kind.GROUP ? fields(type) : List.of();
    }

    private static List<JsonSubTypes.Type> mounts() {
        return List.of(SheetJson.DriveByMount.class.getAnnotation(JsonSubTypes.class).value());
    }

    private static Type argument(Type type) {
        return ((ParameterizedType) type).getActualTypeArguments()[0];
    }
}
