package hingeyard.core.people;

/** How far somebody is in a skill. Whoever has not begun has no grade. */
public enum SkillGrade {
    /** Does it, and somebody skilled looks at it. */
    LEARNING("learning"),
    /** Does it alone. */
    SKILLED("skilled");

    private final String label;

    SkillGrade(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
