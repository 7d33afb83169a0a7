package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The whole plan of one enclosure as one value, format version 1. Absent stages are empty. Lengths in metres, volumes
 * in m³, temperatures in °C, humidity as shares.
 *
 * @param name      of the plan, 1 to 80 characters
 * @param note      free text
 * @param schools   choices where keepers disagree
 * @param animals   who lives in it
 * @param mixReason why two species share the box
 * @param vessel    the box
 * @param room      the room around it
 * @param ground    layers and dams
 * @param hardscape stone, wood, cork, foam
 * @param water     the water part
 * @param heat      length and begin of the day
 * @param devices   lamps, heaters, pumps, filters
 * @param air       fans and sprays
 * @param probes    places of readings
 * @param plants    what grows in it
 * @param planting  what is wanted of that as a whole
 * @param crew      who cleans up
 * @param kept      stages that nothing reads yet
 */
@RecordBuilder
public record Design(
        String name,
        Optional<String> note,
        List<SchoolChoice> schools,
        List<Resident> animals,
        Optional<String> mixReason,
        Optional<VesselPlan> vessel,
        Optional<RoomPlan> room,
        Ground ground,
        List<HardscapeItem> hardscape,
        Optional<WaterPart> water,
        HeatDay heat,
        List<Device> devices,
        Optional<AirPlan> air,
        List<Probe> probes,
        List<PlantPiece> plants,
        Planting planting,
        CrewChoice crew,
        OtherFields kept)
        implements DesignBuilder.With {

    public Design {
        schools = List.copyOf(schools);
        animals = List.copyOf(animals);
        hardscape = List.copyOf(hardscape);
        devices = List.copyOf(devices);
        probes = List.copyOf(probes);
        plants = List.copyOf(plants);
    }

    /** A plan with nothing in it but a name. */
    public static Design named(String name) {
        return new Design(
                name,
                Optional.empty(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Ground.EMPTY,
                List.of(),
                Optional.empty(),
                HeatDay.UNSET,
                List.of(),
                Optional.empty(),
                List.of(),
                List.of(),
                Planting.UNSAID,
                CrewChoice.NONE,
                OtherFields.NONE);
    }

    public Optional<String> school(String choice) {
        return schools.stream()
                .filter(s -> s.choice().equals(choice))
                .map(SchoolChoice::option)
                .findFirst();
    }

    public Design withVessel(VesselPlan changed) {
        return withVessel(Optional.of(changed));
    }

    public Design withRoom(RoomPlan changed) {
        return withRoom(Optional.of(changed));
    }

    public Optional<Device> device(String id) {
        return devices.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    public Optional<Probe> probe(String id) {
        return probes.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<PlantPiece> plant(String id) {
        return plants.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The design with one plant changed. */
    public Design withPlant(String id, UnaryOperator<PlantPiece> change) {
        return withPlants(plants.stream()
                .map(p -> p.id().equals(id) ? change.apply(p) : p)
                .toList());
    }

    /** The design with one device changed. */
    public Design withDevice(String id, UnaryOperator<Device> change) {
        return withDevices(devices.stream()
                .map(d -> d.id().equals(id) ? change.apply(d) : d)
                .toList());
    }

    /** The design without a device; what it fed is fed by nothing then. */
    public Design withoutDevice(String id) {
        Design less =
                withDevices(devices.stream().filter(d -> !d.id().equals(id)).toList());
        return less.withWater(less.water()
                .map(w -> w.withFeatures(w.features().stream()
                        .map(f -> f.pump().filter(id::equals).isPresent() ? f.withPump(Optional.empty()) : f)
                        .toList())));
    }

    /** The design with a choice added or changed; the entry's date is that of the choice. */
    public Design withSchool(SchoolChoice choice) {
        List<SchoolChoice> changed = new ArrayList<>(schools);
        changed.removeIf(s -> s.choice().equals(choice.choice()));
        changed.add(choice);
        return withSchools(changed);
    }
}
