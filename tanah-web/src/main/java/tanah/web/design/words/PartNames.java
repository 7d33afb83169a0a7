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
import tanah.core.design.Dam;
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
        for (Layer layer : design.ground().layers()) {
            if (layer.id().equals(part)) {
                return layer(layer, catalogue);
            }
        }
        for (HardscapeItem item : design.hardscape()) {
            if (item.id().equals(part)) {
                return piece(item, catalogue);
            }
        }
        for (Dam dam : design.ground().dams()) {
            if (dam.id().equals(part)) {
                return words.of("dam." + dam.kind());
            }
        }
        if (part.equals("water")) {
            return words.of("part.water");
        }
        if (design.water().stream().flatMap(w -> w.ramps().stream()).anyMatch(r -> r.id().equals(part))) {
            return words.of("part.ramp");
        }
        Optional<String> running = design.water().stream()
                .flatMap(w -> w.features().stream())
                .filter(f -> f.id().equals(part))
                .map(f -> words.of("feature." + f.kind().word()))
                .findFirst();
        if (running.isPresent()) {
            return running.get();
        }
        Optional<Device> device = design.device(part);
        if (device.isPresent()) {
            return catalogue
                    .findGear(device.get().item())
                    .map(Gear::name)
                    .or(() -> catalogue.findLamp(device.get().item()).map(LampModel::name))
                    .or(() -> catalogue.findMistGear(device.get().item()).map(MistGear::name))
                    .orElse(device.get().item());
        }
        Optional<String> airy = airy(part, design, catalogue);
        if (airy.isPresent()) {
            return airy.get();
        }
        Optional<PlantPiece> plant = design.plant(part);
        if (plant.isPresent()) {
            return plant(plant.get(), catalogue);
        }
        Optional<CrewChoice.Dose> dose =
                design.crew().doses().stream().filter(d -> d.id().equals(part)).findFirst();
        if (dose.isPresent()) {
            String species = dose.get().species();
            return catalogue.findCrew(species).map(c -> c.names().common()).orElse(species);
        }
        for (Probe probe : design.probes()) {
            if (probe.id().equals(part)) {
                return probe.label();
            }
        }
        return design.animals().stream()
                .filter(a -> a.id().equals(part))
                .flatMap(a -> catalogue.findSpecies(a.species()).stream())
                .map(Species::commonName)
                .findFirst()
                .orElse(part);
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
