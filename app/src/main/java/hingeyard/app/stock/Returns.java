package hingeyard.app.stock;

import hingeyard.app.stock.Stock.Delivery;
import hingeyard.core.stock.ReturnState;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Takes goods back from a job in the state they are in: as new to their drawer, opened to a number of their own, damaged out of stock. */
@Service
public class Returns {

    private static final String OPENED = "-OPEN";
    private static final int LONGEST_NUMBER = 40;
    private static final int LONGEST_NAME = 110;

    private final Holds holds;
    private final Stock stock;
    private final PartSheets sheets;

    Returns(Holds holds, Stock stock, PartSheets sheets) {
        this.holds = holds;
        this.stock = stock;
        this.sheets = sheets;
    }

    /** What a job has of this role does not lie free again. @param state opened or damaged */
    @Transactional(propagation = Propagation.MANDATORY)
    public void setAside(long job, String role, ReturnState state, String reason, String by) {
        Map<String, Integer> parts = holds.setAside(job, role, state.label() + ": " + reason, by);
        if (state == ReturnState.OPENED) {
            parts.forEach((number, count) -> open(number, count, job, by));
        }
    }

    private void open(String number, int count, long job, String by) {
        String opened = number.substring(0, Math.min(number.length(), LONGEST_NUMBER - OPENED.length())) + OPENED;
        if (!stock.shelved(Set.of(opened)).containsKey(opened)) {
            DrawerRow whole = stock.row(number);
            sheets.save(opened, Map.of("name", whole.name().substring(0, Math.min(whole.name().length(), LONGEST_NAME)) + ", opened",
                    "used as", "other", "place", whole.place()), Optional.empty(), "came back opened", by);
        }
        stock.receive(opened, Delivery.of(count, "opened for job " + job), by);
    }
}
