package hingeyard.core.rules;

import java.util.List;

/** A matter on which good shops differ. The first option is what the application ships with. */
public enum School implements Rule {
    TORQUE_ARMS("school.torque-arms", "Torque arms", "A lost wheel is the worst failure: the strictest that applies.", "strictest",
            "always", "by-load", "two-on-sprung"),
    ABOVE_RATED("school.above-rated-voltage", "Battery above the rated voltage",
            "Within the stated maximum, with consent and the manager's sign-off.", "consent", "never"),
    PLUG_MISMATCH("school.plug-mismatch", "Plugs that do not match", "An adapter now; re-terminated once the conversion has proved itself.",
            "adapter-then-terminate", "adapter", "terminate"),
    DRY_FIT("school.dry-fit", "Dry fit", "Before the bike is stripped: until then the kit can still go back.", "before-stripping",
            "after-stripping"),
    MADE_PARTS("school.made-parts", "Parts that no drawer holds",
            "Printed or turned here: there in an hour, and in the thickness the stack asks for.",
            "make", "buy");

    private final String key;
    private final String title;
    private final String reason;
    private final List<String> options;

    School(String key, String title, String reason, String... options) {
        this.key = key;
        this.title = title;
        this.reason = reason;
        this.options = List.of(options);
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String title() {
        return title;
    }

    public List<String> options() {
        return options;
    }

    @Override
    public String standardText() {
        return options.get(0);
    }

    @Override
    public String reason() {
        return reason;
    }

    @Override
    public String source() {
        return "shop's choice";
    }

    @Override
    public String allowed() {
        return "one of " + String.join(", ", options);
    }

    @Override
    public List<String> ends() {
        return options();
    }
}
