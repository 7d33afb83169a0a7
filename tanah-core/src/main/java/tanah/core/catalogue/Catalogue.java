package tanah.core.catalogue;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** All facts that a computation may look up. A value: a keeper's own entries make another catalogue. */
public final class Catalogue {
    private final Map<String, Species> species;
    private final Map<String, Medium> media;
    private final Map<String, Mix> mixes;
    private final Map<String, VesselModel> vessels;
    private final Map<String, Gear> gear;
    private final Map<String, LampModel> lamps;
    private final Map<String, MistGear> moisture;
    private final Map<String, MeshModel> meshes;
    private final Map<String, PlantModel> plants;
    private final Map<String, CrewModel> crew;
    private final List<Pack> packs;

    public Catalogue(
            List<Species> species,
            List<Medium> media,
            List<Mix> mixes,
            List<VesselModel> vessels,
            List<Gear> gear,
            Air air,
            Living living,
            List<Pack> packs) {
        this.plants = index(living.plants(), PlantModel::id);
        this.crew = index(living.crew(), CrewModel::id);
        this.lamps = index(air.lamps(), LampModel::id);
        this.moisture = index(air.moisture(), MistGear::id);
        this.meshes = index(air.meshes(), MeshModel::id);
        this.species = index(species, Species::id);
        this.media = index(media, Medium::id);
        this.mixes = index(mixes, Mix::id);
        this.vessels = index(vessels, VesselModel::id);
        this.gear = index(gear, Gear::id);
        this.packs = List.copyOf(packs);
    }

    /** What lights, warms, dampens and closes the air. */
    public record Air(List<LampModel> lamps, List<MistGear> moisture, List<MeshModel> meshes) {
        public static final Air NONE = new Air(List.of(), List.of(), List.of());

        public Air {
            lamps = List.copyOf(lamps);
            moisture = List.copyOf(moisture);
            meshes = List.copyOf(meshes);
        }
    }

    /** What grows and what cleans up. */
    public record Living(List<PlantModel> plants, List<CrewModel> crew) {
        public static final Living NONE = new Living(List.of(), List.of());

        public Living {
            plants = List.copyOf(plants);
            crew = List.copyOf(crew);
        }
    }

    public Living living() {
        return new Living(List.copyOf(plants.values()), List.copyOf(crew.values()));
    }

    public Optional<PlantModel> findPlant(String id) {
        return Optional.ofNullable(plants.get(id));
    }

    public Collection<PlantModel> allPlants() {
        return plants.values();
    }

    public Optional<CrewModel> findCrew(String id) {
        return Optional.ofNullable(crew.get(id));
    }

    public Collection<CrewModel> allCrew() {
        return crew.values();
    }

    public Air air() {
        return new Air(List.copyOf(lamps.values()), List.copyOf(moisture.values()), List.copyOf(meshes.values()));
    }

    public Optional<LampModel> findLamp(String id) {
        return Optional.ofNullable(lamps.get(id));
    }

    public Collection<LampModel> allLamps() {
        return lamps.values();
    }

    public Optional<MistGear> findMistGear(String id) {
        return Optional.ofNullable(moisture.get(id));
    }

    public Collection<MistGear> allMistGear() {
        return moisture.values();
    }

    public Optional<MeshModel> findMesh(String id) {
        return Optional.ofNullable(meshes.get(id));
    }

    public Collection<MeshModel> allMeshes() {
        return meshes.values();
    }

    public Optional<Species> findSpecies(String id) {
        return Optional.ofNullable(species.get(id));
    }

    public Optional<Medium> findMedium(String id) {
        return Optional.ofNullable(media.get(id));
    }

    public Optional<Mix> findMix(String id) {
        return Optional.ofNullable(mixes.get(id));
    }

    public Optional<VesselModel> findVessel(String id) {
        return Optional.ofNullable(vessels.get(id));
    }

    public Optional<Gear> findGear(String id) {
        return Optional.ofNullable(gear.get(id));
    }

    public Collection<Gear> allGear() {
        return gear.values();
    }

    public Collection<Species> allSpecies() {
        return species.values();
    }

    public Collection<Medium> allMedia() {
        return media.values();
    }

    public Collection<Mix> allMixes() {
        return mixes.values();
    }

    public Collection<VesselModel> allVessels() {
        return vessels.values();
    }

    public List<Pack> allPacks() {
        return packs;
    }

    /** The packs in which an item is sold, in the catalogue's order. */
    public List<Pack> packsOf(String item) {
        return packs.stream().filter(pack -> pack.item().equals(item)).toList();
    }

    /** Whether a layer may name this id: a mix or a loose medium. */
    public boolean isGround(String id) {
        return mixes.containsKey(id) || (media.containsKey(id) && media.get(id).isLoose());
    }

    /** The plain name of a medium or mix, or the id where there is none. */
    public String groundName(String id) {
        return findMix(id)
                .map(Mix::name)
                .or(() -> findMedium(id).map(Medium::name))
                .orElse(id);
    }

    private static <T> Map<String, T> index(List<T> rows, Function<T, String> key) {
        Map<String, T> byId = new LinkedHashMap<>();
        for (T row : rows) {
            if (byId.put(key.apply(row), row) != null) {
                throw new IllegalArgumentException("two rows with id " + key.apply(row));
            }
        }
        return Collections.unmodifiableMap(byId);
    }
}
