package tanah.files.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tanah.core.design.Design;
import tanah.files.design.DesignWriter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/** What differs between two designs, field by field, in the document's order. */
public final class DesignDiff {
    private final List<Change> changes = new ArrayList<>();

    private DesignDiff() {}

    /** What happened to a place of the document. */
    public enum Kind {
        ADDED,
        REMOVED,
        CHANGED,
        MOVED
    }

    /**
     * One difference.
     *
     * @param kind   what happened
     * @param path   such as {@code ground.layers[soil].surface.thickness_cm}; elements of lists by their own name
     * @param before value as text; empty if there was none
     * @param after  value as text; empty if there is none
     */
    public record Change(Kind kind, String path, String before, String after) {}

    public static List<Change> between(Design before, Design after) {
        DesignDiff diff = new DesignDiff();
        diff.walk("", DesignWriter.tree(before), DesignWriter.tree(after));
        return List.copyOf(diff.changes);
    }

    private void walk(String path, JsonNode before, JsonNode after) {
        if (before.equals(after)) {
            return;
        }
        if (Tree.areAlike(before, after)) {
            for (String field : Tree.fields(before, after)) {
                walk(Tree.child(path, field), before.path(field), after.path(field));
            }
        } else if (isList(before, after) && Tree.isNamed(before) && Tree.isNamed(after)) {
            elements(path, Tree.elements(before), Tree.elements(after));
        } else if (before.isObject() && after.isMissingNode() || before.isMissingNode() && after.isObject()) {
            Kind kind = after.isMissingNode() ? Kind.REMOVED : Kind.ADDED;
            changes.add(new Change(kind, path, Tree.text(before), Tree.text(after)));
        } else {
            Kind kind = before.isMissingNode() ? Kind.ADDED : after.isMissingNode() ? Kind.REMOVED : Kind.CHANGED;
            changes.add(new Change(kind, path, Tree.text(before), Tree.text(after)));
        }
    }

    private static boolean isList(JsonNode before, JsonNode after) {
        return before.isArray() && after.isArray()
                || before.isArray() && after.isMissingNode()
                || before.isMissingNode() && after.isArray();
    }

    private void elements(String path, Map<String, JsonNode> before, Map<String, JsonNode> after) {
        before.forEach((name, element) -> {
            JsonNode now = after.getOrDefault(name, MissingNode.getInstance());
            walk(Tree.element(path, name), element, now);
        });
        after.forEach((name, element) -> {
            if (!before.containsKey(name)) {
                walk(Tree.element(path, name), MissingNode.getInstance(), element);
            }
        });
        List<String> stayed =
                before.keySet().stream().filter(after::containsKey).toList();
        List<String> order = after.keySet().stream().filter(before::containsKey).toList();
        if (!stayed.equals(order)) {
            changes.add(new Change(Kind.MOVED, path, String.join(", ", stayed), String.join(", ", order)));
        }
    }
}
