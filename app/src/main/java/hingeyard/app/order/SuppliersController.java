package hingeyard.app.order;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who sells to the shop, how long they take and how they kept their word. */
@RestController
@RequestMapping("/api/suppliers")
class SuppliersController {

    /** @param seen the version that was looked at */
    record SupplierGiven(
            @Min(value = 0, message = "0 to 365 working days") @Max(value = Suppliers.LONGEST_LEAD, message = "0 to 365 working days") int leadDays,
            @NotNull(message = "a note, may be empty") @Size(max = 400, message = "at most 400 letters") String note, int seen) {
    }

    private final Suppliers suppliers;
    private final Commands commands;

    SuppliersController(Suppliers suppliers, Commands commands) {
        this.suppliers = suppliers;
        this.commands = commands;
    }

    @GetMapping
    List<Suppliers.Supplier> all() {
        return suppliers.all();
    }

    @PutMapping("/{name}")
    List<Suppliers.Supplier> change(@PathVariable(name = "name") String name, @Valid @RequestBody SupplierGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            suppliers.change(name, given.leadDays(), given.note().strip(), given.seen(), SignedIn.name());
            return true;
        });
        return all();
    }
}
