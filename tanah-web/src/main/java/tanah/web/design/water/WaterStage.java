package tanah.web.design.water;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Ramp;
import tanah.core.design.Surface;
import tanah.core.design.WaterFeature;
import tanah.core.design.WaterPart;
import tanah.core.design.edit.DamEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.SheetText.Handle;

/** Stage 5: land and water, what runs in it. */
@Component
class WaterStage extends EditedStage {
    private final Choices options;
    private final Words words;

    WaterStage(WaterEdits edits, WaterParts parts, Choices options, Words words) {
        super(Stage.WATER, edits::apply, parts::of);
        this.options = options;
        this.words = words;
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        groups.put("devices.features", new ArrayList<>());
        for (WaterFeature.Kind kind : WaterFeature.Kind.values()) {
            groups.get("devices.features")
                    .add(Choices.option("feature:" + kind.word(), words.of("feature." + kind.word())));
        }
        List.of("filters", "pumps", "heaters").forEach(g -> groups.put("devices." + g, new ArrayList<>()));
        catalogue.allGear().stream().filter(Gear::isWaterDevice).forEach(g -> {
            String group = g.isFilter() ? "filters" : g.isWaterHeater() ? "heaters" : "pumps";
            groups.get("devices." + group).add(Choices.option(g.id(), g.name()));
        });
        return options.grouped(groups, "");
    }

    @Override
    public String selected(Design design, String asked) {
        boolean dam = design.ground().dams().stream().map(Dam::id).anyMatch(asked::equals);
        boolean ramp = design.water().map(WaterPart::ramps).orElse(List.of()).stream()
                .map(Ramp::id)
                .anyMatch(asked::equals);
        boolean runs = design.device(asked).isPresent()
                || design.water().stream().flatMap(w -> w.features().stream()).anyMatch(f -> f.id().equals(asked));
        boolean rest = asked.equals(WaterEdits.TAP) || asked.equals(WaterEdits.CHANGES);
        return dam || design.water().isPresent() && (ramp || runs || rest) ? asked : WaterEdits.BODY;
    }

    @Override
    public Adding adding(Design design) {
        return design.water().isPresent()
                ? Adding.choice("pit.water.add")
                : new Adding("make", "pit.make_water", false, "pit.make_water.note");
    }

    @Override
    public List<Handle> handles(Evaluation e, String part) {
        List<Handle> handles = new ArrayList<>();
        if (e.vessel().isEmpty()) {
            return handles;
        }
        Vessel vessel = e.vessel().get();
        if (part.equals(WaterEdits.BODY)) {
            e.water()
                    .ifPresent(w -> handles.add(new Handle(
                            WaterEdits.BODY,
                            "level",
                            words.of("sheet.water_line"),
                            cm(w.water().level()),
                            0.5,
                            cm(vessel.rim()),
                            Numbers.lengthWithUnit(w.water().level()),
                            Handle.Axis.RIGHT,
                            w.water().level())));
        }
        e.design().ground().dams().stream()
                .filter(d -> d.id().equals(part) && d.isWall())
                .forEach(d -> handles.addAll(damHandles(d, vessel)));
        return handles;
    }

    /** A wall is moved along the front and in height; in the plan each of its edges is moved. */
    private List<Handle> damHandles(Dam d, Vessel vessel) {
        double left = DamMove.edge(d.region().outline(), Surface.Axis.X, false);
        double right = DamMove.edge(d.region().outline(), Surface.Axis.X, true);
        double front = DamMove.edge(d.region().outline(), Surface.Axis.Y, false);
        double back = DamMove.edge(d.region().outline(), Surface.Axis.Y, true);
        double thin = cm(DamEdit.THINNEST);
        return List.of(
                damHandle(
                        d,
                        "dam-x",
                        "sheet.shore",
                        left,
                        1,
                        cm(vessel.length() - (right - left)) - thin,
                        Handle.Axis.ALONG),
                damHandle(d, "dam-top", "sheet.crest", d.top(), 1, cm(vessel.rim()), Handle.Axis.RIGHT),
                damHandle(d, "dam-left", "sheet.wall_left", left, 0, cm(right) - thin, Handle.Axis.PLAN_LEFT),
                damHandle(
                        d,
                        "dam-right",
                        "sheet.wall_right",
                        right,
                        cm(left) + thin,
                        cm(vessel.length()),
                        Handle.Axis.PLAN_RIGHT),
                damHandle(d, "dam-front", "sheet.wall_front", front, 0, cm(back) - thin, Handle.Axis.PLAN_FRONT),
                damHandle(
                        d,
                        "dam-back",
                        "sheet.wall_back",
                        back,
                        cm(front) + thin,
                        cm(vessel.width()),
                        Handle.Axis.PLAN_BACK));
    }

    private Handle damHandle(Dam d, String op, String label, double at, double least, double most, Handle.Axis axis) {
        return new Handle(d.id(), op, words.of(label), cm(at), least, most, Numbers.lengthWithUnit(at), axis, at);
    }

    private static double cm(double metres) {
        return Unit.CENTIMETRE.fromSi(metres);
    }
}
