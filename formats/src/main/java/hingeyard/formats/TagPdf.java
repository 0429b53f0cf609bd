package hingeyard.formats;

import hingeyard.core.bike.BikeDrawing;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** The paper tag that hangs on a bike: A6, its number readable across the floor, a code that opens the job. */
public final class TagPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.UK);

    /**
     * What stands on it.
     *
     * @param lines what was asked for, a line each
     * @param paint the frame's colour as {@code #rrggbb}
     * @param link  what the code opens
     */
    public record Tag(long number, String customer, String contact, String bike, String kind, String frameNumber, LocalDate arrives,
            String jobKind, List<String> lines,
            String paint, BikeDrawing drawing, String link) {
    }

    private TagPdf() {
    }

    /** @param shop whose tag it is */
    public static byte[] write(Letterhead shop, Tag tag) {
        StringBuilder lines = new StringBuilder();
        tag.lines().stream().filter(l -> !l.isBlank()).forEach(l -> lines.append("<p>").append(Paper.escaped(l)).append("</p>"));
        return Paper.pdf("""
                <html lang="en"><head><title>Tag of job %1$d</title><style>
                @page { size: 148mm 105mm; margin: 0 }
                body { margin: 0; font-family: 'Yard', 'Wide'; font-size: 10.5pt; color: #14211d; line-height: 1.25 }
                .corner { position: absolute; left: 0; top: 0 }
                .number { position: absolute; left: 9mm; top: 4mm; font-size: 66pt; font-weight: 700; line-height: 1 }
                .who { position: absolute; left: 64mm; top: 8mm; width: 77mm }
                .who b { font-size: 14pt }
                .bike { position: absolute; left: 9mm; top: 35mm; width: 90mm; height: 42mm; text-align: center }
                .qr { position: absolute; left: 105mm; top: 36mm; width: 36mm; text-align: center; font-size: 8pt }
                .what { position: absolute; left: 9mm; top: 79mm; width: 132mm; height: 20mm; overflow: hidden; border-top: 0.4mm solid #14211d; padding-top: 1.5mm }
                .what p { margin: 0 } .what b { font-size: 12pt }
                .soft { color: #4a5852 } .shop { position: absolute; left: 66mm; width: 76mm; top: 100mm; text-align: right; font-size: 7pt; color: #4a5852 }
                </style></head><body>
                <div class="corner"><svg xmlns="http://www.w3.org/2000/svg" width="148mm" height="105mm" viewBox="0 0 148 105"><path d="M8 1.5H146.5V103.5H1.5V8Z" fill="none" stroke="#14211d" stroke-width="0.5"/><circle cx="6.6" cy="6.6" r="2" fill="none" stroke="#14211d" stroke-width="0.4"/></svg></div>
                <div class="number">%1$d</div><div class="shop">%12$s</div>
                <div class="who"><b>%2$s</b><br/>%3$s<br/><span class="soft">%4$s, frame %5$s</span><br/>%6$s</div>
                <div class="bike">%7$s</div>
                <div class="qr">%8$s<br/>opens job %1$d</div>
                <div class="what"><b>%9$s</b> <span class="soft">arrives %10$s</span>%11$s</div>
                </body></html>""".formatted(tag.number(), Paper.escaped(tag.customer()), Paper.escaped(tag.bike()),
                Paper.escaped(tag.kind()),
                Paper.escaped(tag.frameNumber().isBlank() ? "without number" : tag.frameNumber()), Paper.escaped(tag.contact()),
                BikeSvg.write(tag.drawing(), tag.paint(), 74, 41), QrSvg.write(tag.link(), 34), Paper.escaped(tag.jobKind()),
                DAY.format(tag.arrives()), lines, Paper.escaped(shop.foot(shop.name()))));
    }
}
