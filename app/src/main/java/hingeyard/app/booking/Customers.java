package hingeyard.app.booking;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.Likeness;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Customers and their bikes, found again. */
@Service
public class Customers {

    private static final Limit SHOWN = Limit.of(8);
    private static final Limit COMPARED = Limit.of(400);
    private static final int WORD_START = 2;

    /** A bike a customer has brought before. */
    public record KnownBike(long bikeId, BikeKind kind, String kindLabel, String bike, String size, String frameNumber, String paint, Optional<Long> openJob) {
    }

    /** @param why why this may be the one: the same contact, or a name that is nearly the same; empty when it was searched for */
    public record KnownCustomer(long customerId, String name, String contact, String why, List<KnownBike> bikes) {
    }

    private final CustomerRows customers;
    private final BikeRows bikes;
    private final JobRows jobs;

    Customers(CustomerRows customers, BikeRows bikes, JobRows jobs) {
        this.customers = customers;
        this.bikes = bikes;
        this.jobs = jobs;
    }

    /** By name, contact, bike or frame number. */
    @Transactional(readOnly = true)
    public List<KnownCustomer> find(String text) {
        if (text.isBlank()) {
            return List.of();
        }
        Map<Customer, String> found = new LinkedHashMap<>();
        customers.find(Likeness.nameKey(text), Likeness.contactKey(text), SHOWN).forEach(c -> found.put(c, ""));
        if (found.size() < SHOWN.max()) {
            customers.ofBike(text.strip(), Limit.of(SHOWN.max() - found.size())).forEach(c -> found.putIfAbsent(c, ""));
        }
        return known(found);
    }

    /** Those who may be the same person. */
    @Transactional(readOnly = true)
    public List<KnownCustomer> alike(String name, String contact) {
        Map<Customer, String> alike = new LinkedHashMap<>();
        if (!Likeness.contactKey(contact).isEmpty()) {
            customers.findByContactKey(Likeness.contactKey(contact), SHOWN).forEach(c -> alike.put(c, "the same phone or mail"));
        }
        String key = Likeness.nameKey(name);
        for (String word : key.split(" ")) {
            if (word.length() >= WORD_START) {
                customers.withWordFrom(word.substring(0, WORD_START), COMPARED).stream().filter(c -> Likeness.sameName(c.name, name))
                        .forEach(c -> alike.putIfAbsent(c, c.nameKey.equals(key) ? "the same name" : "nearly the same name"));
            }
        }
        return known(alike);
    }

    private List<KnownCustomer> known(Map<Customer, String> found) {
        if (found.isEmpty()) {
            return List.of();
        }
        Map<Long, List<Bike>> theirs = bikes.ofCustomers(found.keySet().stream().map(c -> c.id).toList()).stream().collect(Collectors.groupingBy(b -> b.customer.id));
        List<Long> all = theirs.values().stream().flatMap(List::stream).map(b -> b.id).toList();
        Map<Long, Long> open = all.isEmpty() ? Map.of() : jobs.onFloorOf(all).stream().collect(Collectors.toMap(j -> j.bike.id, j -> j.id, Math::max));
        return found.entrySet().stream().map(e -> new KnownCustomer(e.getKey().id, e.getKey().name, e.getKey().contact, e.getValue(),
                theirs.getOrDefault(e.getKey().id, List.of()).stream().map(b -> known(b, Optional.ofNullable(open.get(b.id)))).toList())).toList();
    }

    private static KnownBike known(Bike bike, Optional<Long> openJob) {
        return new KnownBike(bike.id, bike.kind, bike.kind.label(), bike.name, bike.size, bike.frameNumber, bike.paint, openJob);
    }
}
