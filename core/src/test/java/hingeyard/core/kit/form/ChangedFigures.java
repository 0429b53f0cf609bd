package hingeyard.core.kit.form;

import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** A kit with one figure changed, for each figure it has and several ways; what no sheet may say is left out. */
public final class ChangedFigures {

    /** @param figure {@code Record.component} */
    public record Changed(String figure, Kit kit) {
    }

    private record Value(String figure, Object value) {
    }

    private ChangedFigures() {
    }

    public static List<Changed> of(Kit kit) {
        return inside(kit).map(v -> new Changed(v.figure, (Kit) v.value)).toList();
    }

    /** The record with one of its figures, or one of a record within it, changed. */
    private static Stream<Value> inside(Object holder) {
        RecordComponent[] components = holder.getClass().getRecordComponents();
        return Stream.iterate(0, i -> i < components.length, i -> i + 1).flatMap(i -> {
            String figure = holder.getClass().getSimpleName() + "." + components[i].getName();
            return changed(figure, value(holder, components[i])).flatMap(v -> with(holder, components, i, v));
        });
    }

    private static Object value(Object holder, RecordComponent component) {
        try {
            return component.getAccessor().invoke(holder);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component.toString(), e);
        }
    }

    private static Stream<Value> with(Object holder, RecordComponent[] components, int which, Value other) {
        Object[] values = Arrays.stream(components).map(c -> value(holder, c)).toArray();
        values[which] = other.value;
        Class<?>[] types = Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        try {
            return Stream.of(new Value(other.figure, holder.getClass().getDeclaredConstructor(types).newInstance(values)));
        } catch (InvocationTargetException refused) {
            return Stream.empty();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(holder.toString(), e);
        }
    }

    private static Stream<Value> changed(String figure, Object value) {
        if (value instanceof Optional<?> maybe) {
            return maybe.stream().flatMap(v -> Stream.concat(Stream.of(new Value(figure, Optional.empty())),
                    changed(figure, v).map(c -> new Value(c.figure, Optional.of(c.value)))));
        }
        if (value instanceof List<?> list) {
            return list(figure, list);
        }
        if (value instanceof Record && value.getClass().getPackage().equals(Kit.class.getPackage())) {
            return inside(value);
        }
        return scalars(value).map(v -> new Value(figure, v));
    }

    private static Stream<Value> list(String figure, List<?> list) {
        List<Value> all = new ArrayList<>();
        if (!list.isEmpty()) {
            all.add(new Value(figure, list.subList(1, list.size())));
            all.add(new Value(figure, List.of()));
        }
        for (int i = 0; i < list.size(); i++) {
            int at = i;
            changed(figure, list.get(i)).forEach(c -> {
                List<Object> other = new ArrayList<>(list);
                other.set(at, c.value);
                all.add(new Value(c.figure, other));
            });
        }
        return all.stream();
    }

    private static Stream<Object> scalars(Object value) {
        if (value instanceof Length l) {
            return Stream.of(-30_000L, -3_000L, -300L, 300L, 3_000L, 30_000L, l.micrometres(), 150_000L)
                    .map(d -> new Length(l.micrometres() + d));
        }
        if (value instanceof Voltage v) {
            return amounts(v.millivolts(), Voltage::ofMillivolts);
        }
        if (value instanceof Current a) {
            return amounts(a.milliamperes(), Current::new);
        }
        if (value instanceof Mass m) {
            return amounts(m.grams(), Mass::new);
        }
        if (value instanceof Torque t) {
            return amounts(t.millinewtonMetres(), Torque::new);
        }
        if (value instanceof TorqueRange) {
            return Stream.of(TorqueRange.ofNewtonMetres("17", "19"));
        }
        if (value instanceof Integer n) {
            return Stream.of(0, n - 2, n - 1, n + 1, n + 2, n * 2, n / 2);
        }
        if (value instanceof Long n) {
            return Stream.of(n / 2, n * 2);
        }
        if (value instanceof Double n) {
            return Stream.of(n / 2, n * 2);
        }
        if (value instanceof Boolean b) {
            return Stream.of(!b);
        }
        if (value instanceof String s) {
            return Stream.of("", s + " x");
        }
        if (value instanceof Enum<?> e) {
            return Arrays.stream(e.getDeclaringClass().getEnumConstants()).filter(o -> o != e).map(Object.class::cast);
        }
        throw new IllegalStateException("no way to change a " + value.getClass());
    }

    private static Stream<Object> amounts(long amount, Function<Long, Object> of) {
        return Stream.of(amount / 2, amount * 9 / 10, amount * 11 / 10, amount * 2).map(of);
    }
}
