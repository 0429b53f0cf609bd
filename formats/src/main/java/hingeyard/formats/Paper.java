package hingeyard.formats;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.regex.Pattern;

/** Turns a page of XHTML into PDF, in the shop's own face; letters it lacks come from a face of wide coverage. */
final class Paper {

    /** What no page can hold: control signs, halves of letters, and code points that are no sign. */
    private static final Pattern NO_SIGN = Pattern.compile("[\\p{Cntrl}&&[^\n\t]]|[\\x{FFFE}\\x{FFFF}\\x{FDD0}-\\x{FDEF}]|\\p{Cs}");

    static {
        XRLog.setLoggingEnabled(false);
    }

    private Paper() {
    }

    static byte[] pdf(String xhtml) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder().withHtmlContent(xhtml, null).useSVGDrawer(new BatikSVGDrawer()).toStream(out);
        builder.usePdfUaAccessibility(true);
        builder.useFont(() -> open("/hingeyard/formats/fonts/archivo-regular.ttf"), "Yard", 400, FontStyle.NORMAL, true);
        builder.useFont(() -> open("/hingeyard/formats/fonts/archivo-bold.ttf"), "Yard", 700, FontStyle.NORMAL, true);
        builder.useFont(() -> open("/net/sf/jasperreports/fonts/dejavu/DejaVuSansCondensed.ttf"), "Wide", 400, FontStyle.NORMAL, true);
        builder.useFont(() -> open("/net/sf/jasperreports/fonts/dejavu/DejaVuSansCondensed-Bold.ttf"), "Wide", 700, FontStyle.NORMAL, true);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /**
     * A page of A4 under the shop's letterhead, in the papers' one style, with a title and a language, so that it can be read aloud.
     *
     * @param head  whose paper it is
     * @param title what stands above it and in a reader's list
     * @param foot  at the foot of each page
     * @param css   what this paper adds to the style
     * @param body  XHTML; beside the title stands what it floats there itself
     */
    static String sheet(Letterhead head, String title, String foot, String css, String body) {
        return """
                <html lang="en"><head><title>%1$s</title><meta name="subject" content="%1$s"/><style>
                @page { size: A4; margin: 14mm 13mm 16mm 13mm; @bottom-left { content: "%2$s"; font: 8pt 'Yard' } @bottom-right { content: counter(page) " of " counter(pages); font: 8pt 'Yard' } }
                body { margin: 0; font-family: 'Yard', 'Wide', sans-serif; font-size: 9.5pt; color: #14211d; line-height: 1.3 }
                h1 { font-size: 19pt; margin: 0 } h2 { font-size: 11.5pt; margin: 4mm 0 0.5mm 0; border-bottom: 0.4mm solid #14211d; page-break-after: avoid } p { margin: 0.8mm 0 }
                ul { margin: 1mm 0; padding-left: 5mm } li { margin: 0.8mm 0; page-break-inside: avoid } .soft { color: #4a5852 }
                .letterhead { border-bottom: 0.6mm solid #14211d; padding-bottom: 1.5mm; margin-bottom: 4mm; font-size: 9pt } .letterhead b { font-size: 12pt } .shop-sign { float: right }
                .bike { float: right; width: 72mm; text-align: right } tr { page-break-inside: avoid }
                table { width: 100%%; border-collapse: collapse; font-size: 9.5pt; line-height: 1.3 } td { border-top: 0.15mm solid #b9c2ba; padding: 0.6mm 2mm 0.6mm 0; vertical-align: top }
                .n { text-align: right; white-space: nowrap; width: 22mm } .c { text-align: right; width: 9mm; padding-right: 3mm }
                .total td { border-top: 0.5mm solid #14211d; font-weight: 700; font-size: 11pt }
                .caution { border: 0.5mm solid #14211d; padding: 1.5mm 2.5mm; margin: 4mm 0; font-weight: 700; page-break-inside: avoid }
                .sign { margin-top: 12mm; page-break-inside: avoid } .sign td { border-top: 0.4mm solid #14211d; padding-top: 1mm; width: 50%% }
                %3$s
                </style></head><body>%4$s
                %5$s
                </body></html>""".formatted(escaped(title), escaped(head.foot(foot)), css, head.html(), body);
    }

    private static InputStream open(String font) {
        return Objects.requireNonNull(Paper.class.getResourceAsStream(font), font);
    }

    /** Text that stands in XHTML. Letters that XML does not know are left out. */
    static String escaped(String text) {
        return NO_SIGN.matcher(text).replaceAll("").replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"",
                "&quot;");
    }
}
