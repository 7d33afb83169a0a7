package tanah.web.bioactive;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.words.FindingWords;
import tanah.web.enclosure.Enclosure;
import tanah.web.find.SearchRow;
import tanah.web.forms.HandMeasures;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Puts what a search for a bioactive floor found into words. */
@Component
class BioactivePages {
    private static final String THIN = "\u2009";

    private final Words words;
    private final FindingWords findings;

    BioactivePages(Words words, FindingWords findings) {
        this.words = words;
        this.findings = findings;
    }

    BioactiveView none() {
        return new BioactiveView(0, "none", false, "", 0, List.of(), Optional.empty());
    }

    BioactiveView of(SearchRow row, Enclosure enclosure, Catalogue catalogue) {
        Optional<BioactiveAnswer> answer = BioactiveAnswer.read(row.answer());
        List<BioactiveView.Way> ways = new ArrayList<>();
        answer.ifPresent(a -> {
            for (int i = 0; i < a.ways().size(); i++) {
                BioactiveAnswer.Way w = a.ways().get(i);
                String head = words.of(w.soonest() ? "bioactive.soonest" : "bioactive.least");
                ways.add(way(i, head, w.changes(), w.outcome(), w.brings(), catalogue));
            }
        });
        return new BioactiveView(
                row.id(),
                row.state(),
                row.base() != enclosure.revision(),
                answer.map(a -> a.state().name().toLowerCase(Locale.ROOT)).orElse(""),
                answer.map(BioactiveAnswer::tried).orElse(0),
                ways,
                answer.flatMap(a -> Optional.ofNullable(a.nearest()))
                        .map(n -> way(
                                0,
                                words.of(
                                        n.changes().isEmpty() && n.against().isEmpty()
                                                ? "bioactive.as_is"
                                                : "bioactive.nearest"),
                                n.changes(),
                                n.outcome(),
                                n.against(),
                                catalogue)));
    }

    private BioactiveView.Way way(
            int index,
            String head,
            List<BioactiveAnswer.Change> changes,
            BioactiveAnswer.Outcome outcome,
            List<BioactiveAnswer.Said> notes,
            Catalogue catalogue) {
        return new BioactiveView.Way(
                index,
                head,
                changes.stream().map(c -> change(c, catalogue)).toList(),
                facts(outcome),
                outcome.groups().stream().map(g -> group(g, catalogue)).toList(),
                notes.stream().map(n -> findings.plain(n.finding())).toList());
    }

    private String change(BioactiveAnswer.Change c, Catalogue catalogue) {
        return switch (c.what()) {
            case "set" ->
                words.of(
                        set(c, catalogue),
                        name(c.kind(), catalogue),
                        Numbers.upTo(c.number(), 0),
                        c.other() > 0
                                ? words.of("bioactive.week", Numbers.upTo(c.other(), 0))
                                : words.of("bioactive.at_once"),
                        String.valueOf(HandMeasures.cultures(c.number())));
            case "more" -> words.of("bioactive.change.more", name(c.kind(), catalogue), Numbers.upTo(c.number(), 0));
            case "out" -> words.of("bioactive.change.out", name(c.kind(), catalogue));
            case "litter" ->
                words.of(
                        "bioactive.change.litter",
                        Numbers.lengthWithUnit(c.number()),
                        Numbers.volumeWithUnit(c.other()),
                        HandMeasures.cups(c.other()));
            case "spot" -> words.of("bioactive.change.spot", percent(c.number()));
            default -> words.of("bioactive.change." + c.what(), percent(c.number()), Numbers.volumeWithUnit(c.other()));
        };
    }

    private static String set(BioactiveAnswer.Change c, Catalogue catalogue) {
        String key = "bioactive.change.set";
        return isSmall(c.kind(), catalogue)
                ? key + (HandMeasures.cultures(c.number()) == 1 ? "_culture" : "_cultures")
                : key;
    }

    private static boolean isSmall(String kind, Catalogue catalogue) {
        return catalogue
                .findCrew(kind)
                .filter(m -> m.names().type().equals("springtail"))
                .isPresent();
    }

    private static String name(String kind, Catalogue catalogue) {
        return catalogue
                .findCrew(kind)
                .map(m -> m.names().common() + " (" + m.names().scientific() + ")")
                .orElse(kind);
    }

    private List<NumberRow> facts(BioactiveAnswer.Outcome o) {
        List<NumberRow> rows = new ArrayList<>();
        rows.add(new NumberRow(
                words.of("crew.row.balance"),
                o.day() == null ? words.of("bioactive.thin") : words.of("crew.day", String.valueOf(o.day()))));
        rows.add(new NumberRow(words.of("crew.row.spot"), percent(o.spot())));
        rows.add(new NumberRow(words.of("crew.row.litter"), Numbers.upTo(1000 * o.litter(), 0) + THIN + "g"));
        rows.add(new NumberRow(
                words.of("crew.row.reserve"),
                o.reserve() == null
                        ? words.of("bioactive.lasting")
                        : words.of("crew.days", Numbers.upTo(o.reserve(), 0))));
        if (o.topUpDay() > 0) {
            rows.add(new NumberRow(
                    words.of("crew.row.top_up"),
                    words.of("crew.top_up", Numbers.upTo(o.topUpDay(), 0), Numbers.upTo(1000 * o.topUp(), 0))));
        }
        return rows;
    }

    private String group(BioactiveAnswer.Group g, Catalogue catalogue) {
        return words.of(
                "bioactive.group",
                catalogue.findCrew(g.kind()).map(m -> m.names().common()).orElse(g.kind()),
                Numbers.upTo(g.count(), 0),
                Numbers.upTo(g.after(), 0),
                percent(g.lives()));
    }

    private static String percent(double share) {
        return Numbers.upTo(100 * share, 0) + THIN + "%";
    }
}
