package tanah.web.design.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Probe;
import tanah.core.design.Schedule;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.mapping.Fittings;
import tanah.core.time.SeasonPhase;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberField;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** The lamps' day, lamps and mats as rows with their fields. */
@Component
public class HeatParts {
    private static final String THIN = "\u2009";
    private static final List<String> SCHEDULES = List.of("day", "night", "always", "clock");
    private static final List<Envelope.Face> FACES = List.of(
            Envelope.Face.RIGHT, Envelope.Face.LEFT, Envelope.Face.BACK, Envelope.Face.FRONT, Envelope.Face.BOTTOM);

    private final Catalogues catalogues;
    private final Words words;

    HeatParts(Catalogues catalogues, Words words) {
        this.catalogues = catalogues;
        this.words = words;
    }

    public List<PartView> of(Evaluation e, String selected) {
        Catalogue catalogue = catalogues.of(e.design());
        List<PartView> parts = new ArrayList<>();
        boolean open = selected.equals(HeatEdits.DAY);
        parts.add(new PartView(
                HeatEdits.DAY,
                words.of("part.day"),
                "void",
                Numbers.upTo(e.design().heat().hours(), 1) + THIN + "h",
                open,
                open
                        ? HeatFields.DAY.stream()
                                .map(f -> f.view(
                                        HeatEdits.DAY,
                                        HeatFields.hour(f).of(e.design().heat()),
                                        words))
                                .toList()
                        : List.of(),
                List.of(),
                List.of()));
        for (Device d : e.design().devices()) {
            Optional<LampModel> lamp = catalogue.findLamp(d.item());
            Optional<Gear> gear = catalogue.findGear(d.item());
            if (lamp.isPresent()) {
                parts.add(lamp(d, lamp.get(), e, catalogue, selected.equals(d.id())));
            } else if (gear.isPresent() && Fittings.isMat(d, catalogue)) {
                parts.add(mat(d, gear.get(), e, catalogue, selected.equals(d.id())));
            }
        }
        return parts;
    }

    private PartView lamp(Device d, LampModel lamp, Evaluation e, Catalogue catalogue, boolean open) {
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(FieldView.choice(
                    "lamp-item",
                    d.id(),
                    words.of("field.lamp-item"),
                    d.item(),
                    catalogue.allLamps().stream()
                            .map(l -> new FieldView.Option(l.id(), l.name()))
                            .toList()));
            List.of(HeatFields.Z, HeatFields.X, HeatFields.Y).forEach(f -> fields.add(view(f, d)));
            if (lamp.isTube()) {
                fields.add(choice(
                        "lamp-lies", d.id(), d.ray().alongX().orElse(true) ? "x" : "y", "lies.", List.of("x", "y")));
            }
            if (lamp.isBeam()) {
                fields.add(view(HeatFields.BEAM, d));
            }
            fields.add(view(HeatFields.POWER, d));
            if (lamp.dims()) {
                fields.add(view(HeatFields.DIM, d));
            }
            if (lamp.isUv()) {
                fields.add(view(HeatFields.AGEING, d));
            }
            running(d, fields);
            if (lamp.isHeater()) {
                control(d, e, fields);
            }
            fields.add(FieldView.choice(
                    "lamp-guard",
                    d.id(),
                    words.of("field.device-guard"),
                    String.valueOf(d.guard().isPresent()),
                    List.of(
                            new FieldView.Option("false", words.of("device-guard.false")),
                            new FieldView.Option("true", words.of("device-guard.true")))));
        }
        List<String> cautions = new ArrayList<>();
        if (open) {
            cautions.add(words.of("caution.lamp_mains"));
            if (lamp.isUv()) {
                cautions.add(words.of("caution.lamp_uv"));
            }
            if (lamp.isHeater()) {
                cautions.add(words.of("caution.lamp_heat"));
            }
            lamp.note().ifPresent(cautions::add);
        }
        return part(
                d,
                lamp.name(),
                lamp.isUv() ? "water" : "void",
                d.power().orElse(lamp.draws()),
                open,
                fields,
                duties(d, e),
                cautions);
    }

    private PartView mat(Device d, Gear gear, Evaluation e, Catalogue catalogue, boolean open) {
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(FieldView.choice(
                    "lamp-item",
                    d.id(),
                    words.of("field.lamp-item"),
                    d.item(),
                    catalogue.allGear().stream()
                            .filter(g -> g.category().equals(gear.category()))
                            .map(g -> new FieldView.Option(g.id(), g.name()))
                            .toList()));
            if (gear.category().equals("heat_mat")) {
                fields.add(choice(
                        "lamp-face",
                        d.id(),
                        d.laid().face().orElse(Envelope.Face.RIGHT).word(),
                        "face.",
                        FACES.stream().map(Envelope.Face::word).toList()));
            }
            HeatFields.EDGES.forEach(f -> fields.add(view(f, d)));
            fields.add(view(HeatFields.POWER, d));
            running(d, fields);
            control(d, e, fields);
        }
        List<String> cautions = new ArrayList<>();
        if (open) {
            cautions.add(words.of("caution.mat"));
            cautions.add(words.of("caution.lamp_mains"));
            gear.note().ifPresent(cautions::add);
        }
        return part(
                d, gear.name(), "clay", d.power().orElse(gear.power().orElse(0)), open, fields, duties(d, e), cautions);
    }

    private PartView part(
            Device d,
            String name,
            String texture,
            double watts,
            boolean open,
            List<FieldView> fields,
            List<NumberRow> numbers,
            List<String> cautions) {
        return new PartView(
                d.id(),
                name,
                texture,
                Numbers.withUnit(watts, Unit.WATT),
                open,
                fields,
                open ? List.of(new PartView.Act("lamp-remove", "", words.of("pit.take_out"))) : List.of(),
                open ? numbers : List.of(),
                cautions);
    }

    private void running(Device d, List<FieldView> fields) {
        Schedule s = d.running().when();
        fields.add(choice("lamp-schedule", d.id(), s.kind().name().toLowerCase(Locale.ROOT), "schedule.", SCHEDULES));
        if (s.kind() == Schedule.Kind.CLOCK) {
            fields.add(view(HeatFields.ON, d));
            fields.add(view(HeatFields.HOURS, d));
        }
    }

    private void control(Device d, Evaluation e, List<FieldView> fields) {
        String type = d.thermostat().isEmpty()
                ? ""
                : switch (tanah.core.forecast.PointForecast.control(
                        d.thermostat().get())) {
                    case DIMMING -> "dimming";
                    case PULSE -> "pulse";
                    case ON_OFF -> "on_off";
                };
        fields.add(FieldView.choice(
                "lamp-control",
                d.id(),
                words.of("field.lamp-control"),
                type,
                Stream.concat(Stream.of(""), DeviceEdit.Control.KINDS.stream())
                        .map(c -> new FieldView.Option(c, words.of("control." + (c.isEmpty() ? "none" : c))))
                        .toList()));
        if (d.thermostat().isEmpty()) {
            return;
        }
        fields.add(view(HeatFields.SET_DAY, d));
        fields.add(view(HeatFields.SET_NIGHT, d));
        if (type.equals("on_off")) {
            fields.add(view(HeatFields.HYSTERESIS, d));
        }
        fields.add(FieldView.choice(
                "lamp-probe",
                d.id(),
                words.of("field.lamp-probe"),
                d.thermostat().get().probe().orElse(""),
                e.design().probes().stream()
                        .filter(p -> p.kind() != Probe.Kind.ROOM)
                        .map(p -> new FieldView.Option(p.id(), p.label()))
                        .toList()));
    }

    private FieldView view(NumberField field, Device d) {
        return field.view(d.id(), HeatFields.get(field, d), words);
    }

    private FieldView choice(String op, String part, String value, String wording, List<String> all) {
        return FieldView.choice(
                op,
                part,
                words.of("field." + op),
                value,
                all.stream()
                        .map(w -> new FieldView.Option(w, words.of(wording + w)))
                        .toList());
    }

    /** How hard it works by day and by night, where the steady state knows it. */
    private List<NumberRow> duties(Device d, Evaluation e) {
        List<NumberRow> rows = new ArrayList<>();
        e.forecast()
                .ifPresent(f -> f.mapped().fixture(d.id()).ifPresent(i -> {
                    for (SeasonPhase when : SeasonPhase.values()) {
                        OptionalDouble duty = OptionalDouble.of(f.at(when).duty(i));
                        rows.add(new NumberRow(
                                words.of("climate.duty", words.of("climate.when", when)),
                                Numbers.upTo(100 * duty.getAsDouble(), 0) + THIN + "%"));
                    }
                }));
        return rows;
    }
}
