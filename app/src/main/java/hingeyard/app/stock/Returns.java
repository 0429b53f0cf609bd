package hingeyard.app.stock;

import hingeyard.app.stock.Holds.Want;
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

    private static final Map<ReturnState, String> NUMBERS = Map.of(ReturnState.OPENED, "-OPEN", ReturnState.USED, "-USED");
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

    /** What a job has of this role does not lie free again. @param state opened, used or damaged */
    @Transactional(propagation = Propagation.MANDATORY)
    public void setAside(long job, String role, ReturnState state, String reason, String by) {
        Map<String, Integer> parts = holds.setAside(job, role, state.label() + ": " + reason, by);
        again(parts, state, job, by);
    }

    /** One thing that a job has goes back in the state it is in, or does not. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void settle(long job, Want what, ReturnState state, String reason, String by) {
        if (state.free()) {
            holds.backInDrawer(job, what, by);
        } else if (state.comesBack()) {
            again(holds.setAside(job, what, state.label() + ": " + reason, by), state, job, by);
        } else {
            holds.gone(job, what, state.label() + ": " + reason, by);
        }
    }

    private void again(Map<String, Integer> parts, ReturnState state, long job, String by) {
        if (state.secondHand()) {
            parts.forEach((number, count) -> open(number, count, state, job, by));
        }
    }

    private void open(String number, int count, ReturnState state, long job, String by) {
        String suffix = NUMBERS.get(state);
        String opened = number.substring(0, Math.min(number.length(), LONGEST_NUMBER - suffix.length())) + suffix;
        if (!stock.shelved(Set.of(opened)).containsKey(opened)) {
            DrawerRow whole = stock.row(number);
            sheets.save(opened,
                    Map.of("name", whole.name().substring(0, Math.min(whole.name().length(), LONGEST_NAME)) + ", " + state.label(),
                            "used as", "other", "place", whole.place()),
                    Optional.empty(), "came back " + state.label(), by);
        }
        stock.receive(opened, Delivery.of(count, state.label() + " by job " + job), by);
    }
}
