package hingeyard.formats;

import hingeyard.core.bike.BikeKind;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Kinds of bike in files: the constant's name in kebab-case. */
final class BikeCode {

    private BikeCode() {
    }

    static String of(BikeKind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<BikeKind> find(String code) {
        return Arrays.stream(BikeKind.values()).filter(k -> of(k).equals(code)).findFirst();
    }
}
