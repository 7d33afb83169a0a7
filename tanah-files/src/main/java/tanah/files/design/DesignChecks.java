package tanah.files.design;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say: references, unique ids, convex outlines, dates, measures that belong together. */
final class DesignChecks {
    private final List<Problem> problems = new ArrayList<>();
    private final Catalogue catalogue;
    private final Map<String, String> ids = new HashMap<>();

    private DesignChecks(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    static List<Problem> problems(JsonNode root, Catalogue catalogue) {
        DesignChecks checks = new DesignChecks(catalogue);
        checks.walk(root, "");
        checks.animals(root.path("animals"));
        checks.layers(root.path("ground").path("layers"));
        checks.hardscape(root.path("hardscape"));
        checks.vessel(root.path("vessel"));
        return checks.problems;
    }

    /** Unique ids, real dates and convex outlines, wherever they stand. */
    private void walk(JsonNode node, String pointer) {
        if (node.isObject()) {
            node.properties().forEach(field -> {
                String at = pointer + "/" + field.getKey();
                JsonNode value = field.getValue();
                switch (field.getKey()) {
                    case "id" -> unique(value, at);
                    case "date", "from", "to", "start", "opened_on", "expires_on" -> date(value, at);
                    case "region_cm", "side_region_cm" -> region(value, at);
                    case "outline_cm" -> outline(value, at);
                    default -> walk(value, at);
                }
            });
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                walk(node.get(i), pointer + "/" + i);
            }
        }
    }

    private void unique(JsonNode id, String at) {
        String before = id.isString() ? ids.putIfAbsent(id.asString(), at) : null;
        if (before != null) {
            add(at, "\"" + id.asString() + "\" stands at " + before + " too", "an id of its own");
        }
    }

    private void date(JsonNode value, String at) {
        // window times share the names from and to
        if (!value.isString() || value.asString().length() != 10) {
            return;
        }
        try {
            LocalDate.parse(value.asString());
        } catch (DateTimeException e) {
            add(at, "\"" + value.asString() + "\" is no day of the calendar", "a date, such as 2026-01-05");
        }
    }

    private void region(JsonNode value, String at) {
        if (value.isArray() && !value.isEmpty() && value.get(0).isNumber()) {
            boolean ordered = value.get(2).asDouble() > value.get(0).asDouble()
                    && value.get(3).asDouble() > value.get(1).asDouble();
            if (!ordered) {
                add(at, "the second corner is not beyond the first", "[x0, y0, x1, y1] with x1 > x0 and y1 > y0");
            }
        } else {
            outline(value, at);
        }
    }

    private void outline(JsonNode value, String at) {
        List<Point> points = new ArrayList<>();
        value.forEach(
                p -> points.add(new Point(p.get(0).asDouble() / 100, p.get(1).asDouble() / 100)));
        if (!ConvexPolygon.isConvexOutline(points)) {
            add(at, "the outline is not convex, or crosses itself", "a convex polygon [[x, y], ...]");
        }
    }

    private void animals(JsonNode animals) {
        for (int i = 0; i < animals.size(); i++) {
            JsonNode animal = animals.get(i);
            String at = "/animals/" + i;
            String id = animal.path("species").asString("");
            Optional<Species> species = catalogue.findSpecies(id);
            if (species.isEmpty()) {
                add(
                        at + "/species",
                        "unknown species \"" + id + "\"",
                        "an id of the catalogue, such as " + nearest(id));
            }
            if (animal.path("males").asInt(0) > animal.path("count").asInt()) {
                add(
                        at + "/males",
                        "more males than animals",
                        "at most " + animal.path("count").asInt());
            }
            JsonNode overrides = animal.path("overrides");
            for (int j = 0; j < overrides.size() && species.isPresent(); j++) {
                override(overrides.get(j), species.get(), at + "/overrides/" + j);
            }
        }
    }

    private void override(JsonNode override, Species species, String at) {
        String field = override.path("field").asString("");
        JsonNode value = override.path("value");
        boolean number = catalogue.allSpecies().stream().anyMatch(s -> s.isNumber(field));
        boolean list = catalogue.allSpecies().stream().anyMatch(s -> s.lists().containsKey(field));
        boolean text = field.equals("social") || field.equals("priority_axis");
        if (!number && !list && !text) {
            add(at + "/field", "\"" + field + "\" cannot be overridden", "a numeric or list column of the catalogue");
        } else if ((number && !value.isNumber()) || (list && !value.isArray()) || (text && !value.isString())) {
            add(at + "/value", "does not fit the column", number ? "a number" : list ? "a list of words" : "a text");
        } else if (number) {
            order(field, value.asDouble(), species, at + "/value");
        }
    }

    /** An override may not turn a range round. */
    private void order(String field, double value, Species species, String at) {
        String other = field.contains("_min_") ? field.replace("_min_", "_max_") : field.replace("_max_", "_min_");
        if (other.equals(field) || species.optional(other).isEmpty()) {
            return;
        }
        double end = species.optional(other).getAsDouble();
        boolean turned = field.contains("_min_") ? value > end : value < end;
        if (turned) {
            add(at, "turns the range round: " + other + " is " + end, "a value on its own side");
        }
    }

    private String nearest(String id) {
        String stem = id.length() > 3 ? id.substring(0, 4) : id;
        return catalogue.allSpecies().stream()
                .map(Species::id)
                .filter(s -> s.startsWith(stem))
                .findFirst()
                .orElse("theloderma-corticale");
    }

    private void layers(JsonNode layers) {
        for (int i = 0; i < layers.size(); i++) {
            JsonNode layer = layers.get(i);
            String at = "/ground/layers/" + i;
            JsonNode media = layer.path("media");
            if (media.isString() && !catalogue.isGround(media.asString())) {
                add(at + "/media", "unknown medium or mix \"" + media.asString() + "\"", "an id of media or mixes");
            }
            media.properties().forEach(part -> {
                if (catalogue.findMedium(part.getKey()).filter(m -> m.isLoose()).isEmpty()) {
                    add(at + "/media/" + part.getKey(), "unknown medium", "an id of the loose media");
                }
            });
            points(layer.path("surface").path("points_cm"), at + "/surface/points_cm");
        }
    }

    private void points(JsonNode points, String at) {
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).get(0).asDouble() < points.get(i - 1).get(0).asDouble()) {
                add(at + "/" + i + "/0", "goes back along the axis", "at least the value before it");
            }
        }
    }

    private void hardscape(JsonNode items) {
        for (int i = 0; i < items.size(); i++) {
            String media = items.get(i).path("media").asString("");
            if (!media.isEmpty() && catalogue.findMedium(media).isEmpty()) {
                add("/hardscape/" + i + "/media", "unknown material \"" + media + "\"", "an id of the media");
            }
        }
    }

    private void vessel(JsonNode vessel) {
        if (vessel.isMissingNode()) {
            return;
        }
        String row = vessel.path("catalogue").asString("");
        boolean known = catalogue.findVessel(row).filter(v -> v.fitsDesign()).isPresent();
        if (!row.isEmpty() && !known) {
            add("/vessel/catalogue", "unknown vessel \"" + row + "\"", "an id of the vessels");
        }
        boolean inside = vessel.has("inside_cm");
        boolean outside = vessel.has("outside_cm");
        if (inside && outside) {
            add("/vessel/outside_cm", "stands beside inside_cm", "one of the two");
        }
        if (!inside && !outside && row.isEmpty()) {
            add("/vessel/inside_cm", "is missing", "inside_cm, outside_cm with pane_mm, or a vessel of the catalogue");
        }
        if (outside && !vessel.has("pane_mm")) {
            add("/vessel/pane_mm", "is missing", "the pane thickness, because the measures are outside");
        }
        if (inside || outside) {
            String field = inside ? "inside_cm" : "outside_cm";
            String shape = vessel.path("shape").asString("rectangle");
            for (String measure : measures(shape)) {
                if (!vessel.path(field).has(measure)) {
                    add("/vessel/" + field + "/" + measure, "is missing", "a length, because the shape is " + shape);
                }
            }
        }
    }

    private static List<String> measures(String shape) {
        return switch (shape) {
            case "cube" -> List.of("length");
            case "bow_front" -> List.of("length", "side_width", "bow", "height");
            case "corner_pentagon" -> List.of("leg", "side", "height");
            case "corner_bow" -> List.of("leg", "height");
            default -> List.of("length", "width", "height");
        };
    }

    private void add(String pointer, String what, String accepted) {
        problems.add(new Problem(pointer, what, accepted));
    }
}
