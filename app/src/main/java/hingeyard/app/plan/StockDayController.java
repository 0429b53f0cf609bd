package hingeyard.app.plan;

import hingeyard.app.booking.JobCard;
import hingeyard.app.stock.Holds;
import hingeyard.app.wiring.Remembered;
import hingeyard.core.plan.StockDay;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the plan asks of the drawers. */
@RestController
class StockDayController {

    /** Trays are told so many days ahead. */
    static final int DAYS_AHEAD = 7;

    /** @param lines,laid parts its bill takes of the drawers, and how many of them lie on the tray or are mounted */
    record TrayView(long job, String bike, String paint, LocalDateTime wanted, String person, Optional<Integer> stand, int lines,
            int laid) {
    }

    /**
     * @param known whether a supplier confirmed when it comes; else it is supposed
     * @param later what moves when it comes a working day later, a sentence each
     */
    record DueView(long job, String bike, String what, LocalDateTime comes, boolean known, LocalDateTime needed, List<String> later) {
    }

    record StockDayView(LocalDate date, List<TrayView> trays, List<DueView> due) {
    }

    private final Ahead ahead;
    private final Holds holds;
    /** By the plan itself: another moment has another. */
    private final Remembered<String, Ahead.Planned, List<StockDay.Due>> due = new Remembered<>(1);

    StockDayController(Ahead ahead, Holds holds) {
        this.ahead = ahead;
        this.holds = holds;
    }

    /** Which trays are wanted when, and what must come by when or which job moves. */
    @GetMapping("/api/plan/stock")
    StockDayView stock() {
        Ahead.Planned now = ahead.now();
        StockDay day = day(now);
        return new StockDayView(now.question().now().toLocalDate(), day.trays().stream().map(t -> {
            JobCard card = now.jobs().get(t.job());
            return new TrayView(t.job(), card.bike(), card.paint(), t.wanted(), t.person(), t.stand(), t.laid().lines(), t.laid().laid());
        }).toList(), day.due().stream().map(d -> new DueView(d.job(), now.jobs().get(d.job()).bike(), d.what(), d.comes(), d.known(),
                d.needed(), d.later())).toList());
    }

    /** Trays as they are; parts as the plan has them, each of which is planned with once and then remembered with it. */
    StockDay day(Ahead.Planned now) {
        Map<Long, StockDay.Laid> trays = holds.trays(now.jobs().keySet()).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> new StockDay.Laid(e.getValue().lines(), e.getValue().laid())));
        return new StockDay(StockDay.trays(now.plan(), trays, now.question().now().toLocalDate().plusDays(DAYS_AHEAD)),
                due.of("due", now, () -> StockDay.due(now.question(), now.plan())));
    }
}
