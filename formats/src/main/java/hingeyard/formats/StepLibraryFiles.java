package hingeyard.formats;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.core.install.Phase;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.LegPart;
import hingeyard.core.install.library.LibraryFault;
import hingeyard.core.install.library.LibraryLint;
import hingeyard.core.install.library.StepLibrary;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** The step library as YAML files that a mechanic can read and write; the schema is {@link StepLibrarySchema}. */
public final class StepLibraryFiles {

    private static final YAMLMapper MAPPER = YAMLMapper.builder().disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES).build();
    private static final Schema FRAGMENT = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(StepLibrarySchema.fragment());
    private static final String PLACE = "/hingeyard/steps/";

    /**
     * What ships.
     *
     * @param texts     the fragments' files, in the order told
     * @param fragments the same, read
     * @param tools     every tool the shop names
     * @param legs      between which a bike may rest
     */
    public record Shipped(List<String> texts, List<FragmentText> fragments, Set<String> tools, List<LegPart> legs) {

        public StepLibrary library() {
            return new StepLibrary(fragments, tools);
        }
    }

    private StepLibraryFiles() {
    }

    /** The library that ships with the application. */
    public static Shipped shipped() {
        JsonNode index = MAPPER.readTree(resource("library"));
        Set<String> tools = new LinkedHashSet<>();
        index.get("tools").forEach(t -> tools.add(t.asString()));
        List<String> texts = new ArrayList<>();
        index.get("fragments").forEach(f -> texts.add(resource(f.asString())));
        return new Shipped(texts, texts.stream().map(StepLibraryFiles::read).toList(), tools, legs(index.get("legs")));
    }

    /** @throws IllegalArgumentException naming everything that is wrong */
    static List<LegPart> legs(JsonNode told) {
        return LegPart.checked(told.valueStream().map(l -> new LegPart(l.path("title").asString(""),
                l.path("phases").valueStream().map(p -> Phase.find(p.asString())
                        .orElseThrow(
                                () -> new IllegalArgumentException("'%s' is no phase; there are %s".formatted(p.asString(), Phase.keys()))))
                        .toList(),
                l.path("strip").asBoolean(false))).toList());
    }

    private static String resource(String name) {
        try (InputStream in = StepLibraryFiles.class.getResourceAsStream(PLACE + name + ".yaml")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws UnreadableSheetException naming line, column and reason of everything that is no fragment */
    public static FragmentText read(String yaml) {
        JsonPlaces places = KitSheetJson.valid(new JsonPlaces(yaml, MAPPER), FRAGMENT);
        try {
            return MAPPER.treeToValue(places.root(), FragmentText.class);
        } catch (JacksonException e) {
            throw UnreadableSheetException.of(e);
        }
    }

    /**
     * A fragment that is to join a library or take the place of its namesake there.
     *
     * @throws UnreadableSheetException naming line, column and reason of everything that is wrong with it, also beside the others
     */
    public static FragmentText read(String yaml, List<FragmentText> others, Set<String> tools) {
        FragmentText fragment = read(yaml);
        List<FragmentText> all = new ArrayList<>(others.stream().filter(o -> !o.fragment().equals(fragment.fragment())).toList());
        all.add(fragment);
        List<LibraryFault> faults = LibraryLint.of(all, tools).stream().filter(f -> f.fragment().equals(fragment.fragment())).toList();
        if (!faults.isEmpty()) {
            JsonPlaces places = new JsonPlaces(yaml, MAPPER);
            throw new UnreadableSheetException(faults.stream().map(f -> place(places, f)).toList(), null);
        }
        return fragment;
    }

    private static Fault place(JsonPlaces places, LibraryFault fault) {
        return places.fault(fault.step() < 0 ? "/" + fault.field() : "/steps/" + fault.step() + "/" + fault.field(), fault.reason());
    }
}
