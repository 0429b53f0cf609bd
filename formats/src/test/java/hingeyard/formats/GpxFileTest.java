package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.bench.RideLog.Point;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GpxFileTest {

    private static final String GOOD = """
            <?xml version="1.0" encoding="UTF-8"?>
            <gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><metadata><time>2026-05-04T13:00:00Z</time></metadata>
            <trk><name>To the ferry</name><trkseg>
            <trkpt lat="50.1" lon="8.2"><ele>101.5</ele><time>2026-05-04T14:00:00Z</time><extensions><hr>90</hr></extensions></trkpt>
            <trkpt lat="50.101" lon="8.2"><time>2026-05-04T16:00:30+02:00</time></trkpt>
            <trkpt lat="50.102" lon="8.2"><ele>103</ele><time>2026-05-04T14:01:00.5Z</time></trkpt>
            </trkseg></trk></gpx>
            """;

    @Test
    void aTrackIsRead() {
        List<Point> points = GpxFile.read(GOOD);
        assertThat(points).hasSize(3);
        assertThat(points.get(0).height()).contains(101.5);
        assertThat(points.get(1).height()).isEmpty();
        assertThat(points.get(1).at()).hasToString("2026-05-04T14:00:30Z");
    }

    /** What is changed, to what, → the line and the reason. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"lat=\"50.101\" | lat=\"north\" | line 5 | lat: 'north', allowed: a number",
        "lat=\"50.101\" | lat=\"95\" | line 5 | latitude: 95 °", "lat=\"50.101\" | l=\"1\" | line 5 | lat: nothing",
        "16:00:30+02:00 | 15:00:30+02:00 | line 5 | is not later", "16:00:30+02:00 | yesterday | line 5 | a moment such as",
        "<ele>103</ele> | <ele>high</ele> | line 6 | ele: 'high'", "<ele>103</ele> | <ele>NaN</ele> | line 6 | ele: 'NaN'",
        "</trkseg> | </trk> | line 7 | no well-formed XML", "<gpx | <kml | line 2 | where a GPX file begins with 'gpx'",
        "trkpt lat=\"50.10 | wpt lat=\"50.10 | line 5 | no well-formed XML"})
    void whatIsNoTrackIsRefusedWholeWithItsLine(String right, String wrong, String line, String reason) {
        assertThatThrownBy(() -> GpxFile.read(GOOD.replace(right, wrong))).isInstanceOf(UnreadableSheetException.class)
                .hasMessageContaining(line).hasMessageContaining(reason);
    }

    /** Nothing outside is read, and nothing grows without end. */
    @Test
    void noFileAsksForAnother() {
        String asks = "<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY x SYSTEM \"file:///etc/hostname\">]><gpx><trk><trkseg>"
                + "<trkpt lat=\"1\" lon=\"1\"><time>&x;</time></trkpt></trkseg></trk></gpx>";
        assertThatThrownBy(() -> GpxFile.read(asks)).isInstanceOf(UnreadableSheetException.class);
        assertThatThrownBy(() -> GpxFile.read("")).isInstanceOf(UnreadableSheetException.class);
        assertThatThrownBy(() -> GpxFile.read("<gpx></gpx>")).hasMessageContaining("0 points");
    }

    /** Damaged anywhere, a file is read or refused, and nothing else. */
    @Test
    void noDamageBreaksTheReader() {
        Random random = new Random(9);
        for (int i = 0; i < 3_000; i++) {
            StringBuilder damaged = new StringBuilder(GOOD);
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                damaged.setCharAt(random.nextInt(damaged.length()), (char) (random.nextInt(96) + 32));
            }
            try {
                assertThat(GpxFile.read(damaged.toString())).isNotEmpty();
            } catch (UnreadableSheetException e) {
                assertThat(e.faults()).isNotEmpty();
            }
        }
    }
}
