package hingeyard.core.bike;

/** How the rear cogs are held. */
public enum CogKind implements Choice {
    SCREWED_FREEWHEEL("freewheel (threaded)"),
    CASSETTE("cassette on a splined body"),
    GEAR_HUB("one cog on a gear hub"),
    FIXED("one fixed cog");

    private final String label;

    CogKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
