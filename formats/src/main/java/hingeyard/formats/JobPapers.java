package hingeyard.formats;

import hingeyard.core.commission.Setting;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Hazard;
import hingeyard.core.install.Step;
import java.time.format.DateTimeFormatter;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The papers of an installation, as a page for the printer and as PDF: job sheet, settings sheet, customer's guide, parts handed back, next
 * check.
 */
public final class JobPapers {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final String CAUTION = "Frame, fork and kit makers' limits, local codes and licensed practice stand above this paper.";
    private static final List<String> GUIDE = List.of(
            "Charge it with the charger that belongs to it, in sight, at room temperature, on something that does not burn. Never charge a battery that is damaged, wet, frozen, swollen or was dropped: "
                    + "take it outside, away from what burns, and call us.",
            "Take the battery off and the key out before you lift the bike, carry it or work on it.",
            "The bike is heavier and faster than it was: brake earlier, and try it on an empty place first, lowest level.",
            "Pull either brake lever and the motor stops. If it ever does not, do not ride.",
            "Keep hands, hair and clothes from the motor wheel and chain; switch off before you reach in.",
            "Do not wash it with a jet. Rain is no harm to it; standing under water is.",
            "A noise, a smell, a wheel that moves in its slots, a loose crank: stop, take the battery off, call us.",
            "Power, speed, throttle, age, helmet and insurance on roads are the local law's to say. What this bike is set to is written on its settings.");

    /** After work without a kit; the bike may be an electric one all the same. */
    private static final List<String> GUIDE_AFTER_WORK = List.of(
            "Try both brakes on an empty place before you ride off, and again after the first kilometres.",
            "A noise, a wheel that moves in its slots, a loose crank, a brake that changed: stop, and call us.",
            "Has it a battery: charge it with its own charger, in sight, on something that does not burn; never one that is damaged, wet, frozen, swollen or was dropped. Take it off before you lift the bike or work on it.",
            "Lights, power, speed and throttle on roads are the local law's to say.");

    private static final List<String> SETTLES = List.of(
            "Paint marks on axle, motor and rail whole: a broken one is torqued, marked anew and written down",
            "Spokes of the motor wheel even in tone; wheel true sideways and up and down",
            "Brakes: pads wholly on track or rotor, levers well before the bar, each lever alone cuts the motor",
            "Battery: pull test at its rail, lock, plug dry and clean, no dent",
            "Loom: full lock both ways, no tie through its cover, plugs to their lines",
            "Bearings of hubs, headset and bracket without play; chain, its length and its wear",
            "Settings as the sheet says; the customer asked about noises, heat and range");

    /** What a customer would call work. */
    private static final Set<Phase> WORK = EnumSet.complementOf(EnumSet.of(Phase.BOX, Phase.BENCH, Phase.BASELINE, Phase.CLOSE));

    /** State, step, figures: as wide in each table, whatever its first row is. */
    private static final String COLUMNS = "<table class=\"w\"><colgroup><col style=\"width: 17mm\"/><col/><col style=\"width: 58mm\"/></colgroup>";

    private JobPapers() {
    }

    /** The steps for the bench: each with its torques, figures and hold point, ticked where it is done. */
    public static String jobSheet(JobPaper paper) {
        StringBuilder body = new StringBuilder();
        body.append("<h2>Cautions</h2>");
        paper.steps().stream().flatMap(d -> d.step().cautions().stream()).distinct().filter(JobPapers::standing)
                .forEach(c -> body.append("<p class=\"c\">").append(esc(c)).append("</p>"));
        Set<Optional<Exhibit>> drawn = new HashSet<>();
        String phase = null;
        for (JobPaper.Done done : paper.steps()) {
            String now = done.step().phase().map(Phase::label).orElse("");
            // A heading and what it heads stay on one page.
            boolean begins = !now.equals(phase);
            if (begins) {
                body.append(phase == null ? "" : "</table>").append("<div class=\"end\">")
                        .append(now.isEmpty() ? "" : "<h2>" + esc(now) + "</h2>").append(COLUMNS);
                phase = now;
            }
            body.append(step(done)).append(begins ? "</table></div>" + COLUMNS : "")
                    // The bench's drawings are as wide as the sheet.
                    .append(drawn.add(done.drawing()) ? done.drawing()
                            .map(e -> "<tr class=\"s\"><td colspan=\"3\">" + ExhibitPaper.html(e, paper.paint()) + "</td></tr>").orElse("")
                            : "");
        }
        return page(paper, "Job sheet", body.append(paper.steps().isEmpty() ? "<p>No steps are planned yet.</p>" : "</table>").toString());
    }

    /** Cautions that many steps share stand at the head once; those of one step stand with it. */
    private static boolean standing(String caution) {
        return java.util.Arrays.stream(Hazard.values()).anyMatch(h -> h.caution().equals(caution));
    }

    private static String step(JobPaper.Done done) {
        Step s = done.step();
        StringBuilder said = new StringBuilder("<tr class=\"s\"><td class=\"box\">")
                .append(done.state().isEmpty() ? "<span class=\"open\"></span>" : "<b>" + esc(done.state()) + "</b>").append("</td><td><b>")
                .append(esc(s.title())).append("</b> <span class=\"soft\">").append(esc(s.posture().label()))
                .append(s.batteryIn() ? ", battery in" : "").append(", ").append(s.minutes()).append(" min")
                .append(s.people() > 1 ? ", two people" : "").append("</span><br/>").append(esc(s.text()));
        said.append("<br/><span class=\"soft\">").append(esc(String.join(" · ", s.tools()))).append("</span>");
        s.cautions().stream().filter(c -> !standing(c)).forEach(c -> said.append("<p class=\"c\">").append(esc(c)).append("</p>"));
        s.hold().ifPresent(h -> said.append("<p class=\"hold\"><b>Second person:</b> ").append(esc(h)).append("</p>"));
        said.append("</td><td class=\"f\">");
        s.fastenings().forEach(f -> said.append(fastening(f)));
        if (done.figures().isEmpty()) {
            s.figures().forEach(f -> said.append(wanted(f)));
        } else {
            done.figures().forEach(f -> said.append("<p>").append(esc(f)).append("</p>"));
        }
        return said.append("<span class=\"soft\">").append(esc(done.who())).append("</span></td></tr>").toString();
    }

    private static String fastening(Fastening f) {
        return "<p><b>%s%s</b> %s N·m <span class=\"soft\">(%s ft·lb)%s, %s</span></p>".formatted(esc(f.what()),
                f.thread().map(t -> ", " + esc(t)).orElse(""), f.torque().newtonMetres(),
                f.torque().footPounds(), f.leftHand() ? " <b>left-hand: counter-clockwise</b>" : "", esc(f.locker()));
    }

    private static String wanted(FigureWanted f) {
        return "<p>%s: ______ <span class=\"soft\">%s</span></p>".formatted(esc(f.name()), esc(f.window()));
    }

    /** What the display was set to, page by page. */
    public static String settings(JobPaper paper) {
        return page(paper, "Settings sheet", "<h2>Display, page by page</h2>"
                + table(paper.settings().stream().filter(s -> !s.hidden()).toList())
                + "<p class=\"soft\">Pages that nobody can explain are left as found, their value written down. A start code stands on the customer's guide alone.</p>");
    }

    private static String table(List<Setting> settings) {
        return settings.isEmpty() ? "<p>This kit has no display to set.</p>"
                : settings.stream()
                        .map(s -> "<tr><td class=\"box\"><b>%s</b></td><td>%s</td><td><b>%s</b></td><td class=\"soft\">%s</td></tr>"
                                .formatted(esc(s.page()), esc(s.meaning()), esc(s.value()), esc(s.ground())))
                        .collect(Collectors.joining("", "<table>", "</table>"));
    }

    /** The same without where each value comes from. */
    private static String setTo(List<Setting> settings) {
        return settings.isEmpty() ? "<p>This kit has no display to set.</p>"
                : settings.stream().map(s -> "<tr><td class=\"box\"><b>%s</b></td><td>%s</td><td><b>%s</b></td></tr>"
                        .formatted(esc(s.page()), esc(s.meaning()), esc(s.value()))).collect(Collectors.joining("", "<table>", "</table>"));
    }

    /** For whoever rides it: how to use it, what to be careful of, what was agreed, what is handed back and when it is wanted again. */
    public static String guide(JobPaper paper) {
        StringBuilder body = new StringBuilder("<h2>Riding it</h2>").append(list(paper.converted() ? GUIDE : GUIDE_AFTER_WORK));
        section(body, "How far it goes", paper.range());
        section(body, "What was agreed", paper.consents());
        if (paper.converted()) {
            body.append("<h2>Set to</h2>").append(setTo(paper.settings()));
        } else {
            section(body, "What was done", paper.steps().stream()
                    .filter(d -> !d.leftOut() && d.step().phase().filter(WORK::contains).isPresent()).map(d -> d.step().title()).toList());
        }
        section(body, "Numbers", paper.serials());
        section(body, "Parts handed back", paper.back().parts());
        if (paper.converted()) {
            body.append("<div class=\"end\"><h2>We want it back</h2><p>").append(when(paper)).append(
                    ": spokes, axle and motor nuts by their paint marks, brakes, bearings, plugs, settings. Without charge for the first check.</p>");
        }
        body.append("<table class=\"sign\"><tr><td>Shown and handed over, day</td><td>Customer</td></tr></table>")
                .append(paper.converted() ? "</div>" : "");
        return page(paper, paper.converted() ? "Your converted bike" : "Your bike", body.toString());
    }

    private static String when(JobPaper paper) {
        return "<b>" + esc(paper.check().text()) + "</b>";
    }

    /** Receipt for what came off the bike: each part ticked as it changes hands, keys without their numbers, signed by both. */
    public static String handedBack(JobPaper paper) {
        StringBuilder body = new StringBuilder("<h2>Taken off, yours</h2>")
                .append(ticked(paper.back().parts(), "Nothing came off this bike that is not on it again."));
        if (!paper.back().moved().isEmpty()) {
            body.append("<h2>Yours, moved over: on the bike</h2>").append(list(paper.back().moved()));
        }
        body.append("<h2>Keys</h2>")
                .append(ticked(
                        paper.back().keys() ? List.of("The kit's, spare among them. Their numbers stand on no paper: ask for them.")
                                : List.of(),
                        paper.converted() ? "None are on record for this kit." : "None: no kit was fitted."));
        section(body, "Numbers", paper.serials());
        return page(paper, "Parts handed back",
                body.append("<p class=\"soft\">What the customer leaves with us to be thrown away is struck out here and initialled.</p>")
                        .append("<table class=\"sign\"><tr><td>Handed over by, day</td><td>Customer</td></tr></table>").toString());
    }

    private static String ticked(List<String> lines, String none) {
        return lines.isEmpty() ? "<p>" + none + "</p>"
                : lines.stream().map(l -> "<tr class=\"s\"><td class=\"box\"><span class=\"open\"></span></td><td>" + esc(l) + "</td></tr>")
                        .collect(Collectors.joining("", "<table>", "</table>"));
    }

    /**
     * For whoever sees the bike next: every fastener of this installation with its torque and what was read, and what settles in the first
     * weeks.
     */
    public static String nextCheck(JobPaper paper) {
        String fasteners = paper.steps().stream().filter(d -> !d.step().fastenings().isEmpty() && !d.leftOut()).map(JobPapers::again)
                .collect(Collectors.joining());
        String body = "<h2>We want it back</h2><p>" + when(paper)
                + ". Without charge the first time.</p><h2>Battery out, then every fastener again</h2>"
                + (fasteners.isEmpty() ? "<p>None of this installation has a torque.</p>" : COLUMNS + fasteners + "</table>")
                + "<div class=\"end\"><h2>What settles in the first weeks</h2>" + ticked(SETTLES, "");
        return page(paper, "Next check", body
                + "<table class=\"sign\"><tr><td>Checked by, day, km</td><td>Second person, for what holds wheel and motor</td></tr></table></div>");
    }

    private static String again(JobPaper.Done done) {
        return "<tr class=\"s\"><td class=\"box\"><span class=\"open\"></span></td><td>%s<span class=\"soft\">%s</span></td><td class=\"f\"><span class=\"soft\">%s</span><p>now: ______</p></td></tr>"
                .formatted(done.step().fastenings().stream().map(JobPapers::fastening).collect(Collectors.joining()),
                        esc(done.step().title()),
                        esc(done.figures().stream().filter(f -> f.contains("N·m")).collect(Collectors.joining("; "))));
    }

    private static void section(StringBuilder body, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            body.append("<h2>").append(esc(title)).append("</h2>").append(list(lines));
        }
    }

    private static String list(List<String> lines) {
        return lines.stream().map(l -> "<li>" + esc(l) + "</li>").collect(Collectors.joining("", "<ul>", "</ul>"));
    }

    public static byte[] pdf(String page) {
        return Paper.pdf(page);
    }

    private static String page(JobPaper paper, String title, String body) {
        return Paper.sheet(paper.head(), "%s, job %d".formatted(title, paper.job()),
                "Job %d, %s".formatted(paper.job(), DAY.format(paper.on())),
                """
                        @media screen { body { margin: 9mm 11mm; max-width: 186mm } } td { padding: 1mm 2mm 1mm 0 } .s { page-break-inside: avoid } .w { table-layout: fixed } .end { page-break-inside: avoid }
                        .box { width: 17mm } .open { display: inline-block; width: 4mm; height: 4mm; border: 0.4mm solid #14211d } .f { width: 58mm }
                        .c { text-align: left; width: auto; border-left: 1mm solid #b8411f; padding-left: 2mm } .hold { border-left: 1mm solid #e2b437; padding-left: 2mm }""",
                """
                        <div class="bike">%2$s</div>
                        <h1>%1$s</h1><p><b>%3$s</b></p><p>Job %4$d, %5$s</p>%6$s
                        <div style="clear: both"></div>
                        <div class="caution">%7$s</div>
                        %8$s
                        """.formatted(esc(title), BikeSvg.write(paper.drawing(), paper.paint(), 70, 38), esc(paper.kitName()), paper.job(),
                        esc(paper.customer()),
                        paper.bikeLines().stream().filter(l -> !l.isBlank()).map(l -> "<p class=\"soft\">" + esc(l) + "</p>")
                                .collect(Collectors.joining()),
                        esc(CAUTION), body));
    }

    private static String esc(String text) {
        return Paper.escaped(text);
    }
}
