package hingeyard.core.install.library;

import java.util.List;
import java.util.Map;

/**
 * One step as it is written.
 *
 * @param key         kebab-case, unique in the library
 * @param title       what is done
 * @param phase       part of the installation
 * @param text        how
 * @param zones       where on the bike
 * @param posture     how the bike stands; absent when it does not matter
 * @param wheels      which wheels must be in or out, as {@code rear out}
 * @param skill       which skill it takes; absent for general
 * @param people      one or two; absent for one
 * @param minutes     expected
 * @param battery     {@code in} when it must be in; absent when it is out
 * @param tools       with sizes, as the tool list has them
 * @param fasten      fasteners in the order they are tightened
 * @param hazards     hazards whose standard caution is shown
 * @param cautions    further cautions
 * @param figures     what is recorded
 * @param fills       {@code settings} when the job's settings sheet is filled in here: it is ticked once every page is
 * @param hold        what a second person inspects before anything that stands on it may start
 * @param guards      why nobody leaves it out: what happens to people where it is not done; a sentence
 * @param mounts      roles of the bill that it uses up; {@code *} for all that no other step mounts
 * @param after       keys of steps of this fragment that come first; absent for the one above, empty for none
 * @param back        how what it changed is put right when the kit comes off; absent where nothing is, or where what it mounts just comes
 *                    off
 * @param leaves      what stays other than the bike came, a sentence for its owner; {@code nothing} for a step that changes nothing; absent
 *                    where {@code back} says how, or where what it mounts comes off
 * @param drawing     id of the check whose drawing belongs here
 * @param rests       time that has to pass before it and takes nobody's hands; absent for most
 * @param when,unless facts for which it is wanted, within its fragment's
 * @param bench       what of the bench it uses: a calculator, {@code sheet NAME}, {@code made NAME}; absent for most
 */
public record StepText(String key, String title, String phase, String text, List<String> zones, String posture, List<String> wheels,
        String skill, Integer people, int minutes,
        String battery, List<String> tools, List<FastenerText> fasten, List<String> hazards, List<String> cautions,
        List<FigureText> figures, String fills, String hold, String guards,
        List<String> mounts, List<String> after, BackText back, String leaves, String drawing, Map<String, List<String>> when,
        Map<String, List<String>> unless, RestText rests, List<String> bench) {

    /**
     * @param since   key of the step of this fragment from whose end it counts
     * @param minutes how long nothing is done there
     * @param why     what happens meanwhile, as after "because"
     */
    public record RestText(String since, int minutes, String why) {
    }

    /**
     * @param what    which fastener
     * @param thread  its thread; may be absent
     * @param torque  {@code kit NAME} for a figure of the kit's sheet, {@code shop NAME} for one of the shop's table
     * @param turns   {@code left} for a left-hand thread
     * @param locker  grade of thread locker, grease, or dry
     * @param pattern order of several
     */
    public record FastenerText(String what, String thread, String torque, String turns, String locker, String pattern) {
    }

    /**
     * @param key    kebab-case, unique on its step
     * @param torque the fastener of this step whose torque is read; then nothing else is needed
     * @param name   what is read
     * @param unit   its unit
     * @param from   least value that passes: a number, {@code rule KEY} or {@code kit NAME}
     * @param to     greatest value that passes, alike
     * @param tool   what it is read from
     * @param bench  {@code truing run-out} for a figure that is worked out at the bench and taken over; absent for most
     */
    public record FigureText(String key, String torque, String name, String unit, String from, String to, String tool, String bench) {
    }

    /**
     * @param title   what is done
     * @param text    how
     * @param minutes expected
     * @param last    whether it is done once everything else is off and back on
     * @param tools   with sizes; absent for those of the step
     * @param fasten  fasteners in the order they are tightened; each is read
     */
    public record BackText(String title, String text, int minutes, boolean last, List<String> tools, List<FastenerText> fasten) {

        public BackText {
            tools = list(tools);
            fasten = fasten == null ? List.of() : List.copyOf(fasten);
        }
    }

    public StepText {
        zones = list(zones);
        wheels = list(wheels);
        tools = list(tools);
        fasten = fasten == null ? List.of() : List.copyOf(fasten);
        hazards = list(hazards);
        cautions = list(cautions);
        figures = figures == null ? List.of() : List.copyOf(figures);
        mounts = list(mounts);
        bench = list(bench);
        when = when == null ? Map.of() : when;
        unless = unless == null ? Map.of() : unless;
    }

    /** The same step, of which that becomes when the kit comes off. */
    StepText reversed(BackText putRight, String stays) {
        return new StepText(key, title, phase, text, zones, posture, wheels, skill, people, minutes, battery, tools, fasten, hazards,
                cautions, figures, fills, hold, guards, mounts, after, putRight, stays, drawing, when, unless, rests, bench);
    }

    /** The same step, which nobody leaves out for that reason. */
    StepText guarding(String why) {
        return new StepText(key, title, phase, text, zones, posture, wheels, skill, people, minutes, battery, tools, fasten, hazards,
                cautions, figures, fills, hold, why, mounts, after, back, leaves, drawing, when,
                unless, rests, bench);
    }

    private static List<String> list(List<String> written) {
        return written == null ? List.of() : List.copyOf(written);
    }
}
