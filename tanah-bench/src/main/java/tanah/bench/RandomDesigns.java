package tanah.bench;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.structure.PieceProposal;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Draws designs that the file format accepts, sensible or not: boxes, layers, walls, water, pieces, animals. */
public final class RandomDesigns {
    private final Random random;
    private final DesignReader reader;
    private final List<String> loose;
    private final List<String> mixes;
    private final List<String> solids;
    private final List<String> animals;

    public RandomDesigns(Catalogue catalogue, long seed) {
        this.random = new Random(seed);
        this.reader = new DesignReader(catalogue);
        this.loose = catalogue.allMedia().stream()
                .filter(m -> m.isLoose() && m.grain() != Medium.Grain.VOID)
                .map(Medium::id)
                .toList();
        this.mixes = catalogue.allMixes().stream().map(m -> m.id()).toList();
        this.solids = catalogue.allMedia().stream()
                .filter(PieceProposal::isPiece)
                .map(Medium::id)
                .toList();
        this.animals = catalogue.allSpecies().stream().map(Species::id).toList();
    }

    /** The next design; drawn again where the format refuses one. */
    public Design next() {
        for (int i = 0; i < 1000; i++) {
            Parsed parsed = reader.read(document().getBytes(StandardCharsets.UTF_8));
            if (parsed instanceof Parsed.Accepted accepted) {
                return accepted.design();
            }
        }
        throw new IllegalStateException("a thousand designs in a row were refused: "
                + reader.read(document().getBytes(StandardCharsets.UTF_8)));
    }

    private String document() {
        double length = between(20, 240);
        double width = between(20, 90);
        double height = between(20, 180);
        List<String> parts = new ArrayList<>();
        parts.add("\"format\":\"tanah-design\",\"version\":1,\"name\":\"drawn\"");
        parts.add("\"animals\":[{\"id\":\"a\",\"species\":\"" + of(animals) + "\",\"count\":" + (1 + random.nextInt(4))
                + "}]");
        parts.add(String.format(
                Locale.ROOT,
                "\"vessel\":{\"shape\":\"rectangle\",\"inside_cm\":{\"length\":%.1f,\"width\":%.1f,\"height\":%.1f},"
                        + "\"pane_mm\":{\"side\":%d,\"base\":%d},\"material\":\"%s\"%s%s}",
                length,
                width,
                height,
                4 + random.nextInt(12),
                4 + random.nextInt(12),
                random.nextBoolean() ? "glass_annealed" : "acrylic",
                random.nextInt(4) == 0 ? ",\"base_support\":\"perimeter\"" : "",
                random.nextInt(5) == 0 ? ",\"lid\":{\"material\":\"none\"}" : ""));
        parts.add(room());
        boolean wall = random.nextInt(3) > 0;
        double shore = between(0.2 * length, 0.7 * length);
        double thick = between(0.6, 5);
        parts.add(ground(length, width, height, wall, shore, thick));
        if (random.nextInt(4) > 0) {
            parts.add(String.format(
                    Locale.ROOT,
                    "\"water\":{\"level_cm\":%.1f,\"temp_c\":%.1f%s%s}",
                    between(1, 0.6 * height),
                    between(10, 30),
                    ramps(height),
                    random.nextBoolean()
                            ? ",\"tap\":{\"ph\":" + (6 + random.nextInt(3)) + ",\"kh_dh\":" + (1 + random.nextInt(12))
                                    + ",\"cl_mg_l\":0.4},\"changes\":{\"fraction\":0.3,\"interval_d\":7}"
                            : ""));
        }
        parts.add(hardscape(length, width, height));
        return "{" + String.join(",", parts) + "}";
    }

    private String room() {
        double winter = between(5, 22);
        return String.format(
                Locale.ROOT,
                "\"room\":{\"winter\":{\"temp_day_c\":%.1f,\"temp_night_c\":%.1f,\"rh_day_pct\":40,\"rh_night_pct\":50},"
                        + "\"summer\":{\"temp_day_c\":%.1f,\"temp_night_c\":%.1f,\"rh_day_pct\":50,\"rh_night_pct\":60}}",
                winter,
                winter - 3,
                winter + 8,
                winter + 4);
    }

    private String ground(double length, double width, double height, boolean wall, double shore, double thick) {
        List<String> layers = new ArrayList<>();
        int count = random.nextInt(5);
        for (int i = 0; i < count; i++) {
            boolean drains = i == 0 && random.nextBoolean();
            String region = "";
            if (wall && random.nextInt(3) > 0) {
                region = random.nextBoolean() ? region(shore + thick, length, width) : region(0, shore, width);
            }
            layers.add(String.format(
                    Locale.ROOT,
                    "{\"id\":\"l%d\",\"kind\":\"%s\",\"media\":\"%s\"%s,\"surface\":%s%s}",
                    i,
                    drains ? "drainage" : "substrate",
                    drains ? "expanded_clay_8_16" : random.nextBoolean() ? of(loose) : of(mixes),
                    region,
                    surface(height),
                    random.nextInt(4) == 0 ? ",\"aquatic\":true" : ""));
        }
        String dams = wall
                ? String.format(
                        Locale.ROOT,
                        ",\"dams\":[{\"id\":\"d\",\"kind\":\"%s\"%s,\"top_cm\":%.1f,\"watertight\":%s}]",
                        of(List.of("foam", "glass", "acrylic", "stones", "wood")),
                        region(shore, shore + thick, width),
                        between(2, 0.7 * height),
                        random.nextBoolean())
                : "";
        return "\"ground\":{\"layers\":[" + String.join(",", layers) + "]" + dams + "}";
    }

    private static String region(double from, double to, double width) {
        return String.format(Locale.ROOT, ",\"region_cm\":[%.1f,0,%.1f,%.1f]", from, to, width);
    }

    private String surface(double height) {
        return switch (random.nextInt(3)) {
            case 0 ->
                String.format(
                        Locale.ROOT,
                        "{\"type\":\"slope\",\"front_cm\":%.1f,\"back_cm\":%.1f}",
                        between(1, 0.4 * height),
                        between(1, 0.4 * height));
            default ->
                String.format(
                        Locale.ROOT, "{\"type\":\"thickness\",\"thickness_cm\":%.1f}", between(0.5, 0.25 * height));
        };
    }

    private String ramps(double height) {
        if (random.nextBoolean()) {
            return "";
        }
        double foot = between(0, 0.2 * height);
        return String.format(
                Locale.ROOT,
                ",\"ramps\":[{\"id\":\"r\",\"foot_cm\":%.1f,\"top_cm\":%.1f,\"length_cm\":%.1f,\"width_cm\":%.1f}]",
                foot,
                foot + between(2, 0.4 * height),
                between(5, 80),
                between(2, 12));
    }

    private String hardscape(double length, double width, double height) {
        List<String> pieces = new ArrayList<>();
        int count = random.nextInt(7);
        for (int i = 0; i < count; i++) {
            double l = between(2, 0.4 * length);
            double w = between(2, 0.4 * width);
            double x = between(0, length - l);
            double y = between(0, width - w);
            pieces.add(String.format(
                    Locale.ROOT,
                    "{\"id\":\"p%d\",\"class\":\"%s\",\"media\":\"%s\",\"outline_cm\":%s,"
                            + "\"base_z_cm\":%.1f,\"height_cm\":%.1f%s}",
                    i,
                    of(List.of("stone", "wood", "cork", "foam")),
                    of(solids),
                    String.format(
                            Locale.ROOT,
                            "[[%.1f,%.1f],[%.1f,%.1f],[%.1f,%.1f],[%.1f,%.1f]]",
                            x,
                            y,
                            x + l,
                            y,
                            x + l,
                            y + w,
                            x,
                            y + w),
                    between(0, 0.5 * height),
                    between(1, 0.4 * height),
                    random.nextInt(3) == 0 ? ",\"in_water\":true" : ""));
        }
        return "\"hardscape\":[" + String.join(",", pieces) + "]";
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private String of(List<String> all) {
        return all.get(random.nextInt(all.size()));
    }
}
