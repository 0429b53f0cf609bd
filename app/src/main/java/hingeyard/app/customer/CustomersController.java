package hingeyard.app.customer;

import hingeyard.app.command.Commands;
import hingeyard.app.customer.TheirJobs.JobLine;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Customers and bikes, found again, looked at and changed. */
@RestController
class CustomersController {

    /** @param kindLabel the kind in words */
    record BikeLine(long id, BikeDetails details, String kindLabel, List<JobLine> jobs) {
    }

    /**
     * @param version what a change of it builds on
     * @param erased  when what was known of them was erased
     */
    record CustomerView(long id, int version, CustomerDetails details, List<BikeLine> bikes, Optional<Instant> erased) {
    }

    /**
     * @param version what a change of it builds on
     * @param billed  its open job that has a bill, by which its kind is settled
     */
    record BikeView(long id, int version, BikeDetails details, String kindLabel, long customerId, CustomerDetails customer,
            List<JobLine> jobs, Optional<Long> billed) {
    }

    /** @param version what its writer saw */
    record ChangedCustomer(int version, @NotNull(message = "the customer") @Valid CustomerDetails customer) {
    }

    /** @param version what its writer saw */
    record ChangedBike(int version, @NotNull(message = "the bike") @Valid BikeDetails bike) {
    }

    private final Customers customers;
    private final TheirJobs jobs;
    private final Commands commands;

    CustomersController(Customers customers, TheirJobs jobs, Commands commands) {
        this.customers = customers;
        this.jobs = jobs;
        this.commands = commands;
    }

    @GetMapping("/api/customers")
    List<Customers.KnownCustomer> known(@RequestParam(name = "text") String text) {
        return customers.find(text);
    }

    @GetMapping("/api/customers/alike")
    List<Customers.KnownCustomer> alike(@RequestParam(name = "name") String name, @RequestParam(name = "contact") String contact) {
        return customers.alike(name, contact);
    }

    @GetMapping("/api/customers/{id}")
    CustomerView customer(@PathVariable(name = "id") long id) {
        Customer customer = customers.customer(id);
        List<Bike> bikes = customers.bikesOf(id);
        Map<Long, List<JobLine>> theirs = jobs.all(bikes.stream().map(Bike::id).toList()).stream()
                .collect(Collectors.groupingBy(JobLine::bikeId));
        return new CustomerView(id, customer.version(), customer.details(), bikes.stream()
                .map(b -> new BikeLine(b.id(), b.details(), b.details().kind().label(), theirs.getOrDefault(b.id(), List.of()))).toList(),
                customer.erasedAt());
    }

    @PutMapping("/api/customers/{id}")
    CustomerView change(@PathVariable(name = "id") long id, @Valid @RequestBody ChangedCustomer to,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            customers.change(id, to.version(), to.customer());
            return true;
        });
        return customer(id);
    }

    @GetMapping("/api/bikes/{id}")
    BikeView bike(@PathVariable(name = "id") long id) {
        Bike bike = customers.bike(id);
        return new BikeView(id, bike.version(), bike.details(), bike.details().kind().label(), bike.customer().id(),
                SignedIn.may(Right.SEE_CUSTOMERS) ? bike.customer().details() : bike.customer().details().withoutContact(),
                jobs.all(List.of(id)), jobs.billed(id));
    }

    @PutMapping("/api/bikes/{id}")
    BikeView change(@PathVariable(name = "id") long id, @Valid @RequestBody ChangedBike to,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            customers.change(id, to.version(), to.bike());
            return true;
        });
        return bike(id);
    }
}
