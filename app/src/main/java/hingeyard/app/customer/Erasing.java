package hingeyard.app.customer;

import hingeyard.app.cluster.Everywhere;
import hingeyard.app.cluster.Everywhere;
import hingeyard.app.privacy.OpenAccounts;
import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalData;
import hingeyard.app.privacy.Whose;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.privacy.Erasure;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is known of a customer, handed out and erased on their request: each package that keeps something answers for it. */
@Service
class Erasing {

    private final CustomerRows customers;
    private final BikeRows bikes;
    private final TheirJobs jobs;
    private final List<PersonalData> everywhere;
    private final OpenAccounts accounts;
    private final Everywhere nodes;
    private final ShopClock clock;

    Erasing(CustomerRows customers, BikeRows bikes, TheirJobs jobs, List<PersonalData> everywhere, OpenAccounts accounts, Everywhere nodes,
            ShopClock clock) {
        this.customers = customers;
        this.bikes = bikes;
        this.jobs = jobs;
        this.everywhere = everywhere;
        this.accounts = accounts;
        this.nodes = nodes;
        this.clock = clock;
    }

    private Customer customer(long id) {
        return customers.findById(id).orElseThrow(() -> Refused.notFound("customer", id));
    }

    private Whose whose(Customer customer) {
        List<Long> theirs = bikes.ofCustomers(List.of(customer.id)).stream().map(b -> b.id).toList();
        return new Whose(customer.id, customer.name, customer.contact, theirs,
                jobs.all(theirs).stream().map(TheirJobs.JobLine::number).toList());
    }

    private Erasure.Standing standing(Customer customer, Whose whose) {
        return new Erasure.Standing(customer.erasedAt != null, List.copyOf(jobs.open(whose.bikes()).values()),
                accounts.jobsOf(customer.id), everywhere.stream().mapToInt(p -> p.unchangeable(whose)).sum());
    }

    /** How it stands with a customer. */
    @Transactional(readOnly = true)
    public Erasure.Standing standing(long id) {
        Customer customer = customer(id);
        return standing(customer, whose(customer));
    }

    /** Everything there is of them. */
    @Transactional(readOnly = true)
    public void handOut(long id, Pack pack) {
        Customer customer = customer(id);
        Map<String, Object> known = new LinkedHashMap<>();
        known.put("name", customer.name);
        known.put("contact", customer.contact);
        pack.rows("customer", List.of(known));
        pack.rows("bikes", bikes.ofCustomers(List.of(id)).stream().map(b -> {
            Map<String, Object> bike = new LinkedHashMap<>();
            bike.put("bike", b.id);
            bike.put("model", b.name);
            bike.put("kind", b.kind.label());
            bike.put("size", b.size);
            bike.put("frame number", b.frameNumber);
            bike.put("paint", b.paint);
            return bike;
        }).toList());
        Whose whose = whose(customer);
        everywhere.forEach(p -> p.handOut(whose, pack));
    }

    /**
     * Erases what is not to stay: everything, or nothing.
     *
     * @param seen the version that its writer saw
     * @param name as its writer typed it, so that nobody erases by a slip
     */
    @Transactional
    public void erase(long id, int seen, String name) {
        nodes.hold(Customers.held(id));
        Customer customer = customers.lock(id).orElseThrow(() -> Refused.notFound("customer", id));
        // Whoever books one of their bikes in meanwhile waits here, and is told.
        bikes.ofCustomers(List.of(id)).forEach(b -> bikes.lock(b.id));
        Whose whose = whose(customer);
        Ruling ruling = Erasure.may(standing(customer, whose));
        if (!ruling.allowed()) {
            throw Refused.conflict(ruling.reason() + " Nothing was erased.");
        }
        if (customer.version != seen) {
            throw Refused.conflict("version", String.valueOf(seen),
                    "Somebody changed %s a moment ago. Nothing was erased; look again.".formatted(customer.name));
        }
        if (!customer.name.equalsIgnoreCase(name.strip())) {
            throw Refused.input("name", name, customer.name + ", as it stands there");
        }
        everywhere.forEach(p -> p.erase(whose));
        bikes.ofCustomers(List.of(id)).forEach(b -> b.name = whose.without(b.name));
        customer.erase(clock.now());
    }
}
