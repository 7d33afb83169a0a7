package tanah.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import tanah.core.box.ClimateCase;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.MistGear;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.Species;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.PlantPiece;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.Schedule;
import tanah.core.design.VesselPlan;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Draws plans as keepers leave them half-way: a worked plan with another animal, other devices, openings, sheets, water and room. */
public final class DrawnPlans {
    private static final List<String> EXAMPLES = List.of(
            "mossy-frog-paludarium",
            "collared-lizard-arid",
            "giant-millipede-box",
            "shared-water-table",
            "sealed-divider");

    private final Random random;
    private final Catalogue catalogue;
    private final List<Design> examples = new ArrayList<>();
    private final List<String> items = new ArrayList<>();
    private final List<Species> animals;
    private final List<PlantModel> plants;

    public DrawnPlans(Catalogue catalogue, long seed) {
        this.random = new Random(seed);
        this.catalogue = catalogue;
        this.animals = List.copyOf(catalogue.allSpecies());
        this.plants = List.copyOf(catalogue.allPlants());
        catalogue.allLamps().stream().map(LampModel::id).forEach(items::add);
        catalogue.allGear().stream().map(Gear::id).forEach(items::add);
        catalogue.allMistGear().stream().map(MistGear::id).forEach(items::add);
        items.add("a-thing-that-nobody-sells");
        for (String name : EXAMPLES) {
            try {
                byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
                examples.add(((Parsed.Accepted) new DesignReader(catalogue).read(document)).design());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private double between(double low, double high) {
        return low + random.nextDouble() * (high - low);
    }

    private boolean one(int in) {
        return random.nextInt(in) == 0;
    }

    private <T> T of(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    /** The next plan. */
    public Design next() {
        Design d = of(examples);
        if (one(2)) {
            d = d.withAnimals(List.of(Resident.one("a", of(animals).id())));
        }
        d = devices(d);
        d = walls(d);
        if (d.water().isPresent() && one(2)) {
            double level = between(0.005, 0.35);
            d = d.withWater(d.water().map(w -> w.withLevel(level)));
        }
        if (d.room().isPresent() && one(2)) {
            d = d.withRoom(room(d.room().get()));
        }
        d = one(3) ? misted(d) : d;
        return one(3) ? planted(d) : d;
    }

    /** Plants of any kind anywhere, also of none that anybody knows, in the wrong place and in none. */
    private Design planted(Design d) {
        List<PlantPiece> all = new ArrayList<>(one(2) ? d.plants() : List.of());
        int more = 1 + random.nextInt(3);
        for (int i = 0; i < more; i++) {
            boolean known = !one(6);
            all.add(new PlantPiece(
                    "drawn-plant-" + i,
                    known ? Optional.of(of(plants).id()) : Optional.empty(),
                    known ? Optional.empty() : Optional.of("of nobody knows what"),
                    of(List.of(RootPlace.values())),
                    Optional.empty(),
                    of(List.of(Reach.values())),
                    one(8) ? OptionalDouble.empty() : OptionalDouble.of(between(-0.1, 1.2)),
                    OptionalDouble.of(between(-0.05, 0.6)),
                    OptionalDouble.empty(),
                    PlantPiece.Size.UNSAID,
                    PlantPiece.Leaf.UNSAID));
        }
        return d.withPlants(all);
    }

    private RoomPlan room(RoomPlan plan) {
        double winter = between(8, 24);
        double summer = winter + between(0, 14);
        return new RoomPlan(outside(winter), outside(summer), plan.givenBand(), plan.kept());
    }

    private RoomPlan.Season outside(double celsius) {
        return new RoomPlan.Season(celsius, celsius - between(0, 6), between(0.2, 0.8), between(0.2, 0.8));
    }

    private Design devices(Design d) {
        List<Device> all = new ArrayList<>();
        for (Device device : d.devices()) {
            if (!one(4)) {
                all.add(one(4) ? device.withoutThermostat() : device);
            }
        }
        int more = random.nextInt(4);
        for (int i = 0; i < more; i++) {
            all.add(device("drawn-" + i));
        }
        return d.withDevices(all);
    }

    private Device device(String id) {
        Device.Spot at =
                one(6) ? Device.Spot.NOWHERE : Device.Spot.at(between(0, 1.2), between(0, 0.6), between(0, 0.8));
        Device device = Device.of(id, of(items), at);
        if (one(3)) {
            device = device.withRunning(Device.Running.UNSAID.on(
                    one(2) ? Schedule.clock(random.nextInt(24), 1 + random.nextInt(12)) : Schedule.DAY));
        }
        return one(5) ? device.withPower(OptionalDouble.of(between(1, 250))) : device;
    }

    private Design walls(Design d) {
        VesselPlan plan = d.vessel().orElseThrow();
        List<Envelope.Vent> vents = new ArrayList<>(plan.envelope().vents());
        List<Envelope.Insulation> sheets = new ArrayList<>(plan.envelope().insulation());
        for (Envelope.Face face : Envelope.Face.values()) {
            String word = face.name().toLowerCase(Locale.ROOT);
            if (one(6)) {
                vents.add(vent("drawn-vent-" + word, face));
            }
            if (one(6)) {
                sheets.add(new Envelope.Insulation(
                        "drawn-sheet-" + word,
                        face,
                        of(List.of("xps", "cork", "plywood")),
                        between(0.005, 0.05),
                        Optional.of(random.nextBoolean()),
                        one(3) ? OptionalDouble.of(random.nextDouble()) : OptionalDouble.empty()));
            }
        }
        VesselPlan.Lid lid = plan.lid().orElse(VesselPlan.Lid.UNSAID);
        VesselPlan changed = one(3) ? plan.withLid(lid.withMeshFraction(OptionalDouble.of(random.nextDouble()))) : plan;
        return d.withVessel(
                changed.withEnvelope(changed.envelope().withVents(vents).withInsulation(sheets)));
    }

    private Envelope.Vent vent(String id, Envelope.Face face) {
        boolean lid = face == Envelope.Face.LID;
        return new Envelope.Vent(
                id,
                face,
                lid ? OptionalDouble.empty() : OptionalDouble.of(between(0, 0.6)),
                OptionalDouble.of(0.02),
                OptionalDouble.of(between(0.03, 0.4)),
                lid ? OptionalDouble.of(0.02) : OptionalDouble.empty(),
                lid ? OptionalDouble.of(between(0.03, 0.3)) : OptionalDouble.empty(),
                one(3) ? OptionalDouble.of(between(1e-4, 5e-3)) : OptionalDouble.empty(),
                lid ? OptionalDouble.empty() : OptionalDouble.of(between(0.002, 0.05)),
                one(2) ? OptionalDouble.of(random.nextDouble()) : OptionalDouble.empty());
    }

    private Design misted(Design d) {
        AirPlan.Nozzle nozzle = new AirPlan.Nozzle(
                "drawn-nozzle",
                catalogue.allMistGear().stream()
                        .filter(MistGear::sprays)
                        .map(MistGear::id)
                        .findFirst(),
                Device.Spot.at(0.2, 0.2, 0.4),
                OptionalDouble.empty());
        AirPlan.Mist mist = AirPlan.Mist.NONE
                .withNozzles(List.of(nozzle))
                .withEvents(List.of(new AirPlan.Event(random.nextInt(24), 1 + random.nextInt(120), List.of())));
        return d.withAir(Optional.of(d.air().orElse(AirPlan.STILL).withMist(Optional.of(mist))));
    }

    /** Sprays of a plan, for tests that count them. */
    static int sprays(ClimateCase c) {
        return c.mist().events().size();
    }
}
