package hingeyard.core.rules;

import hingeyard.core.explain.LimitKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** One line of the shop's rules: a threshold, a torque or a school of practice. The key is stable. */
public sealed interface Rule permits LengthRule, NumberRule, TorqueRule, School {

    /** Kebab-case with dots; what stands before the first dot is its group. */
    String key();

    String title();

    /** The value the application ships with, as it is entered. */
    String standardText();

    /** Why the value is what it is. */
    String reason();

    /** Who says so. */
    String source();

    /** Which sort of limit it is, and so how a value that lies on it is decided; empty for what is no limit. */
    default Optional<LimitKind> kind() {
        return Optional.empty();
    }

    /** What may be entered, for people. */
    String allowed();

    /** The ends of what may be entered, as it is entered; of a school, every option. */
    List<String> ends();

    default String group() {
        return key().substring(0, key().indexOf('.'));
    }

    static List<Rule> all() {
        return Stream.<Rule[]>of(LengthRule.values(), NumberRule.values(), TorqueRule.values(), School.values()).flatMap(Arrays::stream)
                .toList();
    }

    static Optional<Rule> find(String key) {
        return all().stream().filter(r -> r.key().equals(key)).findFirst();
    }
}
