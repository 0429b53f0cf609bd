package hingeyard.app.command;

import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;

/** What became of a command that got no answer. */
@RestController
class ReceiptsController {

    /** @param saved whether it was carried out; else it is given up, and refused should it still arrive */
    record Became(boolean saved) {
    }

    private final Commands commands;

    ReceiptsController(Commands commands) {
        this.commands = commands;
    }

    @PutMapping("/api/receipts/{key}")
    Became became(@PathVariable(name = "key") String key) {
        return new Became(commands.carriedOut(key));
    }
}
