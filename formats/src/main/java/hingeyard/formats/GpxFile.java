package hingeyard.formats;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bench.RideLog.Point;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.Location;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** The track of a GPX file: points with place, time and, where the receiver told it, height. Read whole or refused whole. */
public final class GpxFile {

    private static final int MOST = 200_000;
    private static final int MOST_FAULTS = 20;
    private static final XMLInputFactory READERS = XMLInputFactory.newInstance();

    static {
        // Nothing is fetched and nothing is expanded.
        READERS.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        READERS.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    }

    private final List<Point> points = new ArrayList<>();
    private final List<Fault> faults = new ArrayList<>();

    private GpxFile() {
    }

    /** @throws UnreadableSheetException naming line, column and reason of each fault */
    public static List<Point> read(String text) {
        return new GpxFile().parsed(text);
    }

    private List<Point> parsed(String text) {
        try {
            XMLStreamReader xml = READERS.createXMLStreamReader(new StringReader(text));
            boolean gpx = false;
            while (xml.hasNext() && faults.size() < MOST_FAULTS) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT) {
                    if (!gpx && !xml.getLocalName().equals("gpx")) {
                        fault(xml.getLocation(), "'" + xml.getLocalName() + "' where a GPX file begins with 'gpx'");
                        break;
                    }
                    gpx = true;
                    if (xml.getLocalName().equals("trkpt")) {
                        point(xml);
                    }
                }
            }
        } catch (XMLStreamException e) {
            fault(e.getLocation(), "no well-formed XML: " + firstLine(e));
        }
        if (faults.isEmpty() && points.size() < 2) {
            faults.add(new Fault(0, 0, "", "%d points of a track; two at least are needed".formatted(points.size())));
        }
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
        return List.copyOf(points);
    }

    private static String firstLine(XMLStreamException e) {
        String said = String.valueOf(e.getMessage());
        return said.substring(said.lastIndexOf('\n') + 1).replaceFirst("^Message: ", "");
    }

    private void fault(Location at, String reason) {
        faults.add(new Fault(at == null ? 0 : at.getLineNumber(), at == null ? 0 : at.getColumnNumber(), "", reason));
    }

    private void point(XMLStreamReader xml) throws XMLStreamException {
        Location at = xml.getLocation();
        String latitude = xml.getAttributeValue(null, "lat");
        String longitude = xml.getAttributeValue(null, "lon");
        String height = "";
        String time = "";
        int depth = 1;
        while (depth > 0) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
            } else if (event == XMLStreamConstants.START_ELEMENT) {
                String name = xml.getLocalName();
                if (depth == 1 && (name.equals("ele") || name.equals("time"))) {
                    String said = xml.getElementText().strip();
                    height = name.equals("ele") ? said : height;
                    time = name.equals("time") ? said : time;
                } else {
                    depth++;
                }
            }
        }
        if (points.size() >= MOST) {
            fault(at, "more than %d points".formatted(MOST));
            return;
        }
        try {
            Point read = new Point(number("lat", latitude), number("lon", longitude),
                    height.isEmpty() ? Optional.empty() : Optional.of(number("ele", height)), moment(time));
            if (!points.isEmpty() && !points.get(points.size() - 1).at().isBefore(read.at())) {
                fault(at, "time '%s' is not later than that of the point before".formatted(time));
            } else {
                points.add(read);
            }
        } catch (BenchFaultException e) {
            fault(at, e.getMessage());
        }
    }

    private static double number(String field, String said) {
        try {
            double read = Double.parseDouble(said == null ? "" : said.strip());
            if (Double.isFinite(read)) {
                return read;
            }
        } catch (NumberFormatException e) {
            throw new BenchFaultException(field, said(said), "a number");
        }
        throw new BenchFaultException(field, said(said), "a number");
    }

    private static Instant moment(String said) {
        try {
            return OffsetDateTime.parse(said).toInstant();
        } catch (DateTimeException e) {
            throw new BenchFaultException("time", said(said), "a moment such as 2026-05-04T14:03:00Z");
        }
    }

    private static String said(String text) {
        return text == null || text.isBlank() ? "nothing" : "'" + (text.length() > 40 ? text.substring(0, 40) + "…" : text) + "'";
    }
}
