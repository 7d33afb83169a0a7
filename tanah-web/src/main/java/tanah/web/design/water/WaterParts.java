package tanah.web.design.water;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.ChangeSchedule;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Ramp;
import tanah.core.design.Surface;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;
import tanah.core.design.edit.DamEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure;
import tanah.core.explain.Figures;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Water, wall, ramps, tap and changes as rows with their fields. */
@Component
public class WaterParts {
    private static final List<String> BODY_NUMBERS = List.of(
            "water.free",
            "water.pore",
            "water.total",
            "water.turns_over",
            "water.depth",
            "water.per_level",
            "water.land_share",
            "water.water_share",
            "water.bodies",
            "water.islets",
            "water.over_dam",
            "water.under_rim",
            "water.soil_gap",
            "water.heat",
            "water.heater",
            "water.warm_up",
            "water.stuck",
            "water.unheated",
            "water.evaporation",
            "water.turnover",
            "water.under_way",
            "water.rise_on_stop",
            "water.running");
    private static final List<String> TAP_NUMBERS = List.of("water.thiosulfate", "water.chloramine");
    private static final List<String> CHANGE_NUMBERS = List.of("water.change", "water.changes");

    private final Catalogues catalogues;
    private final PartNames names;
    private final FigureWords figures;
    private final DeviceParts devices;
    private final Words words;

    WaterParts(Catalogues catalogues, PartNames names, FigureWords figures, DeviceParts devices, Words words) {
        this.devices = devices;
        this.catalogues = catalogues;
        this.names = names;
        this.figures = figures;
        this.words = words;
    }

    public List<PartView> of(Evaluation e, String selected) {
        List<PartView> parts = new ArrayList<>();
        e.design().water().ifPresent(w -> parts.add(body(w, e, selected)));
        e.design().ground().dams().forEach(d -> parts.add(dam(d, e, selected)));
        e.design().water().ifPresent(w -> {
            w.ramps().forEach(r -> parts.add(ramp(r, e, selected)));
            parts.addAll(devices.of(e, selected));
            parts.add(tap(w.tap().orElse(Tap.UNKNOWN), w, e, selected));
            parts.add(changes(w, e, selected));
        });
        return parts;
    }

    private PartView body(WaterPart w, Evaluation e, String selected) {
        boolean open = selected.equals(WaterEdits.BODY);
        List<FieldView> fields = new ArrayList<>();
        WaterFields.BODY.forEach(f -> fields.add(f.view(
                WaterEdits.BODY,
                f.equals(WaterFields.LEVEL)
                        ? OptionalDouble.of(level(w, e))
                        : WaterFields.number(f).of(w),
                words)));
        fields.add(yesNo("wicking", WaterEdits.BODY, w.margins().acceptWicking().orElse(false), "wicking"));
        return new PartView(
                WaterEdits.BODY,
                words.of("part.water"),
                "water",
                e.water()
                        .map(lw -> Numbers.volumeWithUnit(lw.water().turnsOver()))
                        .orElse(""),
                open,
                open ? fields : List.of(),
                open
                        ? List.of(
                                new PartView.Act("add-ramp", "", words.of("act.add_ramp")),
                                new PartView.Act("add-pool", "", words.of("act.add_pool")),
                                new PartView.Act("add-islet", "", words.of("act.add_islet")),
                                new PartView.Act("drain", "", words.of("act.no_water")))
                        : List.of(),
                open ? numbers(BODY_NUMBERS, e) : List.of());
    }

    private static double level(WaterPart w, Evaluation e) {
        return e.water().map(lw -> lw.water().level()).orElse(w.fill().level().orElse(0));
    }

    private PartView dam(Dam d, Evaluation e, String selected) {
        boolean open = selected.equals(d.id());
        double left = DamMove.edge(d.region().outline(), false);
        double right = DamMove.edge(d.region().outline(), true);
        List<FieldView> fields = new ArrayList<>();
        fields.add(FieldView.choice(
                "dam-kind",
                d.id(),
                words.of("field.dam-kind"),
                d.kind(),
                DamEdit.KINDS.stream()
                        .map(k -> new FieldView.Option(k, words.of("dam." + k)))
                        .toList()));
        fields.add(WaterFields.DAM_X.view(d.id(), left, words));
        fields.add(WaterFields.DAM_WIDTH.view(d.id(), right - left, words));
        double front = DamMove.edge(d.region().outline(), Surface.Axis.Y, false);
        fields.add(WaterFields.DAM_Y.view(d.id(), front, words));
        fields.add(WaterFields.DAM_DEPTH.view(
                d.id(), DamMove.edge(d.region().outline(), Surface.Axis.Y, true) - front, words));
        fields.add(WaterFields.DAM_TOP.view(d.id(), d.top(), words));
        if (d.canSeal()) {
            fields.add(yesNo("dam-seal", d.id(), d.isWatertight(), "seal"));
        }
        return new PartView(
                d.id(),
                names.of(d.id(), e.design(), catalogues.of(e.design())),
                switch (d.kind()) {
                    case "stones" -> "rock";
                    case "wood" -> "wood";
                    case "none" -> "sand";
                    default -> "foam";
                },
                Numbers.lengthWithUnit(d.top()),
                open,
                open ? fields : List.of(),
                open && e.design().ground().dams().size() > 1
                        ? List.of(new PartView.Act("dam-remove", "", words.of("pit.take_out")))
                        : List.of(),
                List.of());
    }

    private PartView ramp(Ramp r, Evaluation e, String selected) {
        boolean open = selected.equals(r.id());
        List<FieldView> fields = new ArrayList<>();
        WaterFields.RAMP.forEach(
                f -> fields.add(f.view(r.id(), WaterFields.ramp(f).of(r), words)));
        fields.add(yesNo("ramp-rough", r.id(), r.isRough(), "rough"));
        return new PartView(
                r.id(),
                words.of("part.ramp"),
                "cork",
                Numbers.upTo(Math.toDegrees(r.angle()), 0) + "°",
                open,
                open ? fields : List.of(),
                open ? List.of(new PartView.Act("ramp-remove", "", words.of("pit.take_out"))) : List.of(),
                open ? numbers(List.of("ramp." + r.id() + ".angle"), e) : List.of());
    }

    private PartView tap(Tap t, WaterPart w, Evaluation e, String selected) {
        boolean open = selected.equals(WaterEdits.TAP);
        List<FieldView> fields = new ArrayList<>();
        WaterFields.TAP.forEach(
                f -> fields.add(f.view(WaterEdits.TAP, WaterFields.number(f).of(w), words)));
        fields.add(yesNo("chloramine", WaterEdits.TAP, t.chloramine().orElse(false), "chloramine"));
        return new PartView(
                WaterEdits.TAP,
                words.of("part.tap"),
                "water",
                t.ph().isPresent() ? "pH " + Numbers.upTo(t.ph().getAsDouble(), 1) : "",
                open,
                open ? fields : List.of(),
                List.of(),
                open ? numbers(TAP_NUMBERS, e) : List.of());
    }

    private PartView changes(WaterPart w, Evaluation e, String selected) {
        boolean open = selected.equals(WaterEdits.CHANGES);
        List<FieldView> fields = new ArrayList<>();
        WaterFields.CHANGES.forEach(
                f -> fields.add(f.view(WaterEdits.CHANGES, WaterFields.number(f).of(w), words)));
        OptionalDouble share = w.changes().orElse(ChangeSchedule.NONE).fraction();
        return new PartView(
                WaterEdits.CHANGES,
                words.of("part.changes"),
                "water",
                share.isPresent() ? Numbers.upTo(share.getAsDouble() * 100, 0) + "\u2009%" : "",
                open,
                open ? fields : List.of(),
                List.of(),
                open ? numbers(CHANGE_NUMBERS, e) : List.of());
    }

    private FieldView yesNo(String op, String part, boolean value, String wording) {
        return FieldView.choice(
                op,
                part,
                words.of("field." + op),
                String.valueOf(value),
                List.of(
                        new FieldView.Option("false", words.of(wording + ".false")),
                        new FieldView.Option("true", words.of(wording + ".true"))));
    }

    private List<NumberRow> numbers(List<String> wanted, Evaluation e) {
        List<Figure> all = Figures.of(e, catalogues.of(e.design()));
        List<NumberRow> rows = new ArrayList<>();
        for (String id : wanted) {
            all.stream()
                    .filter(f -> f.id().equals(id))
                    .findFirst()
                    .ifPresent(f -> rows.add(new NumberRow(
                            words.of("figure." + (f.part().isEmpty() ? id : f.formula())), figures.value(f), id)));
        }
        return rows;
    }
}
