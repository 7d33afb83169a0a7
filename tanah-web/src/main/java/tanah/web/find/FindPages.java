package tanah.web.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.LampChoice;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberRow;
import tanah.web.enclosure.Enclosure;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Puts the answer of a search into words. */
@Component
class FindPages {
    private static final String THIN = "\u2009";

    private final Words words;

    FindPages(Words words) {
        this.words = words;
    }

    FindView none() {
        return new FindView(0, "none", 0, false, false, "", List.of(), List.of(), List.of());
    }

    FindView of(SearchRow row, Optional<SearchAnswer> answer, Enclosure enclosure, Catalogue catalogue) {
        List<FindView.Option> options = new ArrayList<>();
        answer.ifPresent(a -> {
            for (int i = 0; i < a.options().size(); i++) {
                options.add(option(i, a.options().get(i), catalogue));
            }
        });
        return new FindView(
                row.id(),
                row.state(),
                row.progress(),
                row.base() != enclosure.revision(),
                answer.map(SearchAnswer::feasible).orElse(false),
                answer.map(a -> words.of(
                                a.exact() ? "find.exact" : "find.searched",
                                String.valueOf(a.tried()),
                                String.valueOf(a.of())))
                        .orElse(""),
                options,
                answer.map(a -> a.reasons().stream().map(this::reason).toList()).orElse(List.of()),
                answer.map(a -> a.refused().stream()
                                .map(r -> refused(r, catalogue))
                                .toList())
                        .orElse(List.of()));
    }

    private FindView.Option option(int index, SearchAnswer.Option o, Catalogue catalogue) {
        List<NumberRow> values = new ArrayList<>();
        for (EquipmentFound.Value v : o.values()) {
            values.add(new NumberRow(
                    words.of("need." + v.key()),
                    words.of(
                            "find.value",
                            shown(v.low(), v.humidity()),
                            shown(v.high(), v.humidity()),
                            shown(v.wantedLow(), v.humidity()),
                            shown(v.wantedHigh(), v.humidity()),
                            unit(v.humidity()))));
        }
        if (o.uv() > 0) {
            values.add(new NumberRow(words.of("need.uvi"), Numbers.upTo(o.uv(), 1)));
        }
        return new FindView.Option(
                index,
                parts(o, catalogue),
                values,
                o.missed().stream().map(this::missed).toList(),
                o.values().stream()
                        .filter(EquipmentFound.Value::tolerated)
                        .map(v -> words.of(
                                "find.tolerated",
                                words.of("need." + v.key()),
                                Numbers.upTo(v.wantedLow() - v.low(), 1)))
                        .toList(),
                Numbers.withUnit(o.power(), Unit.WATT));
    }

    private List<String> parts(SearchAnswer.Option o, Catalogue catalogue) {
        LampChoice c = o.choice();
        List<String> parts = new ArrayList<>();
        if (!c.heat().isEmpty()) {
            parts.add(words.of("find.part.at", lamp(c.heat(), catalogue), Numbers.lengthWithUnit(c.z())));
        }
        if (!c.uv().isEmpty()) {
            parts.add(words.of("find.part.at", lamp(c.uv(), catalogue), Numbers.lengthWithUnit(c.uvZ())));
        }
        if (!c.mat().isEmpty()) {
            boolean panel = catalogue.findLamp(c.mat()).isPresent();
            parts.add(words.of(panel ? "find.part.panel" : "find.part.mat", warmer(c.mat(), catalogue)));
        }
        if (!c.water().isEmpty()) {
            parts.add(gear(c.water(), catalogue));
        }
        parts.add(words.of("find.part.mesh", Numbers.upTo(100 * c.mesh(), 0) + THIN + "%"));
        if (c.sheets()) {
            parts.add(words.of("find.part.sheets"));
        }
        if (o.mist() != null) {
            parts.add(words.of(
                    "find.part.mist",
                    words.count("find.nozzles", o.mist().nozzles()),
                    words.count("find.mistings", o.mist().events()),
                    Numbers.upTo(o.mist().longest(), 0)));
        }
        return parts;
    }

    private static String lamp(String id, Catalogue catalogue) {
        return catalogue.findLamp(id).map(LampModel::name).orElse(id);
    }

    /** A mat, or a panel among the lamps. */
    private static String warmer(String id, Catalogue catalogue) {
        return catalogue.findLamp(id).map(LampModel::name).orElseGet(() -> gear(id, catalogue));
    }

    private static String gear(String id, Catalogue catalogue) {
        return catalogue.findGear(id).map(Gear::name).orElse(id);
    }

    private String missed(SearchAnswer.Missed m) {
        return words.of(
                m.value() < m.low() ? "find.missed.low" : "find.missed.high",
                words.of("need." + m.key()),
                words.of("climate.when", m.when()),
                shown(m.value(), m.humidity()) + THIN + unit(m.humidity()),
                shown(m.value() < m.low() ? m.low() : m.high(), m.humidity()) + THIN + unit(m.humidity()));
    }

    private String reason(EquipmentFound.Reason r) {
        if (r.kind() == EquipmentFound.Kind.FORBIDDEN) {
            return words.of("find.reason.forbidden") + " " + words.of("find.help.forbidden");
        }
        boolean humidity = r.key().startsWith("humidity");
        String what = words.of("need." + r.key());
        String value = number(r, r.value().orElseThrow(), humidity);
        String limit = number(r, r.limit().orElseThrow(), humidity);
        String why = switch (r.kind()) {
            case ROOM ->
                words.of(
                        "find.reason.room",
                        what,
                        Numbers.temperatureWithUnit(r.room().orElseThrow()),
                        limit);
            case UNREACHABLE -> words.of("find.reason.unreachable", what, value, limit);
            case CONFLICT -> words.of("find.reason.conflict", what, words.of("need." + r.other()), value, limit);
            case UV -> words.of("find.reason.uv", value, limit);
            case HUMIDITY -> words.of("find.reason.humidity", what, value, limit);
            case FORBIDDEN -> "";
        };
        String help = r.need().isPresent()
                ? words.of(
                        "find.help.room", Numbers.temperatureWithUnit(r.need().getAsDouble()))
                : words.of("find.help." + r.kind().name().toLowerCase(java.util.Locale.ROOT));
        return why + " " + help;
    }

    private String number(EquipmentFound.Reason r, double v, boolean humidity) {
        return r.key().equals("uvi") ? Numbers.upTo(v, 1) : shown(v, humidity) + THIN + unit(humidity);
    }

    private String refused(SearchAnswer.Refusal r, Catalogue catalogue) {
        String option = switch (r.dimension()) {
            case "heat" -> r.option().isEmpty() ? words.of("find.no_lamp") : lamp(r.option(), catalogue);
            case "height" -> words.of("find.height", Numbers.lengthWithUnit(Double.parseDouble(r.option())));
            case "mesh" ->
                words.of("find.part.mesh", Numbers.upTo(100 * Double.parseDouble(r.option()), 0) + THIN + "%");
            case "mat" -> r.option().isEmpty() ? words.of("find.no_mat") : warmer(r.option(), catalogue);
            case "sheets" -> words.of(r.option().equals("true") ? "find.part.sheets" : "find.no_sheets");
            default -> r.option().isEmpty() ? words.of("find.no_water_heater") : gear(r.option(), catalogue);
        };
        return r.missed().stream()
                .findFirst()
                .map(m -> words.of("find.refused.miss", option, missed(m)))
                .orElseGet(() -> words.of(
                        "find.refused.power",
                        option,
                        (r.power() < 0 ? "−" : "+") + Numbers.withUnit(Math.abs(r.power()), Unit.WATT)));
    }

    private static String shown(double value, boolean humidity) {
        return humidity ? Numbers.upTo(100 * Math.min(1, value), 0) : Numbers.degrees(value);
    }

    private static String unit(boolean humidity) {
        return humidity ? "%" : Numbers.temperatureUnit();
    }
}
