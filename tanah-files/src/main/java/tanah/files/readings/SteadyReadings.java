package tanah.files.readings;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import tanah.core.box.ClimateCase;
import tanah.core.calibrate.CalibrationReading;
import tanah.core.forecast.Forecast;
import tanah.core.light.Vec;
import tanah.core.physics.Instrument;

/**
 * Reads what was measured in steady hours (RFC 4180), one row a place and time. Columns: {@code place} (air, surface,
 * platform, water), {@code on} (id of the piece, for platform), {@code x_cm}, {@code y_cm}, {@code z_cm}, {@code lights} (on,
 * off), {@code temp_c}, {@code rh_pct}, {@code uvi}, {@code room_c}, {@code room_rh_pct}, {@code instrument} (bare, capped,
 * shaded, logger, or empty for the air itself). Cells that were not measured are empty.
 */
public final class SteadyReadings {
    private static final List<String> COLUMNS = List.of(
            "place",
            "on",
            "x_cm",
            "y_cm",
            "z_cm",
            "lights",
            "temp_c",
            "rh_pct",
            "uvi",
            "room_c",
            "room_rh_pct",
            "instrument");
    private static final int MOST = 500;

    private final Forecast forecast;
    private final List<CalibrationReading> readings = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();

    private SteadyReadings(Forecast forecast) {
        this.forecast = forecast;
    }

    /**
     * What a file holds.
     *
     * @param readings taken, empty if there is any problem
     * @param problems one line each, with the line of the file
     */
    public record Read(List<CalibrationReading> readings, List<String> problems) {
        public Read {
            readings = List.copyOf(readings);
            problems = List.copyOf(problems);
        }
    }

    /** @param forecast of the plan that was measured: it knows the platforms */
    public static Read read(String text, Forecast forecast) {
        SteadyReadings reader = new SteadyReadings(forecast);
        reader.rows(text);
        return new Read(reader.problems.isEmpty() ? reader.readings : List.of(), reader.problems);
    }

    private void rows(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text))) {
            for (String column : parser.getHeaderNames()) {
                if (!COLUMNS.contains(column)) {
                    problems.add("line 1: unknown column \"" + column + "\"; accepted: " + String.join(", ", COLUMNS));
                }
            }
            for (CSVRecord row : parser) {
                if (readings.size() >= MOST) {
                    problems.add("more than " + MOST + " readings; accepted: at most " + MOST);
                    return;
                }
                row(row.toMap(), parser.getCurrentLineNumber());
            }
        } catch (IOException | IllegalArgumentException e) {
            problems.add("no table; accepted: RFC 4180 with a header line");
        } catch (UncheckedIOException e) {
            problems.add("no table: " + e.getMessage());
        }
    }

    private void row(Map<String, String> cells, long line) {
        int before = problems.size();
        String place = cells.getOrDefault("place", "").strip();
        String lights = cells.getOrDefault("lights", "on").strip();
        if (!lights.equals("on") && !lights.equals("off")) {
            problem(line, "lights", lights, "on, off");
        }
        Optional<Instrument> shows =
                instrument(cells.getOrDefault("instrument", "").strip(), line);
        OptionalDouble temp = number(cells, "temp_c", -20, 120, line);
        OptionalDouble humidity = number(cells, "rh_pct", 0, 100, line);
        OptionalDouble uv = number(cells, "uvi", 0, 50, line);
        OptionalDouble room = number(cells, "room_c", -10, 45, line);
        OptionalDouble roomHumidity = number(cells, "room_rh_pct", 1, 100, line);
        Vec at = new Vec(metres(cells, "x_cm", line), metres(cells, "y_cm", line), metres(cells, "z_cm", line));
        int index = index(place, cells.getOrDefault("on", "").strip(), line);
        if ((temp.isPresent() || humidity.isPresent()) && (room.isEmpty() || roomHumidity.isEmpty())) {
            problem(
                    line,
                    "room_c",
                    "",
                    "the room at that time, in room_c and room_rh_pct: without it heat says nothing");
        }
        if (temp.isEmpty() && humidity.isEmpty() && uv.isEmpty()) {
            problem(line, "temp_c", "", "a value in temp_c, rh_pct or uvi");
        }
        if (problems.size() > before) {
            return;
        }
        Optional<ClimateCase.Outside> outside = room.stream()
                .mapToObj(c -> new ClimateCase.Outside(c, roomHumidity.orElseThrow() / 100))
                .findFirst();
        boolean lit = lights.equals("on");
        if (temp.isPresent()) {
            CalibrationReading.Kind kind = temperature(place);
            add(
                    kind,
                    at,
                    index,
                    lit,
                    temp.getAsDouble(),
                    outside,
                    kind == CalibrationReading.Kind.AIR ? shows : Optional.empty());
        }
        if (humidity.isPresent()) {
            add(
                    CalibrationReading.Kind.HUMIDITY,
                    at,
                    index,
                    lit,
                    humidity.getAsDouble() / 100,
                    outside,
                    Optional.empty());
        }
        if (uv.isPresent()) {
            add(CalibrationReading.Kind.UV, at, index, lit, uv.getAsDouble(), Optional.empty(), Optional.empty());
        }
    }

    private double metres(Map<String, String> cells, String column, long line) {
        return number(cells, column, 0, 400, line).orElse(0) / 100;
    }

    private static CalibrationReading.Kind temperature(String place) {
        return switch (place) {
            case "surface" -> CalibrationReading.Kind.SURFACE;
            case "platform" -> CalibrationReading.Kind.PLATFORM;
            case "water" -> CalibrationReading.Kind.WATER;
            default -> CalibrationReading.Kind.AIR;
        };
    }

    private void add(
            CalibrationReading.Kind kind,
            Vec at,
            int index,
            boolean lit,
            double value,
            Optional<ClimateCase.Outside> room,
            Optional<Instrument> shows) {
        readings.add(new CalibrationReading(kind, at, index, lit, value, kind.usual(value), room, shows));
    }

    private int index(String place, String on, long line) {
        switch (place) {
            case "air", "surface" -> {
                return 0;
            }
            case "water" -> {
                if (forecast.mapped().enclosure().floor().stream()
                        .noneMatch(f -> f instanceof tanah.core.box.Floor.Water)) {
                    problem(line, "place", place, "a place of the plan: it has no water");
                }
                return 0;
            }
            case "platform" -> {
                Optional<Integer> found = forecast.mapped().platform(on);
                if (found.isEmpty()) {
                    problem(line, "on", on, "the id of a basking piece of the plan");
                }
                return found.orElse(0);
            }
            default -> {
                problem(line, "place", place, "air, surface, platform, water");
                return 0;
            }
        }
    }

    private Optional<Instrument> instrument(String word, long line) {
        return switch (word) {
            case "" -> Optional.empty();
            case "bare" -> Optional.of(Instrument.BARE);
            case "capped" -> Optional.of(Instrument.CAPPED);
            case "shaded" -> Optional.of(Instrument.SHADED);
            case "logger" -> Optional.of(Instrument.LOGGER);
            default -> {
                problem(line, "instrument", word, "bare, capped, shaded, logger, or nothing");
                yield Optional.empty();
            }
        };
    }

    private OptionalDouble number(Map<String, String> cells, String column, double low, double high, long line) {
        String text = cells.getOrDefault(column, "").strip();
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (text.matches("-?\\d{1,6}(\\.\\d{1,6})?")) {
            double v = Double.parseDouble(text);
            if (v >= low && v <= high) {
                return OptionalDouble.of(v);
            }
        }
        problem(line, column, text, "a number from " + low + " to " + high);
        return OptionalDouble.empty();
    }

    private void problem(long line, String column, String value, String accepted) {
        problems.add("line " + line + ", " + column + ": \"" + value + "\"; accepted: " + accepted);
    }
}
