package hingeyard.app.bench;

import hingeyard.app.problem.Refused;
import hingeyard.core.made.MadeKind;
import hingeyard.core.made.MadePart;
import hingeyard.core.made.MeasuredKind;
import hingeyard.core.made.Mesh;
import hingeyard.core.made.Template;
import hingeyard.core.made.TemplateKind;
import hingeyard.formats.Mesh3mf;
import hingeyard.formats.MeshStl;
import hingeyard.formats.TemplatePdf;
import hingeyard.formats.TemplateSvg;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts to print or turn, and sheets at their true size; measures in mm, in the order of their kind. */
@RestController
@RequestMapping("/api/bench")
class MadeController {

    /**
     * @param volume    mm³
     * @param points    x, y, z one after the other, mm
     * @param triangles three places in {@code points} each, one after the other
     */
    record MadeView(String name, String note, double grams, long minutes, double volume, List<Double> size, List<Double> points,
            List<Integer> triangles) {
    }

    /** @param svg the sheet at its true size */
    record TemplateView(String title, List<String> words, double width, double height, String svg) {
    }

    private static MadePart part(String kind, List<Double> measures) {
        return MeasuredKind.find(MadeKind.values(), kind).orElseThrow(() -> Refused.notFound("part", kind)).of(measures);
    }

    private static Template sheet(String kind, List<Double> measures) {
        return MeasuredKind.find(TemplateKind.values(), kind).orElseThrow(() -> Refused.notFound("template", kind)).of(measures);
    }

    /** A part as a body, for the screen. */
    @GetMapping("/parts/{kind}")
    MadeView made(@PathVariable(name = "kind") String kind, @RequestParam(name = "measures") List<Double> measures) {
        MadePart part = part(kind, measures);
        Mesh mesh = part.mesh();
        return new MadeView(part.name(), part.note(), part.grams(), part.minutes(), mesh.volume(),
                Arrays.stream(mesh.size()).boxed().toList(),
                mesh.points().stream().flatMapToDouble(Arrays::stream).boxed().toList(),
                mesh.triangles().stream().flatMapToInt(Arrays::stream).boxed().toList());
    }

    /** The same for a printer, in millimetres. */
    @GetMapping(path = "/parts/{kind}/stl", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> stl(@PathVariable(name = "kind") String kind, @RequestParam(name = "measures") List<Double> measures) {
        MadePart part = part(kind, measures);
        return file(kind + ".stl", MediaType.APPLICATION_OCTET_STREAM, MeshStl.write(part.mesh(), part.name()));
    }

    /** The same with its unit. */
    @GetMapping(path = "/parts/{kind}/3mf", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> threeMf(@PathVariable(name = "kind") String kind, @RequestParam(name = "measures") List<Double> measures) {
        MadePart part = part(kind, measures);
        return file(kind + ".3mf", MediaType.APPLICATION_OCTET_STREAM, Mesh3mf.write(part.mesh(), part.name()));
    }

    /** A sheet, for the screen. */
    @GetMapping("/templates/{kind}")
    TemplateView template(@PathVariable(name = "kind") String kind, @RequestParam(name = "measures") List<Double> measures) {
        Template sheet = sheet(kind, measures);
        return new TemplateView(sheet.title(), sheet.words(), sheet.width(), sheet.height(), TemplateSvg.write(sheet));
    }

    @GetMapping(path = "/templates/{kind}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable(name = "kind") String kind, @RequestParam(name = "measures") List<Double> measures) {
        return file(kind + ".pdf", MediaType.APPLICATION_PDF, TemplatePdf.write(sheet(kind, measures)));
    }

    /** As a file: drawn by nobody's page. */
    @GetMapping(path = "/templates/{kind}/svg", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> svg(@PathVariable(name = "kind") String kind, @RequestParam(name = "measures") List<Double> measures) {
        return file(kind + ".svg", MediaType.APPLICATION_OCTET_STREAM,
                TemplateSvg.write(sheet(kind, measures)).getBytes(StandardCharsets.UTF_8));
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] bytes) {
        ContentDisposition how = (type.equals(MediaType.APPLICATION_PDF) ? ContentDisposition.inline() : ContentDisposition.attachment())
                .filename(name).build();
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, how.toString()).contentType(type).body(bytes);
    }
}
