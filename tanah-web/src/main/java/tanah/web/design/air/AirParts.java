package tanah.web.design.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.AirEdit;
import tanah.core.design.edit.AirNumber;
import tanah.core.design.edit.MistEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.mapping.MappedDesign;
import tanah.core.mapping.MistPlan;
import tanah.core.time.SeasonPhase;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** Lid, walls, mist and moved air as rows with their fields. */
@Component
public class AirParts {
    private static final String THIN = "\u2009";
    private static final List<String> SIDES = List.of("back", "front", "left", "right");

    private final Catalogues catalogues;
    private final WallParts walls;
    private final Words words;

    AirParts(Catalogues catalogues, WallParts walls, Words words) {
        this.catalogues = catalogues;
        this.walls = walls;
        this.words = words;
    }

    public List<PartView> of(Evaluation e, String selected) {
        List<PartView> parts = new ArrayList<>();
        if (e.design().vessel().isEmpty()) {
            return parts;
        }
        Catalogue catalogue = catalogues.of(e.design());
        VesselPlan vessel = e.design().vessel().get();
        parts.add(lid(e, vessel, catalogue, selected.equals(AirEdits.LID)));
        vessel.envelope().vents().forEach(v -> parts.add(walls.vent(v, selected.equals(v.id()))));
        vessel.envelope().insulation().forEach(s -> parts.add(walls.sheet(s, selected.equals(s.id()))));
        vessel.envelope().panes().forEach(p -> parts.add(walls.pane(p, vessel, catalogue, selected)));
        AirPlan.Mist mist = MistEdit.mist(e.design());
        parts.add(mist(mist, catalogue, selected.equals(AirEdits.MIST)));
        mist.nozzles().forEach(n -> parts.add(nozzle(n, catalogue, selected.equals(n.id()))));
        for (int i = 0; i < mist.events().size(); i++) {
            parts.add(event(i, mist.events().get(i), selected));
        }
        parts.add(fan(e, selected.equals(AirEdits.FAN)));
        return parts;
    }

    private PartView lid(Evaluation e, VesselPlan vessel, Catalogue catalogue, boolean open) {
        double share = AirNumber.LID_MESH.of(e.design(), catalogue).orElse(0);
        VesselPlan.Lid lid = vessel.lid().orElse(VesselPlan.Lid.UNSAID);
        List<FieldView> fields = new ArrayList<>();
        String covered = MappedDesign.lidMaterial(vessel, catalogue);
        if (open) {
            fields.add(walls.choice("lid-material", AirEdits.LID, covered, "lid.", AirEdit.LIDS));
        }
        if (open && !covered.equals("none")) {
            fields.add(AirFields.MESH.view(AirEdits.LID, share, words));
            fields.add(walls.choice(
                    "lid-side",
                    AirEdits.LID,
                    lid.mesh().side().orElse(Envelope.Face.BACK).word(),
                    "face.",
                    SIDES));
            List<FieldView.Option> meshes = new ArrayList<>();
            meshes.add(new FieldView.Option("", words.of("lid.usual_mesh")));
            catalogue.allMeshes().forEach(m -> meshes.add(new FieldView.Option(m.id(), m.name())));
            fields.add(FieldView.choice(
                    "lid-item",
                    AirEdits.LID,
                    words.of("field.lid-item"),
                    lid.mesh().item().orElse(""),
                    meshes));
            fields.add(AirFields.MESH_OPEN.view(AirEdits.LID, lid.mesh().open(), words));
            fields.add(AirFields.MESH_FREE.view(AirEdits.LID, vessel.envelope().meshFree(), words));
        }
        List<NumberRow> numbers = new ArrayList<>();
        if (open) {
            e.forecast().ifPresent(f -> {
                for (SeasonPhase when : SeasonPhase.values()) {
                    numbers.add(new NumberRow(
                            words.of("climate.changes", words.of("climate.when", when)),
                            Numbers.upTo(3600 * f.at(when).airChanges(), 1) + THIN + "/h"));
                }
            });
        }
        return new PartView(
                AirEdits.LID,
                words.of("part.lid"),
                "void",
                Numbers.upTo(100 * share, 0) + THIN + "%",
                open,
                fields,
                List.of(),
                numbers,
                List.of());
    }

    private PartView mist(AirPlan.Mist mist, Catalogue catalogue, boolean open) {
        MistPlan plan = MistPlan.of(mist, catalogue);
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(gear("mist-pump", mist.pump(), "mist_pump", catalogue));
            fields.add(gear("mist-tank", mist.tank(), "tank", catalogue));
        }
        List<NumberRow> numbers = new ArrayList<>();
        if (open && plan.daily() > 0) {
            numbers.add(new NumberRow(words.of("climate.mist.daily"), Numbers.volumeWithUnit(plan.daily())));
            numbers.add(new NumberRow(
                    words.of("climate.mist.flow"), Numbers.withUnit(plan.flow(), Unit.MILLILITRE_PER_MINUTE)));
            plan.days()
                    .ifPresent(d -> numbers.add(new NumberRow(
                            words.of("climate.mist.tank"), Numbers.upTo(d, 1) + THIN + words.of("climate.days"))));
        }
        return new PartView(
                AirEdits.MIST,
                words.of("part.mist"),
                "water",
                plan.daily() > 0 ? Numbers.volumeWithUnit(plan.daily()) : "",
                open,
                fields,
                List.of(),
                numbers,
                open ? List.of(words.of("caution.mist"), words.of("caution.mains_water")) : List.of());
    }

    private FieldView gear(String op, Optional<String> item, String category, Catalogue catalogue) {
        List<FieldView.Option> options = new ArrayList<>();
        options.add(new FieldView.Option("", words.of("mist.none")));
        catalogue.allMistGear().stream()
                .filter(g -> g.is(category))
                .forEach(g -> options.add(new FieldView.Option(g.id(), g.name())));
        return FieldView.choice(op, AirEdits.MIST, words.of("field." + op), item.orElse(""), options);
    }

    private PartView nozzle(AirPlan.Nozzle n, Catalogue catalogue, boolean open) {
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(FieldView.choice(
                    "nozzle-item",
                    n.id(),
                    words.of("field.nozzle-item"),
                    n.item().orElse(""),
                    catalogue.allMistGear().stream()
                            .filter(MistGear::sprays)
                            .map(g -> new FieldView.Option(g.id(), g.name()))
                            .toList()));
            AirFields.NOZZLE.forEach(
                    f -> fields.add(f.view(n.id(), AirFields.nozzle(f).of(n), words)));
        }
        Optional<MistGear> gear = n.item().flatMap(catalogue::findMistGear);
        OptionalDouble flow =
                n.flow().isPresent() ? n.flow() : gear.map(MistGear::flow).orElse(OptionalDouble.empty());
        return new PartView(
                n.id(),
                gear.map(MistGear::name).orElse(n.id()),
                "water",
                flow.isPresent() ? Numbers.withUnit(flow.getAsDouble(), Unit.MILLILITRE_PER_MINUTE) : "",
                open,
                fields,
                open ? List.of(new PartView.Act("nozzle-remove", "", words.of("pit.take_out"))) : List.of(),
                List.of());
    }

    private PartView event(int index, AirPlan.Event event, String selected) {
        String id = AirEdits.EVENT + index;
        boolean open = selected.equals(id);
        return new PartView(
                id,
                words.of("part.event_at", Presentation.current().clock(event.hour())),
                "water",
                Numbers.upTo(event.seconds(), 0) + THIN + "s",
                open,
                open
                        ? AirFields.EVENT.stream()
                                .map(f -> f.view(id, AirFields.misting(f).of(event), words))
                                .toList()
                        : List.of(),
                open ? List.of(new PartView.Act("event-remove", "", words.of("pit.take_out"))) : List.of(),
                List.of());
    }

    private PartView fan(Evaluation e, boolean open) {
        AirPlan air = e.design().air().orElse(AirPlan.STILL);
        return new PartView(
                AirEdits.FAN,
                words.of("part.fan"),
                "void",
                air.fanSpeed().orElse(0) > 0
                        ? Numbers.withUnit(air.fanSpeed().getAsDouble(), Unit.CENTIMETRE_PER_SECOND)
                        : "",
                open,
                open
                        ? AirFields.FAN.stream()
                                .map(f -> f.view(
                                        AirEdits.FAN,
                                        AirFields.air(f).of(e.design(), catalogues.of(e.design())),
                                        words))
                                .toList()
                        : List.of(),
                List.of(),
                List.of(),
                open ? List.of(words.of("caution.fan")) : List.of());
    }
}
