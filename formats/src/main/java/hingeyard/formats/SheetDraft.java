package hingeyard.formats;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.ContentsLint;
import hingeyard.core.kit.form.SheetUse;
import hingeyard.formats.SheetForm.Kind;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * A kit's sheet while it is being filled in.
 *
 * @param gaps           what is missing still, by what it is for
 * @param faults         what stands there and may not
 * @param contradictions where its contents name otherwise than its own figures
 * @param file           the sheet, once nothing is missing and nothing wrong
 */
public record SheetDraft(List<SheetGap> gaps, List<Fault> faults, List<String> contradictions, Optional<KitSheetFile> file) {

    /**
     * @param what    a check, by its title, or another use
     * @param missing the figures it waits for
     */
    public record SheetGap(String what, List<MissingFigure> missing) {
    }

    /**
     * @param path   JSON pointer
     * @param within the group or the list's entry it lies in; empty at the top
     * @param title  of its field
     */
    public record MissingFigure(String path, String within, String title) {
    }

    private record Hole(SheetForm form, MissingFigure missing) {
    }

    private static final String REQUIRED = "required property";
    /** What a figure that is for nothing else is missing for; one that only a check of the other wheel rests on, too. */
    private static final String SHEET = "the sheet itself";

    public SheetDraft {
        gaps = List.copyOf(gaps);
        faults = List.copyOf(faults);
        contradictions = List.copyOf(contradictions);
    }

    /** @throws UnreadableSheetException when it is no JSON at all */
    public static SheetDraft of(String json) {
        JsonNode sheet = new JsonPlaces(json).root();
        List<Hole> holes = new ArrayList<>();
        holes(SheetForm.kit(), sheet, "", "", holes);
        List<SheetGap> gaps = gaps(holes, sheet);
        try {
            KitSheetFile file = KitSheetJson.read(json);
            return new SheetDraft(gaps, List.of(), file.kits().stream().flatMap(k -> ContentsLint.of(k).stream()).distinct().toList(),
                    Optional.of(file));
        } catch (UnreadableSheetException wrong) {
            return new SheetDraft(gaps, wrong.faults().stream().filter(f -> !isTold(f, holes)).toList(), List.of(), Optional.empty());
        }
    }

    /** Whether it says of a hole that it is one: what only a variant lacks is no hole of the sheet. */
    private static boolean isTold(Fault fault, List<Hole> holes) {
        return holes.stream().map(h -> h.missing.path()).anyMatch(
                hole -> hole.equals(fault.path()) || fault.reason().contains(REQUIRED) && hole.startsWith(fault.path() + "/"));
    }

    private static void holes(SheetForm form, JsonNode value, String path, String within, List<Hole> holes) {
        if (form.kind() == Kind.LIST) {
            for (int i = 0; i < value.size(); i++) {
                holes(form.fields().get(0), value.get(i), path + "/" + i, "%s %d".formatted(form.title(), i + 1), holes);
            }
        } else if (form.kind() == Kind.GROUP || form.kind() == Kind.DRIVE) {
            for (SheetForm field : fields(form, value)) {
                hole(field, value.path(field.name()), path + "/" + field.name(), within, holes);
            }
        }
    }

    private static List<SheetForm> fields(SheetForm form, JsonNode value) {
        return form.kind() == Kind.GROUP ? form.fields()
                : form.fields().stream().filter(f -> f.name().equals(value.path("mount").asString(""))).flatMap(f -> f.fields().stream())
                        .toList();
    }

    private static void hole(SheetForm field, JsonNode value, String path, String within, List<Hole> holes) {
        boolean empty = value.isMissingNode() || value.isNull()
                || value.isString() && value.asString().isBlank() && field.kind() != Kind.TEXT_OR_NONE;
        boolean group = field.kind() == Kind.GROUP || field.kind() == Kind.DRIVE;
        if (empty && field.optional()) {
            return;
        }
        if (field.kind() == Kind.DRIVE && value.path("mount").asString("").isEmpty() || empty && !group) {
            holes.add(new Hole(field, new MissingFigure(path, within, field.title())));
        } else {
            holes(field, value, path, group ? field.title() : within, holes);
        }
    }

    private static List<SheetGap> gaps(List<Hole> holes, JsonNode sheet) {
        Map<String, List<MissingFigure>> gaps = new LinkedHashMap<>();
        Optional<WheelEnd> end = Optional.of(sheet.path("drive").path("end").asString("")).filter(e -> !e.isEmpty())
                .flatMap(e -> List.of(WheelEnd.values()).stream().filter(w -> w.name().equals(e)).findFirst());
        for (FitCheck check : FitCheckCatalogue.all()) {
            boolean otherWheel = end.isPresent() && check.wheel().isPresent() && !check.wheel().equals(end);
            if (!otherWheel) {
                holes.stream().filter(h -> h.form.checks().contains(check.id()))
                        .forEach(h -> gaps.computeIfAbsent(check.title(), t -> new ArrayList<>()).add(h.missing));
            }
        }
        for (SheetUse use : SheetUse.values()) {
            holes.stream().filter(h -> h.form.uses().contains(use.label()))
                    .forEach(h -> gaps.computeIfAbsent(use.label(), t -> new ArrayList<>()).add(h.missing));
        }
        List<MissingFigure> told = gaps.values().stream().flatMap(List::stream).toList();
        holes.stream().map(Hole::missing).filter(m -> !told.contains(m))
                .forEach(m -> gaps.computeIfAbsent(SHEET, t -> new ArrayList<>()).add(m));
        return gaps.entrySet().stream().map(g -> new SheetGap(g.getKey(), List.copyOf(g.getValue()))).toList();
    }
}
