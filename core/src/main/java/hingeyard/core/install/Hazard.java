package hingeyard.core.install;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What can hurt people at work on a converted bike, with the caution that is shown on the step and printed on its papers. */
public enum Hazard {
    BATTERY("Lithium battery: disconnected before work, never drilled near, never charged damaged, wet, frozen or unattended; a swollen or dropped one goes to the quarantine place. Fire measures by local code."),
    POWERED_WHEEL("The wheel may turn by itself: wheel clear of the ground, hands, hair and sleeves away, lowest level."),
    ROTOR("Rotor and pads: clean gloves, no grease, no bare fingers; hot after use, sharp at the edges."),
    LIFTING("Heavy: two people, straight backs."),
    SPRING("Under tension: face and fingers out of its way."),
    SHARP("Cut ends and edges: gloves, glasses; what is cut off is picked up."),
    DUST("Dust of cutting: mask and glasses; carbon never without extraction."),
    DRILLING("Drill and file only what its maker allows; battery away, filings kept from every plug and pack."),
    FUMES("Solder and flux: extraction or an open door, glasses, iron back in its stand."),
    SPARKS("Grinding sparks: glasses, nothing that burns near, battery and fluids away."),
    WELDING("Qualified welder only; battery, electronics, hoses and tyres off the bike; frame and fork maker's written word at hand."),
    STRUCTURE("A change to frame or fork ends its maker's word: only where the maker allows it in writing."),
    FLUID("Brake fluid: the right one only, gloves and glasses, none on pads, rotor or paint."),
    PRESS("Pressing force: fingers clear, parts square before load."),
    ROAD("An empty place first, helmet on; power, speed and throttle limits on roads are the local law's to say.");

    private final String caution;

    Hazard(String caution) {
        this.caution = caution;
    }

    /** The sentence on the step. */
    public String caution() {
        return caution;
    }

    /** As the library writes it, kebab-case. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Hazard> find(String key) {
        return Arrays.stream(values()).filter(h -> h.key().equals(key)).findFirst();
    }
}
