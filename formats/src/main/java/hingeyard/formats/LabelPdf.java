package hingeyard.formats;

import java.util.List;

/** Stickers of 62 by 32 mm, one a page: a code that a scanner reads, and what a person reads at arm's length. */
public final class LabelPdf {

    /**
     * One sticker.
     *
     * @param large what is read from afar
     * @param lines what stands below it
     * @param link  what the code opens
     */
    public record Label(String large, List<String> lines, String link) {

        public Label {
            lines = List.copyOf(lines);
        }
    }

    private LabelPdf() {
    }

    /**
     * @param shop whose labels they are
     * @throws IllegalArgumentException when there is nothing to print
     */
    public static byte[] write(Letterhead shop, List<Label> labels) {
        if (labels.isEmpty()) {
            throw new IllegalArgumentException("no labels to print");
        }
        StringBuilder pages = new StringBuilder();
        for (int i = 0; i < labels.size(); i++) {
            Label l = labels.get(i);
            StringBuilder lines = new StringBuilder();
            l.lines().stream().filter(t -> !t.isBlank()).forEach(t -> lines.append("<p>").append(Paper.escaped(t)).append("</p>"));
            pages.append(
                    "<div class=\"label\"%s><div class=\"qr\">%s</div><div class=\"said\"><b>%s</b>%s</div><div class=\"shop\">%s</div></div>"
                            .formatted(
                                    i == 0 ? "" : " style=\"page-break-before: always\"",
                                    QrSvg.write(l.link(), 22), Paper.escaped(l.large()), lines, shop.demo() ? Letterhead.DEMO : ""));
        }
        return Paper.pdf("""
                <html lang="en"><head><title>Labels</title><style>
                @page { size: 62mm 32mm; margin: 0 }
                body { margin: 0; font-family: 'Yard', 'Wide'; font-size: 8pt; color: #14211d; line-height: 1.15 }
                .label { position: relative; height: 31mm; overflow: hidden }
                .shop { position: absolute; left: 2mm; top: 28mm; font-size: 5pt; color: #4a5852 }
                .qr { position: absolute; left: 2mm; top: 4.5mm; width: 22mm }
                .said { position: absolute; left: 26mm; top: 4mm; width: 34mm; height: 26mm; overflow: hidden }
                .said b { font-size: 14pt; line-height: 1.05 } .said p { margin: 0.8mm 0 0 0 }
                </style></head><body>%s</body></html>""".formatted(pages));
    }
}
