package tanah.files.climate;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Matter;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.light.Glazing;
import tanah.core.light.Lid;
import tools.jackson.databind.JsonNode;

/** The box of a case: panes with what covers them, lid and openings. */
final class CaseShell {
    private CaseShell() {}

    static Shell of(JsonNode v) {
        double length = v.path("length_m").asDouble();
        double width = v.path("depth_m").asDouble();
        double height = v.path("height_m").asDouble();
        JsonNode lid = v.path("lid");
        Map<Lid.Side, Pane> sides = new EnumMap<>(Lid.Side.class);
        for (Lid.Side side : Lid.Side.values()) {
            sides.put(side, pane(v.path("panes"), side.name().toLowerCase(Locale.ROOT)));
        }
        double open = lid.path("mesh_open_fraction").asDouble(0);
        Optional<Pane> cover =
                lid.has("solid") ? Optional.of(pane(lid.path("solid"), lid.path("insulation"))) : Optional.empty();
        return new Shell(
                length,
                width,
                height,
                sides,
                pane(v.path("panes"), "bottom"),
                new Lid(
                        height,
                        length,
                        width,
                        lid.path("mesh_fraction").asDouble(),
                        Lid.Side.valueOf(lid.path("mesh_side").asString("back").toUpperCase(Locale.ROOT)),
                        open,
                        open,
                        cover.map(Pane::glazing).orElse(Glazing.OPAQUE),
                        lid.path("lid_free").asDouble(Lid.USUAL_FREE)),
                cover,
                vents(v.path("vents"), length, width, open));
    }

    static Matter matter(String name) {
        return Matter.valueOf(name.toUpperCase(Locale.ROOT));
    }

    private static Pane pane(JsonNode panes, String side) {
        JsonNode p = panes.has(side) ? panes.path(side) : panes.path("all");
        return pane(p, p.path("insulation"));
    }

    private static Pane pane(JsonNode p, JsonNode insulation) {
        List<Pane.Lining> linings = new ArrayList<>();
        insulation.forEach(i -> linings.add(new Pane.Lining(
                matter(i.path("material").asString()),
                i.path("thickness_m").asDouble(),
                true,
                share(i.path("reflectance")))));
        return Pane.of(
                matter(p.path("material").asString()),
                p.path("thickness_m").asDouble(),
                linings,
                share(p.path("reflectance")));
    }

    static OptionalDouble share(JsonNode value) {
        return value.isNumber() ? OptionalDouble.of(value.asDouble()) : OptionalDouble.empty();
    }

    private static List<Shell.Vent> vents(JsonNode list, double length, double width, double open) {
        List<Shell.Vent> vents = new ArrayList<>();
        list.forEach(v -> {
            String face = v.path("face").asString();
            if (face.equals("lid")) {
                vents.add(Shell.Vent.inLid(
                        v.path("x0_m").asDouble(0),
                        v.path("x1_m").asDouble(length),
                        v.path("y0_m").asDouble(0),
                        v.path("y1_m").asDouble(width),
                        v.path("area_m2").asDouble(),
                        v.path("open_fraction").asDouble(open)));
                return;
            }
            Lid.Side side = Lid.Side.valueOf(face.toUpperCase(Locale.ROOT));
            boolean alongX = side == Lid.Side.FRONT || side == Lid.Side.BACK;
            vents.add(Shell.Vent.in(
                    side,
                    v.path("z_m").asDouble(),
                    v.path("x0_m").asDouble(0),
                    v.path("x1_m").asDouble(alongX ? length : width),
                    v.path("area_m2").asDouble(),
                    v.path("height_m").asDouble(),
                    v.path("open_fraction").asDouble(open)));
        });
        return vents;
    }
}
