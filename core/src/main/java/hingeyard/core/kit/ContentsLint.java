package hingeyard.core.kit;

import hingeyard.core.quantity.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a sheet's list of contents says otherwise than its own figures, or beyond them: a variant that changed a chainring and kept the old
 * one's name, a sensor that no figure is about.
 */
public final class ContentsLint {

    private static final Pattern NUMBER = Pattern.compile("(?<![\\w.])(\\d+(?:\\.\\d+)?)");

    private final Kit kit;
    private final List<String> said = new ArrayList<>();

    private ContentsLint(Kit kit) {
        this.kit = kit;
    }

    /** @return what contradicts itself, each naming the item, what it says and what the sheet says; empty where nothing does */
    public static List<String> of(Kit kit) {
        ContentsLint lint = new ContentsLint(kit);
        if (kit.drive() instanceof BracketDrive drive) {
            drive.body().ifPresent(b -> {
                lint.number("chainring", 0, b.ring().teeth(), "teeth of the chainring");
                lint.number("plate-screws", 1, b.fixing().supplied().inMillimetres(), "mm of screw supplied");
            });
        }
        kit.drive().hub().ifPresent(h -> lint.number("motor-wheel", 0, h.wheel().beadSeat().inMillimetres(), "mm of bead seat"));
        lint.battery();
        lint.word("pedal-sensor", kit.equipment().sensing().map(PedalSensing::kind).flatMap(ContentsLint::sensorWord),
                "how it senses pedalling");
        lint.word("levers", kit.equipment().cutOff().flatMap(ContentsLint::cutOffWord), "how its brakes cut off");
        lint.unsaid("speed-sensor", kit.equipment().speedSensor().isPresent(), "the gap it works at");
        lint.unsaid("pedal-sensor", kit.equipment().sensing().isPresent(), "how it senses pedalling");
        kit.contents().forEach(lint::thickness);
        return List.copyOf(lint.said);
    }

    private List<KitItem> items(String role) {
        return kit.contents().stream().filter(i -> i.role().equals(role)).toList();
    }

    /** @param which of the numbers in the item's name; a name without that many says nothing */
    private void number(String role, int which, double sheet, String what) {
        for (KitItem item : items(role)) {
            List<Double> numbers = NUMBER.matcher(item.name().replaceAll("M\\d+", "M 0")).results().map(r -> Double.parseDouble(r.group(1)))
                    .toList();
            if (numbers.size() > which && Math.abs(numbers.get(which) - sheet) > 1e-6) {
                said.add("%s: contents name “%s”, the sheet has %s %s".formatted(kit.code(), item.name(), plain(sheet), what));
            }
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private void battery() {
        for (KitItem item : items("battery")) {
            if (!kit.otherBattery() && !item.name().contains(kit.battery().name())) {
                said.add("%s: contents name “%s”, the sheet has the battery “%s”".formatted(kit.code(), item.name(), kit.battery().name()));
            }
        }
    }

    private void word(String role, Optional<String> word, String what) {
        for (KitItem item : items(role)) {
            if (word.isPresent() && !item.name().toLowerCase(java.util.Locale.ROOT).contains(word.get())) {
                said.add("%s: contents name “%s”, the sheet says otherwise of %s: “%s”".formatted(kit.code(), item.name(), what,
                        word.get()));
            }
        }
    }

    /** What is in the box and not in the figures has no check, and no step of its own. */
    private void unsaid(String role, boolean said, String what) {
        items(role).stream().filter(i -> !said).forEach(i -> this.said.add(
                "%s: contents bring “%s”, the sheet does not say %s: no check and no step is about it".formatted(kit.code(), i.name(),
                        what)));
    }

    private void thickness(KitItem item) {
        item.piece().ifPresent(p -> {
            Matcher number = Pattern.compile("(?:spacer|washer|shim) (\\d+(?:\\.\\d+)?)$", Pattern.CASE_INSENSITIVE).matcher(item.name());
            if (number.find() && Math.abs(Double.parseDouble(number.group(1)) - p.thickness().inMillimetres()) > 1e-6) {
                said.add("%s: contents name “%s”, its piece is %s thick".formatted(kit.code(), item.name(),
                        p.thickness().text(Units.METRIC)));
            }
        });
    }

    private static Optional<String> sensorWord(PedalSensing.Kind kind) {
        return switch (kind) {
            case SPLIT_RING -> Optional.of("split ring");
            case SOLID_RING -> Optional.of("solid ring");
            case WIRELESS -> Optional.of("wireless");
            default -> Optional.empty();
        };
    }

    private static Optional<String> cutOffWord(CutOff kind) {
        return switch (kind) {
            case CLIP_ON -> Optional.of("clip-on");
            case CABLE_LEVERS -> Optional.of("lever");
            default -> Optional.empty();
        };
    }
}
