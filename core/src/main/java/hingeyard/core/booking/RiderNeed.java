package hingeyard.core.booking;

import hingeyard.core.quantity.UnreadableQuantityException;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the rider needs. It drives the shortlist, not the other way round.
 *
 * @param amounts what was named, in each scale's base unit
 */
public record RiderNeed(Map<NeedAmount, Long> amounts, Set<NeedWish> wishes, LegalClass legalClass) {

    public RiderNeed {
        amounts = amounts.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(amounts));
        wishes = wishes.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(wishes));
    }

    public static RiderNeed none() {
        return new RiderNeed(Map.of(), Set.of(), LegalClass.OPEN);
    }

    /**
     * Reads amounts as they are said; blank ones were not named.
     *
     * @throws RefusedNeedException naming every amount that cannot be, what was given and what is possible
     */
    public static RiderNeed read(Map<NeedAmount, String> said, Set<NeedWish> wishes, LegalClass legalClass) {
        Map<NeedAmount, Long> amounts = new EnumMap<>(NeedAmount.class);
        Map<NeedAmount, String> faults = new LinkedHashMap<>();
        said.forEach((amount, text) -> {
            if (text == null || text.isBlank()) {
                return;
            }
            try {
                long base = amount.scale().parse(text);
                if (base < amount.least() || base > amount.greatest()) {
                    faults.put(amount, amount.possible());
                }
                amounts.put(amount, base);
            } catch (UnreadableQuantityException e) {
                faults.put(amount, e.understood());
            }
        });
        if (!faults.isEmpty()) {
            throw new RefusedNeedException(said, faults);
        }
        return new RiderNeed(amounts, wishes, legalClass);
    }

    public Optional<Long> amount(NeedAmount amount) {
        return Optional.ofNullable(amounts.get(amount));
    }

    /** In a few words, metric or imperial: {@code 38 km a day, 300 m climb, 80 kg rider, must still fold}. */
    public String text(boolean imperial) {
        Stream<String> said = amounts.entrySet().stream().map(e -> e.getKey().text(e.getValue(), imperial));
        Stream<String> legal = legalClass == LegalClass.OPEN ? Stream.of() : Stream.of(legalClass.label());
        return Stream.of(said, wishes.stream().map(NeedWish::label), legal).flatMap(s -> s).collect(Collectors.joining(", "));
    }

    /** The wishes in the order of the form. */
    public List<NeedWish> wishList() {
        return wishes.stream().sorted().toList();
    }
}
