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

    private static InputStream open(String font) {
        return Objects.requireNonNull(Paper.class.getResourceAsStream(font), font);
    }

    /** Text that stands in XHTML. Letters that XML does not know are left out. */
    static String escaped(String text) {
        return NO_SIGN.matcher(text).replaceAll("").replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"",
                "&quot;");
    }
}
