package hingeyard.formats;

import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The shop as it stands on its papers.
 *
 * @param name      blank on papers of nobody's shop
 * @param address   a line each
 * @param telephone blank where there is none; so the tax number and the terms
 * @param currency  its code of three letters, such as EUR
 * @param sign      a JPEG
 * @param demo      whether all of it is made up: every paper says so
 */
public record Letterhead(String name, List<String> address, String telephone, String taxNumber, String terms, String currency,
        Optional<Sign> sign, boolean demo) {

    /** What a made-up paper says on each page. */
    static final String DEMO = "Demo shop: made up, for trying only";

    /** A picture. */
    public record Sign(byte[] jpeg, int width, int height) {
    }

    public Letterhead {
        address = List.copyOf(address);
    }

    /** At the head of a paper for customers: sign, name, where it is. */
    String html() {
        if (name.isBlank()) {
            return "";
        }
        String where = Stream.concat(address.stream(), Stream.of(telephone)).filter(l -> !l.isBlank()).map(Paper::escaped)
                .collect(Collectors.joining(" · "));
        return "<div class=\"letterhead\">%s<b>%s</b><br/><span class=\"soft\">%s</span>%s</div>".formatted(
                sign.map(Letterhead::picture).orElse(""), Paper.escaped(name), where,
                taxNumber.isBlank() ? "" : "<br/><span class=\"soft\">Tax number " + Paper.escaped(taxNumber) + "</span>");
    }

    private static final int TALLEST_MM = 14;
    private static final int WIDEST_MM = 45;

    private static String picture(Sign sign) {
        double scale = Math.min((double) TALLEST_MM / sign.height, (double) WIDEST_MM / sign.width);
        return "<img class=\"shop-sign\" alt=\"The shop’s sign\" style=\"width: %dmm; height: %dmm\" src=\"data:image/jpeg;base64,%s\"/>"
                .formatted(
                        Math.max(1, Math.round(sign.width * scale)), Math.max(1, Math.round(sign.height * scale)),
                        Base64.getEncoder().encodeToString(sign.jpeg));
    }

    /** At the foot of each page, beside what the page is: for a style sheet's {@code content}. */
    String foot(String page) {
        return (demo ? DEMO + ". " : "") + page.replaceAll("[\"\\\\\n]", " ");
    }
}
