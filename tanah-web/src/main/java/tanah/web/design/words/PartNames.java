package tanah.web.design.words;

import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.MistGear;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.Species;
import tanah.core.design.AirPlan;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.PlantPiece;
import tanah.core.design.Probe;
import tanah.core.design.Recipe;
import tanah.web.shell.Words;

/** Names of parts for people. */
@Component
public class PartNames {
    private final Words words;

    public PartNames(Words words) {
        this.words = words;
    }

    /** The name of a part of a design, or its id. */
    public String of(String part, Design design, Catalogue catalogue) {
        return standing(part, design, catalogue)
                .or(() -> wet(part, design))
                .or(() -> device(part, design, catalogue))
                .or(() -> airy(part, design, catalogue))
                .or(() -> living(part, design, catalogue))
                .or(() -> design.probes().stream()
                        .filter(p -> p.id().equals(part))
                        .map(Probe::label)
                        .findFirst())
                .orElse(part);
    }

    /** Layers, pieces and dams. */
    private Optional<String> standing(String part, Design design, Catalogue catalogue) {
        Optional<String> layer = design.ground().layers().stream()
                .filter(l -> l.id().equals(part))
                .map(l -> layer(l, catalogue))
                .findFirst();
        return layer.or(() -> design.hardscape().stream()
                        .filter(i -> i.id().equals(part))
                        .map(i -> piece(i, catalogue))
                        .findFirst())
                .or(() -> design.ground().dams().stream()
                        .filter(d -> d.id().equals(part))
                        .map(d -> words.of("dam." + d.kind()))
                        .findFirst());
    }

    /** The water, its ramps and what runs in it. */
    private Optional<String> wet(String part, Design design) {
        if (part.equals("water")) {
            return Optional.of(words.of("part.water"));
        }
        return design.water()
                .flatMap(w -> w.ramps().stream().anyMatch(r -> r.id().equals(part))
                        ? Optional.of(words.of("part.ramp"))
                        : w.features().stream()
                                .filter(f -> f.id().equals(part))
                                .map(f -> words.of("feature." + f.kind().word()))
                                .findFirst());
    }

    private Optional<String> device(String part, Design design, Catalogue catalogue) {
        return design.device(part)
                .map(Device::item)
                .map(item -> catalogue
                        .findGear(item)
                        .map(Gear::name)
                        .or(() -> catalogue.findLamp(item).map(LampModel::name))
                        .or(() -> catalogue.findMistGear(item).map(MistGear::name))
                        .orElse(item));
    }

    /** Plants, the crew and the animals. */
    private Optional<String> living(String part, Design design, Catalogue catalogue) {
        Optional<String> crew = design.crew().doses().stream()
                .filter(d -> d.id().equals(part))
                .map(CrewChoice.Dose::species)
                .map(s -> catalogue.findCrew(s).map(c -> c.names().common()).orElse(s))
                .findFirst();
        return design.plant(part)
                .map(p -> plant(p, catalogue))
                .or(() -> crew)
                .or(() -> design.crew().refuges().stream()
                        .filter(r -> r.id().equals(part))
                        .map(r -> words.of(r.damp() ? "part.damp" : "part.dry"))
                        .findFirst())
                .or(() -> design.animals().stream()
                        .filter(a -> a.id().equals(part))
                        .flatMap(a -> catalogue.findSpecies(a.species()).stream())
                        .map(Species::commonName)
                        .findFirst());
    }

    /** Openings, sheets and nozzles. */
    private Optional<String> airy(String part, Design design, Catalogue catalogue) {
        Optional<String> nozzle = design.air().flatMap(AirPlan::mist).stream()
                .flatMap(m -> m.nozzles().stream())
                .filter(n -> n.id().equals(part))
                .map(n -> n.item()
                        .flatMap(catalogue::findMistGear)
                        .map(MistGear::name)
                        .orElse(n.id()))
                .findFirst();
        if (nozzle.isPresent() || design.vessel().isEmpty()) {
            return nozzle;
        }
        return Stream.concat(
                        design.vessel().get().envelope().vents().stream()
                                .filter(v -> v.id().equals(part))
                                .map(v -> words.of(
                                        "part.vent", words.of("face." + v.face().word()))),
                        design.vessel().get().envelope().insulation().stream()
                                .filter(s -> s.id().equals(part))
                                .map(s -> words.of(
                                        "part.sheet",
                                        words.of("face." + s.face().word()))))
                .findFirst();
    }

    /** Its own name, or what it is made of. */
    public String piece(HardscapeItem item, Catalogue catalogue) {
        return item.name()
                .or(() -> item.media().flatMap(catalogue::findMedium).map(Medium::name))
                .orElse(item.id());
    }

    /** Its own name, or what its kind is called. */
    public String plant(PlantPiece plant, Catalogue catalogue) {
        return plant.name()
                .or(() -> plant.kind().flatMap(catalogue::findPlant).map(PlantModel::commonName))
                .orElse(plant.label());
    }

    /** What a layer is made of. */
    public String layer(Layer layer, Catalogue catalogue) {
        if (layer.media().isEmpty()) {
            return words.of("part.false_bottom");
        }
        return layer.media().get() instanceof Recipe.Named named
                ? catalogue.groundName(named.id())
                : words.of("part.own_mix");
    }
}
