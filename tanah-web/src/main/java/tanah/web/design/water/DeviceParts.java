package tanah.web.design.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Device;
import tanah.core.design.Fitting;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.DeviceNumber;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figures;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Pumps, filters, heaters and running water as rows with their fields. */
@Component
class DeviceParts {
    private final Catalogues catalogues;
    private final PartNames names;
    private final FigureWords figures;
    private final Words words;

    DeviceParts(Catalogues catalogues, PartNames names, FigureWords figures, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.figures = figures;
        this.words = words;
    }

    List<PartView> of(Evaluation e, String selected) {
        Catalogue catalogue = catalogues.of(e.design());
        List<PartView> parts = new ArrayList<>();
        e.design().water().ifPresent(w -> w.features().forEach(f -> parts.add(feature(f, e, catalogue, selected))));
        for (Device device : e.design().devices()) {
            catalogue
                    .findGear(device.item())
                    .filter(Gear::isWaterDevice)
                    .ifPresent(gear -> parts.add(device(device, gear, e, catalogue, selected)));
        }
        return parts;
    }

    private PartView device(Device d, Gear gear, Evaluation e, Catalogue catalogue, String selected) {
        boolean open = selected.equals(d.id());
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(FieldView.choice(
                    "device-item",
                    d.id(),
                    words.of("field.device-item"),
                    d.item(),
                    catalogue.allGear().stream()
                            .filter(g -> g.category().equals(gear.category()))
                            .map(g -> new FieldView.Option(g.id(), g.name()))
                            .toList()));
            DeviceFields.of(gear)
                    .forEach(f ->
                            fields.add(f.view(d.id(), DeviceFields.number(f).of(d), words)));
            if (gear.isPump()) {
                fields.add(yesNo(
                        "device-valve",
                        d.id(),
                        DeviceNumber.firstStretch(d)
                                        .map(s -> s.fittings().getOrDefault(Fitting.CHECK_VALVE.word(), 0))
                                        .orElse(0)
                                > 0));
            }
            if (!gear.isSponge()) {
                fields.add(yesNo("device-guard", d.id(), d.guard().isPresent()));
            }
        }
        OptionalDouble watts = d.power().isPresent() ? d.power() : gear.power();
        return new PartView(
                d.id(),
                gear.name(),
                "void",
                watts.isPresent() ? Numbers.withUnit(watts.getAsDouble(), Unit.WATT) : "",
                open,
                fields,
                open ? List.of(new PartView.Act("device-remove", "", words.of("pit.take_out"))) : List.of(),
                open ? numbers("device." + d.id() + ".", e, catalogue) : List.of(),
                open ? cautions(gear) : List.of());
    }

    /** What has to be heeded where it is planned. */
    private List<String> cautions(Gear gear) {
        List<String> all = new ArrayList<>();
        all.add(words.of("caution.mains_water"));
        if (gear.isWaterHeater()) {
            all.add(words.of("caution.water_heater"));
        } else if (!gear.isSponge()) {
            all.add(words.of("caution.inlet"));
        }
        gear.note().ifPresent(all::add);
        return all;
    }

    private PartView feature(WaterFeature f, Evaluation e, Catalogue catalogue, String selected) {
        boolean open = selected.equals(f.id());
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            List<FieldView.Option> pumps = new ArrayList<>();
            pumps.add(new FieldView.Option("", words.of("feature.no_pump")));
            e.design().devices().stream()
                    .filter(d ->
                            catalogue.findGear(d.item()).filter(Gear::isPump).isPresent())
                    .forEach(d -> pumps.add(new FieldView.Option(
                            d.id(), names.of(d.id(), e.design(), catalogue) + " (" + d.id() + ")")));
            fields.add(FieldView.choice(
                    "feature-pump",
                    f.id(),
                    words.of("field.feature-pump"),
                    f.pump().orElse(""),
                    pumps));
            if (f.kind() != WaterFeature.Kind.STREAM) {
                fields.add(FieldView.choice(
                        "feature-face",
                        f.id(),
                        words.of("field.feature-face"),
                        f.face().orElse("back"),
                        WaterFeature.FACES.stream()
                                .map(w -> new FieldView.Option(w, words.of("face." + w)))
                                .toList()));
            }
            DeviceFields.of(f.kind())
                    .forEach(n ->
                            fields.add(n.view(f.id(), DeviceFields.feature(n).of(f), words)));
        }
        Optional<Double> flow = e.circulation().stream()
                .flatMap(c -> c.runs().stream())
                .filter(r -> r.feature().filter(x -> x.id().equals(f.id())).isPresent())
                .map(r -> r.flow().orElse(0))
                .findFirst();
        return new PartView(
                f.id(),
                words.of("feature." + f.kind().word()),
                "water",
                flow.map(q -> Numbers.withUnit(q, Unit.LITRE_PER_HOUR)).orElse(""),
                open,
                fields,
                open ? List.of(new PartView.Act("feature-remove", "", words.of("pit.take_out"))) : List.of(),
                open ? numbers("feature." + f.id() + ".", e, catalogue) : List.of(),
                List.of());
    }

    private FieldView yesNo(String op, String part, boolean value) {
        return FieldView.choice(
                op,
                part,
                words.of("field." + op),
                String.valueOf(value),
                List.of(
                        new FieldView.Option("false", words.of(op + ".false")),
                        new FieldView.Option("true", words.of(op + ".true"))));
    }

    private List<NumberRow> numbers(String prefix, Evaluation e, Catalogue catalogue) {
        return Figures.of(e, catalogue).stream()
                .filter(f -> f.id().startsWith(prefix))
                .map(f -> new NumberRow(figures.what(f), figures.value(f), f.id()))
                .toList();
    }
}
