package hingeyard.app.shop;

import hingeyard.app.command.Commands;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.WeekGiven.DayHours;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The page of stands, special tools, hours and closed days. */
@RestController
@RequestMapping("/api/shop")
class ShopController {

    private static final int YEARS_AHEAD = 3;

    /** @param why in a few words, as on the door */
    record ClosedDay(@NotNull(message = "a day") LocalDate day,
            @NotBlank(message = "why, 1 to 60 letters") @Size(max = 60, message = "at most 60 letters") String why) {
    }

    /**
     * A tool of which there are few.
     *
     * @param name as steps name it
     */
    record FewTools(@NotBlank(message = "a tool, as steps name it") @Size(max = 80, message = "at most 80 letters") String name,
            @Min(value = 1, message = "1 to 20") @Max(value = 20, message = "1 to 20") int count) {
    }

    /**
     * @param version   what a change of it builds on
     * @param toolNames every tool that steps name
     */
    record ShopView(int version, List<StandView> stands, List<DayHours> hours, List<ClosedDay> closed, List<FewTools> tools,
            List<String> toolNames) {
    }

    /** @param version what its writer saw */
    record ShopGiven(int version,
            @NotNull(message = "the stands") @Size(min = 1, max = 40, message = "1 to 40 stands") List<@NotNull(message = "a stand") @Valid StandView> stands,
            @NotNull(message = "the hours") @Size(min = 1, max = 7, message = "1 to 7 open days") List<@NotNull(message = "a day") @Valid DayHours> hours,
            @NotNull(message = "the closed days, may be none") @Size(max = 200, message = "at most 200 closed days") List<@NotNull(message = "a day") @Valid ClosedDay> closed,
            @NotNull(message = "the special tools, may be none") @Size(max = 60, message = "at most 60 tools") List<@NotNull(message = "a tool") @Valid FewTools> tools) {
    }

    private final ShopBook book;
    private final ToolsInSteps steps;
    private final Commands commands;
    private final ShopClock clock;

    ShopController(ShopBook book, ToolsInSteps steps, Commands commands, ShopClock clock) {
        this.book = book;
        this.steps = steps;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping
    ShopView shop() {
        ShopBook.Book now = book.now();
        return new ShopView(now.version(), now.stands().stream().map(StandView::of).toList(), WeekGiven.shown(now.hours()),
                new TreeMap<>(now.closed()).entrySet().stream().map(e -> new ClosedDay(e.getKey(), e.getValue())).toList(),
                now.tools().stream().map(t -> new FewTools(t.name(), t.count())).toList(), steps.tools().stream().sorted().toList());
    }

    @PutMapping
    ShopView change(@Valid @RequestBody ShopGiven given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        List<Stand> stands = StandView.each(given.stands());
        Map<LocalDate, String> closed = closed(given.closed());
        List<SpecialTool> tools = tools(given.tools());
        commands.once(key, Boolean.class, () -> {
            book.change(given.version(), stands, WeekGiven.read("hours", given.hours()),
                    closed, tools);
            return true;
        });
        return shop();
    }

    private List<SpecialTool> tools(List<FewTools> given) {
        Set<String> named = new HashSet<>();
        for (FewTools tool : given) {
            if (!steps.tools().contains(tool.name())) {
                throw Refused.input("tools", tool.name(), "a tool that a step names: " + String.join(", ", steps.tools()));
            }
            if (!named.add(tool.name())) {
                throw Refused.input("tools", tool.name() + " twice", "each tool once");
            }
        }
        return given.stream().map(t -> new SpecialTool(t.name(), t.count())).toList();
    }

    private Map<LocalDate, String> closed(List<ClosedDay> given) {
        LocalDate least = clock.today().minusYears(1);
        LocalDate most = clock.today().plusYears(YEARS_AHEAD);
        Map<LocalDate, String> closed = new TreeMap<>();
        for (ClosedDay day : given) {
            if (day.day().isBefore(least) || day.day().isAfter(most)) {
                throw Refused.input("closed", day.day().toString(), "a day from %s to %s".formatted(least, most));
            }
            if (closed.put(day.day(), day.why().strip()) != null) {
                throw Refused.input("closed", day.day() + " twice", "each day once");
            }
        }
        return closed;
    }
}
