package hingeyard.app.customer;

import hingeyard.app.cluster.Everywhere;
import hingeyard.app.wiring.Sought;
import hingeyard.app.problem.Refused;
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

/** Customers and their bikes: found again, taken down and changed. */
@Service
public class Customers {

    private static final Limit SHOWN = Limit.of(8);
    private static final Limit COMPARED = Limit.of(400);
    private static final int WORD_START = 2;

    /** A bike a customer has brought before. */
    public record KnownBike(long bikeId, BikeKind kind, String kindLabel, String bike, String size, String frameNumber, String paint,
            Optional<Long> openJob) {
    }

    /** @param why why this may be the one: the same contact, or a name that is nearly the same; empty when it was searched for */
    public record KnownCustomer(long customerId, String name, String contact, String why, List<KnownBike> bikes) {
    }

    private final CustomerRows customers;
    private final BikeRows bikes;
    private final TheirJobs jobs;
    private final Everywhere everywhere;

    Customers(CustomerRows customers, BikeRows bikes, TheirJobs jobs, Everywhere everywhere) {
        this.customers = customers;
        this.bikes = bikes;
        this.jobs = jobs;
        this.everywhere = everywhere;
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
            customers.ofBike(Sought.literal(text.strip()), Limit.of(SHOWN.max() - found.size())).forEach(c -> found.putIfAbsent(c, ""));
        }
        found.keySet().removeIf(c -> c.erasedAt != null);
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
        Map<Long, List<Bike>> theirs = bikes.ofCustomers(found.keySet().stream().map(c -> c.id).toList()).stream()
                .collect(Collectors.groupingBy(b -> b.customer.id));
        Map<Long, Long> open = jobs.open(theirs.values().stream().flatMap(List::stream).map(b -> b.id).toList());
        return found.entrySet().stream().map(e -> new KnownCustomer(e.getKey().id, e.getKey().name, e.getKey().contact, e.getValue(),
                theirs.getOrDefault(e.getKey().id, List.of()).stream().map(b -> known(b, Optional.ofNullable(open.get(b.id)))).toList()))
                .toList();
    }

    private static KnownBike known(Bike bike, Optional<Long> openJob) {
        return new KnownBike(bike.id, bike.kind, bike.kind.label(), bike.name, bike.size, bike.frameNumber, bike.paint, openJob);
    }

    @Transactional(readOnly = true)
    public Customer customer(long id) {
        return customers.findById(id).orElseThrow(() -> Refused.notFound("customer", id));
    }

    @Transactional(readOnly = true)
    public Bike bike(long id) {
        return bikes.one(id).orElseThrow(() -> Refused.notFound("bike", id));
    }

    @Transactional(readOnly = true)
    public List<Bike> bikesOf(long customer) {
        return bikes.ofCustomers(List.of(customer));
    }

    /**
     * The customer of these details, else a new one.
     *
     * @param surelyNew whether somebody who looks like a known customer is a new one all the same
     * @throws Refused when somebody alike is known and nobody said that this is somebody else
     */
    @Transactional
    public Customer taken(CustomerDetails details, boolean surelyNew) {
        String name = details.name().strip();
        String contact = details.contact().strip();
        return customers.findFirstByNameKeyAndContactKey(Likeness.nameKey(name), Likeness.contactKey(contact)).orElseGet(() -> {
            if (!surelyNew) {
                alike(name, contact).stream().findFirst().ifPresent(k -> {
                    throw Refused.conflict("customer.name", name,
                            "%s (%s) is known: %s. Choose that customer, or say that this is somebody else. Nothing was saved."
                                    .formatted(k.name(), k.contact(), k.why()));
                });
            }
            return customers.save(new Customer(details));
        });
    }

    /** A bike that was here before, held for the rest of the transaction; its size, number and colour as they are said now. */
    @Transactional
    public Bike brought(long id, Optional<Long> customer, BikeDetails now) {
        Bike bike = bikes.lock(id).orElseThrow(() -> Refused.notFound("bike", id));
        customer.filter(c -> !c.equals(bike.customer.id)).ifPresent(c -> {
            throw Refused.conflict("bikeId", bike.name,
                    "%s belongs to %s, not to the customer that was chosen. Nothing was saved.".formatted(bike.name, bike.customer.name));
        });
        holdToBeThere(bike.customer);
        bike.take(new BikeDetails(bike.kind, bike.name, now.size(), now.frameNumber(), now.paint()));
        return bike;
    }

    /** What a customer is called among what is held. */
    static String held(long customer) {
        return "customer " + customer;
    }

    /** @throws Refused when they asked to be forgotten */
    private void holdToBeThere(Customer customer) {
        everywhere.hold(held(customer.id));
        // Locked, and then asked: whoever erases them just now is waited for, and what was read before may be old.
        customers.lock(customer.id);
        customers.erasedAt(customer.id).ifPresent(at -> {
            throw Refused.conflict("What was known of %s was erased on request: take customer and bike down anew. Nothing was saved."
                    .formatted(customer.name));
        });
    }

    /** @throws Refused when the same customer's bike of that name and frame number is known */
    @Transactional
    public Bike taken(Customer customer, BikeDetails details) {
        holdToBeThere(customer);
        String frame = details.frameNumber().strip();
        if (!frame.isEmpty()) {
            bikes.withFrameNumber(frame, Limit.of(5)).stream()
                    .filter(b -> b.customer.id.equals(customer.id) && b.name.equalsIgnoreCase(details.model().strip())).findFirst()
                    .ifPresent(b -> {
                        throw Refused.conflict("bike.frameNumber", frame,
                                "%s, frame %s, of %s is known. Choose that bike instead of a new one. Nothing was saved.".formatted(b.name,
                                        frame, b.customer.name));
                    });
        }
        return bikes.save(new Bike(customer, details));
    }

    /**
     * Changes what is known of a customer.
     *
     * @param seen the version that its writer saw
     * @throws Refused when somebody else changed the customer meanwhile
     */
    @Transactional
    public void change(long id, int seen, CustomerDetails to) {
        Customer customer = customers.lock(id).orElseThrow(() -> Refused.notFound("customer", id));
        if (customer.version != seen) {
            throw Refused.conflict("customer.version", String.valueOf(seen),
                    "Somebody changed %s (%s) a moment ago. Yours was not saved; look, and change it again if you still want to."
                            .formatted(customer.name, customer.contact));
        }
        holdToBeThere(customer);
        customer.take(to);
        jobs.changed(bikes.ofCustomers(List.of(id)).stream().map(b -> b.id).toList());
    }

    /**
     * Changes what is known of a bike.
     *
     * @param seen the version that its writer saw
     * @throws Refused when somebody else changed the bike meanwhile, or when a bill rests on its kind
     */
    @Transactional
    public void change(long id, int seen, BikeDetails to) {
        Bike bike = bikes.lock(id).orElseThrow(() -> Refused.notFound("bike", id));
        if (bike.version != seen) {
            throw Refused.conflict("bike.version", String.valueOf(seen),
                    "Somebody changed %s a moment ago. Yours was not saved; look, and change it again if you still want to."
                            .formatted(bike.name));
        }
        if (to.kind() != bike.kind) {
            jobs.billed(id).ifPresent(job -> {
                throw Refused.conflict("bike.kind", to.kind().label(),
                        "Job %d has a bill: the kind of bike is settled. Take the bill back first. Nothing was saved.".formatted(job));
            });
        }
        bike.take(to);
        jobs.changed(List.of(id));
    }
}
