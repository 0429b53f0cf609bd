package hingeyard.core.match;

import hingeyard.core.explain.Sentence;

/**
 * One thing that was asked for, and what a kit gives of it.
 *
 * @param why what it gives, against what was asked
 */
public record Answered(Asked asked, boolean met, Sentence why) {
}
