package tanah.web.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.need.ReadingKind;
import tanah.core.units.Unit;
import tanah.files.catalogue.ReadingKinds;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** The kinds of readings in words and in the keeper's units. Stored values keep the unit of the list. */
@Component
public class ReadingWords {
    /** The place of readings that belong to no place. */
    public static final String WHOLE = "whole";

    private static final String THIN = "\u2009";

    /** What is usually read at a place besides what the plan names there (common practice). */
    private static final Map<Probe.Kind, List<String>> USUAL = Map.of(
            Probe.Kind.AIR, List.of("temp_air", "rh", "uvi", "lux", "airspeed"),
            Probe.Kind.SURFACE, List.of("temp_surface", "uvi"),
            Probe.Kind.PLATFORM, List.of("temp_surface", "uvi"),
            Probe.Kind.WATER,
                    List.of("temp_water", "ph", "ec", "nh34", "no2", "no3", "po4", "gh", "kh", "water_level", "flow"),
            Probe.Kind.SOIL, List.of("temp_substrate", "substrate_moisture", "drain_level", "bait_count"),
            Probe.Kind.UVI, List.of("uvi"),
            Probe.Kind.PLANT, List.of("ppfd", "lux"),
            Probe.Kind.ROOM, List.of("temp_air", "rh", "power"));

    private final List<ReadingKind> all = ReadingKinds.read();
    private final Words words;

    ReadingWords(Words words) {
        this.words = words;
    }

    public List<ReadingKind> all() {
        return all;
    }

    public Optional<ReadingKind> find(String id) {
        return all.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    /** What is read at a place: what the plan names first, then what is usual there. */
    public List<ReadingKind> of(Probe probe) {
        List<ReadingKind> kinds = new ArrayList<>();
        probe.reads().forEach(id -> find(id).ifPresent(kinds::add));
        USUAL.getOrDefault(probe.kind(), List.of())
                .forEach(id -> find(id).filter(k -> !kinds.contains(k)).ifPresent(kinds::add));
        return kinds;
    }

    /** What is read of the enclosure or the animal as a whole. */
    public List<ReadingKind> ofWhole() {
        return all.stream().filter(k -> !k.needsPlace()).toList();
    }

    /** What may be read at a place of a design; empty if there is no such place. */
    public List<ReadingKind> at(Design design, String place) {
        if (place.equals(WHOLE)) {
            return ofWhole();
        }
        return design.probes().stream()
                .filter(p -> p.id().equals(place))
                .findFirst()
                .map(this::of)
                .orElse(List.of());
    }

    public String name(ReadingKind kind) {
        return words.of("kind." + kind.id());
    }

    public String place(Design design, String id) {
        if (id.equals(WHOLE)) {
            return words.of("log.whole");
        }
        return design.probes().stream()
                .filter(p -> p.id().equals(id))
                .map(Probe::label)
                .findFirst()
                .orElse(id);
    }

    /** The keeper's unit. */
    public String unit(ReadingKind kind) {
        return switch (kind.unit()) {
            case CELSIUS -> Numbers.temperatureUnit();
            case CENTIMETRE -> Numbers.lengthUnit();
            case LITRE -> Numbers.volumeUnit();
            case MICROMOLE -> "µmol m⁻² s⁻¹";
            case DEGREE_HARDNESS -> "°d";
            case LITRE_PER_HOUR -> "l/h";
            default -> kind.unit().symbol();
        };
    }

    /** The unit to put behind a number that waits on a phone, so that it stays what it was if the settings change. */
    public String typed(ReadingKind kind) {
        return switch (kind.unit()) {
            case CELSIUS -> Presentation.current().isUs() ? "F" : "C";
            case CENTIMETRE -> Numbers.lengthUnit();
            case LITRE -> Presentation.current().isUs() ? "gal" : "l";
            default -> "";
        };
    }

    /** A stored value as a number in the keeper's unit. */
    public double number(ReadingKind kind, double value) {
        return switch (kind.unit()) {
            case CELSIUS -> Numbers.temperature(value);
            case CENTIMETRE -> Numbers.length(Unit.CENTIMETRE.toSi(value));
            case LITRE -> Numbers.volume(Unit.LITRE.toSi(value));
            default -> value;
        };
    }

    /** A stored value with its unit. */
    public String shown(ReadingKind kind, double value) {
        int decimals = kind.isTemperature()
                ? 1
                : Math.max(kind.decimals(), Presentation.current().isUs() ? 1 : 0);
        String text = kind.isTemperature()
                ? Numbers.fixed(number(kind, value), 1)
                : Numbers.upTo(number(kind, value), Math.max(1, decimals));
        String unit = unit(kind);
        return unit.isEmpty() ? text : text + THIN + unit;
    }

    /** Reads a typed value; empty with an error noted. */
    OptionalDouble read(ReadingKind kind, String text, FieldErrors errors) {
        Quantity.Kind quantity = switch (kind.unit()) {
            case CELSIUS -> Quantity.Kind.TEMPERATURE;
            case CENTIMETRE -> Quantity.Kind.LENGTH;
            case LITRE -> Quantity.Kind.VOLUME;
            case GRAM -> Quantity.Kind.GRAMS;
            case PERCENT -> Quantity.Kind.SHARE;
            default -> Quantity.Kind.NUMBER;
        };
        // other numbers are typed and kept in the unit of the kind
        Unit unit = quantity == Quantity.Kind.NUMBER ? Unit.COUNT : kind.unit();
        OptionalDouble si =
                errors.required("value", text, quantity, unit.toSi(kind.min()), unit.toSi(kind.max()), unit);
        return si.isEmpty() ? si : OptionalDouble.of(Math.round(unit.fromSi(si.getAsDouble()) * 1000) / 1000.0);
    }
}
