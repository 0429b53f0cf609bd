package hingeyard.app.opening;

import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.StandView;
import hingeyard.app.shop.WeekGiven;
import hingeyard.app.shop.WeekGiven.DayHours;
import hingeyard.core.opening.Missing;
import hingeyard.core.rights.Role;
import hingeyard.core.rules.NumberRule;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The first page of a shop of one's own, and what is still to do after it. */
@RestController
class OpeningController {

    /**
     * What the page is begun with: everything that can be guessed.
     *
     * @param currencies codes to choose from
     */
    record OpeningForm(String taxPercent, String labourAnHour, String depositPercent, List<String> currencies) {
    }

    /** @param roles what they do besides managing */
    record FirstManager(@NotBlank(message = "a name to sign in with") String username,
            @NotBlank(message = "a name for steps and papers") @Size(max = 40, message = "at most 40 letters") String displayName,
            @NotBlank(message = "a password: at least 12 signs") String fresh,
            @NotNull(message = "what else they do, may be nothing") List<@NotNull(message = "a role") Role> roles) {
    }

    record OpeningGiven(@NotBlank(message = "the code that ./yard open printed") @Size(max = 40, message = "at most 40 signs") String code,
            @NotBlank(message = "the shop’s name") @Size(max = 80, message = "at most 80 letters") String name,
            @NotNull(message = "the address, may be empty") @Size(max = 300, message = "at most 300 letters") String address,
            @NotNull(message = "a telephone, may be empty") @Size(max = 60, message = "at most 60 letters") String telephone,
            @NotNull(message = "a tax number, may be empty") @Size(max = 60, message = "at most 60 letters") String taxNumber,
            @NotBlank(message = "a currency’s code") String currency,
            @NotBlank(message = "a number of percent") @Size(max = 20, message = "at most 20 signs") String taxPercent,
            @NotBlank(message = "an amount") @Size(max = 20, message = "at most 20 signs") String labourAnHour,
            @NotBlank(message = "a number of percent") @Size(max = 20, message = "at most 20 signs") String depositPercent,
            @NotNull(message = "the stands") @Size(min = 1, max = 40, message = "1 to 40 stands") List<@NotNull(message = "a stand") @Valid StandView> stands,
            @NotNull(message = "the hours") @Size(min = 1, max = 7, message = "1 to 7 open days") List<@NotNull(message = "a day") @Valid DayHours> hours,
            @NotNull(message = "the first manager") @Valid FirstManager manager) {
    }

    /** @param key names it; @param stops whether a bike stops there */
    record MissingView(Missing key, String what, String why, boolean stops) {
    }

    /** @param sets sets to start with that are not there yet */
    record StillMissing(List<MissingView> missing, List<StarterSet> sets) {
    }

    /** @param brought how many came; those that were there already are left as they are */
    record StarterBrought(int brought, StillMissing still) {
    }

    private final Opening opening;
    private final WhatIsThere there;
    private final StarterSets starter;
    private final Commands commands;

    OpeningController(Opening opening, WhatIsThere there, StarterSets starter, Commands commands) {
        this.opening = opening;
        this.there = there;
        this.starter = starter;
        this.commands = commands;
    }

    @GetMapping("/api/opening")
    OpeningForm form() {
        return new OpeningForm(NumberRule.TAX.standard().toPlainString(), NumberRule.LABOUR.standard().toPlainString(),
                NumberRule.DEPOSIT.standard().toPlainString(), Faces.offered());
    }

    /** Takes no key: it is done once by nature, and whoever presses twice is told that the shop is open. */
    @PostMapping("/api/opening")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(@Valid @RequestBody OpeningGiven given) {
        Map<NumberRule, String> rules = new EnumMap<>(Map.of(NumberRule.TAX, given.taxPercent().strip(), NumberRule.LABOUR,
                given.labourAnHour().strip(), NumberRule.DEPOSIT, given.depositPercent().strip()));
        Set<Role> roles = EnumSet.noneOf(Role.class);
        roles.addAll(given.manager().roles());
        opening.open(given.code(),
                new Opening.Face(given.name(), given.address(), given.telephone(), given.taxNumber(), given.currency(), rules),
                StandView.each(given.stands()), WeekGiven.read("hours", given.hours()),
                new Opening.First(given.manager().username().strip(), given.manager().displayName(), given.manager().fresh(), roles));
    }

    @GetMapping("/api/opening/missing")
    StillMissing missing() {
        return new StillMissing(
                Missing.of(there.now()).stream().map(m -> new MissingView(m, m.what(), m.why(), m.stops())).toList(), starter.left());
    }

    @PostMapping("/api/opening/starter/{set}")
    StarterBrought bring(@PathVariable(name = "set") StarterSet set,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        int brought = commands.once(key, Integer.class, () -> starter.bring(set));
        return new StarterBrought(brought, missing());
    }
}
