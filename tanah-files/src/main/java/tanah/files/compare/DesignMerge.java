package tanah.files.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tanah.core.design.Design;
import tanah.files.design.DesignWriter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Three designs made one: what two keepers made of the same revision. A field that only one of them changed takes that
 * change; a field that both changed, to different values, is a conflict, which the choices settle or which stays
 * theirs and is reported. Nothing is decided by order or time.
 */
public final class DesignMerge {
    private static final JsonNode NOTHING = MissingNode.getInstance();

    private final Map<String, Side> choices;
    private final List<Conflict> conflicts = new ArrayList<>();

    private DesignMerge(Map<String, Side> choices) {
        this.choices = choices;
    }

    /** Whose value to take. */
    public enum Side {
        MINE,
        THEIRS
    }

    /**
     * A field that both changed.
     *
     * @param path   as in {@link DesignDiff.Change}
     * @param base   value that both started from
     * @param mine   value of the save that came second
     * @param theirs value that stands
     */
    public record Conflict(String path, String base, String mine, String theirs) {}

    /**
     * What came out.
     *
     * @param document  the merged document, with their value wherever a conflict is open
     * @param conflicts those that the choices do not settle
     */
    public record Merged(String document, List<Conflict> conflicts) {}

    /**
     * @param base    what both started from
     * @param mine    what the second save wants
     * @param theirs  what stands now
     * @param choices by path, for conflicts that a person has decided
     */
    public static Merged merge(Design base, Design mine, Design theirs, Map<String, Side> choices) {
        DesignMerge merge = new DesignMerge(choices);
        JsonNode merged = merge.node("", DesignWriter.tree(base), DesignWriter.tree(mine), DesignWriter.tree(theirs));
        return new Merged(merged.toString(), List.copyOf(merge.conflicts));
    }

    private JsonNode node(String path, JsonNode base, JsonNode mine, JsonNode theirs) {
        if (mine.equals(theirs) || mine.equals(base)) {
            return theirs;
        }
        if (theirs.equals(base)) {
            return mine;
        }
        if (Tree.areAlike(mine, theirs) && (base.isMissingNode() || Tree.areAlike(base, mine))) {
            return object(path, base, mine, theirs);
        }
        if ((mine.isArray() || mine.isMissingNode())
                && (theirs.isArray() || theirs.isMissingNode())
                && Tree.isNamed(base)
                && Tree.isNamed(mine)
                && Tree.isNamed(theirs)) {
            return list(path, base, mine, theirs);
        }
        return decide(path, base, mine, theirs);
    }

    private JsonNode object(String path, JsonNode base, JsonNode mine, JsonNode theirs) {
        ObjectNode merged = JsonNodeFactory.instance.objectNode();
        for (String field : Tree.fields(theirs, mine)) {
            JsonNode value = node(
                    Tree.child(path, field),
                    base.isObject() ? base.path(field) : NOTHING,
                    mine.path(field),
                    theirs.path(field));
            if (!value.isMissingNode()) {
                merged.set(field, value);
            }
        }
        return merged;
    }

    private JsonNode list(String path, JsonNode base, JsonNode mine, JsonNode theirs) {
        Map<String, JsonNode> before = Tree.elements(base);
        Map<String, JsonNode> own = Tree.elements(mine);
        Map<String, JsonNode> other = Tree.elements(theirs);
        Map<String, JsonNode> merged = new LinkedHashMap<>();
        for (String name : order(path, before, own, other)) {
            JsonNode value = node(Tree.element(path, name), at(before, name), at(own, name), at(other, name));
            if (!value.isMissingNode()) {
                merged.put(name, value);
            }
        }
        if (merged.isEmpty()) {
            return NOTHING;
        }
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        merged.values().forEach(list::add);
        return list;
    }

    private static JsonNode at(Map<String, JsonNode> elements, String name) {
        @Nullable JsonNode element = elements.get(name);
        return element == null ? NOTHING : element;
    }

    /** The order of the side that moved something; what only the other side has follows its neighbour there. */
    private List<String> order(
            String path, Map<String, JsonNode> before, Map<String, JsonNode> own, Map<String, JsonNode> other) {
        List<String> mine = common(own, before, other);
        List<String> theirs = common(other, before, own);
        List<String> base = common(before, own, other);
        boolean takeMine = !mine.equals(base);
        if (takeMine && !theirs.equals(base) && !mine.equals(theirs)) {
            String place = Tree.child(path, "order");
            @Nullable Side side = choices.get(place);
            if (side == null) {
                conflicts.add(new Conflict(
                        place, String.join(", ", base), String.join(", ", mine), String.join(", ", theirs)));
            }
            takeMine = side == Side.MINE;
        }
        List<String> first = new ArrayList<>(takeMine ? own.keySet() : other.keySet());
        List<String> second = new ArrayList<>(takeMine ? other.keySet() : own.keySet());
        for (int i = 0; i < second.size(); i++) {
            if (!first.contains(second.get(i))) {
                int at = i == 0 ? 0 : first.indexOf(second.get(i - 1)) + 1;
                first.add(at, second.get(i));
            }
        }
        before.keySet().stream().filter(name -> !first.contains(name)).forEach(first::add);
        return first;
    }

    private static List<String> common(
            Map<String, JsonNode> order, Map<String, JsonNode> one, Map<String, JsonNode> other) {
        return order.keySet().stream()
                .filter(name -> one.containsKey(name) && other.containsKey(name))
                .toList();
    }

    private JsonNode decide(String path, JsonNode base, JsonNode mine, JsonNode theirs) {
        @Nullable Side side = choices.get(path);
        if (side == null) {
            conflicts.add(new Conflict(path, Tree.text(base), Tree.text(mine), Tree.text(theirs)));
            return theirs;
        }
        return side == Side.MINE ? mine : theirs;
    }
}
