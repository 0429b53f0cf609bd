package hingeyard.app.stock;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The drawers, and putting deliveries in. */
@RestController
@RequestMapping("/api/drawers")
class DrawersController {

    record Receipt(@Min(value = 1, message = "1 to 9999") @Max(value = 9999, message = "1 to 9999") int count,
                   @NotNull(message = "a note, may be empty") @Size(max = 200, message = "at most 200 letters") String note) {
    }

    private final Stock stock;
    private final Commands commands;

    DrawersController(Stock stock, Commands commands) {
        this.stock = stock;
        this.commands = commands;
    }

    @GetMapping
    List<DrawerRow> rows() {
        return stock.rows();
    }

    @PostMapping("/{part}/receipts")
    @PreAuthorize("hasAnyRole('MANAGER', 'STOCK_KEEPER')")
    List<DrawerRow> receive(@PathVariable(name = "part") String part, @Valid @RequestBody Receipt receipt,
                            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            stock.receive(part, receipt.count(), receipt.note(), SignedIn.name());
            return true;
        });
        return stock.rows();
    }
}
