package tanah.web.log;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import tanah.web.account.Keeper;
import tanah.web.enclosure.Enclosure;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** Events as the logbook shows them. */
@Component
class EventPages {
    static final List<String> KINDS = List.of(
            "fed",
            "misted",
            "cleaned",
            "shed",
            "moult",
            "weighed",
            "seen",
            "planted",
            "moved_in",
            "dosed",
            "new_mould",
            "springtails",
            "died",
            "note");
    private static final int MOST = 60;

    private final EventService events;
    private final Words words;
    private final Clock clock;

    EventPages(EventService events, Words words, Clock clock) {
        this.events = events;
        this.words = words;
        this.clock = clock;
    }

    /** An event with its photos. */
    public record Line(long id, String when, String kind, String note, String mass, String author, List<Long> photos) {}

    void fill(Model model, Keeper keeper, Enclosure enclosure) {
        List<Event.Photo> photos = events.photos(keeper.id(), enclosure.id());
        model.addAttribute(
                "events",
                events.newest(keeper.id(), enclosure.id(), MOST).stream()
                        .map(e -> line(e, photos))
                        .toList());
        model.addAttribute("eventKinds", KINDS);
        model.addAttribute("eventClient", UUID.randomUUID().toString());
        model.addAttribute("mayLog", enclosure.role().mayLog());
    }

    private Line line(Event e, List<Event.Photo> photos) {
        return new Line(
                e.id(),
                Presentation.current().moment(e.happenedAt().atZoneSameInstant(clock.getZone())),
                words.of("event." + e.kind()),
                e.note(),
                e.massG() == null ? "" : mass(e.massG()),
                e.author(),
                photos.stream()
                        .filter(p -> p.eventId() == e.id())
                        .map(Event.Photo::id)
                        .toList());
    }

    static String mass(BigDecimal grams) {
        return Numbers.upTo(grams.doubleValue(), 2) + "\u2009g";
    }
}
