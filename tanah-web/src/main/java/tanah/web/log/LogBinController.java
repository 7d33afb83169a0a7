package tanah.web.log;

import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import tanah.core.design.Design;
import tanah.core.need.ReadingKind;
import tanah.web.account.Keeper;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.Words;

/** What was taken out of a log or changed in it, to look at and to put back. */
@Controller
@RequestMapping("/enclosures/{id}/log/bin")
class LogBinController {
    private final EnclosureService enclosures;
    private final LogBin bin;
    private final EventService events;
    private final LogPages pages;
    private final ReadingWords kinds;
    private final Words words;

    LogBinController(
            EnclosureService enclosures,
            LogBin bin,
            EventService events,
            LogPages pages,
            ReadingWords kinds,
            Words words) {
        this.enclosures = enclosures;
        this.bin = bin;
        this.events = events;
        this.pages = pages;
        this.kinds = kinds;
        this.words = words;
    }

    /**
     * A line of the bin.
     *
     * @param what   it was about
     * @param was    before
     * @param is     now
     * @param who    did it, and when
     * @param back   address that puts it back; empty where nothing does
     */
    record Line(String what, String was, String is, String who, Optional<String> back) {}

    @GetMapping
    String page(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        String base = "/enclosures/" + id;
        List<Line> readings = bin.readings(keeper.id(), id).stream()
                .map(r -> line(enclosure.design(), r, base))
                .toList();
        List<Line> old =
                bin.events(keeper.id(), id).stream().map(e -> line(e, base)).toList();
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("readings", readings);
        model.addAttribute("events", old);
        model.addAttribute(
                "photos",
                bin.photos(keeper.id(), id).stream()
                        .map(p -> new Photo(
                                p.id(),
                                words.of("event." + p.kind()) + ", " + pages.moment(p.happenedAt()),
                                who(p.author(), pages.moment(p.changedAt()))))
                        .toList());
        return "log/bin";
    }

    /** A photo that lies in the bin. */
    record Photo(long id, String what, String who) {}

    @PostMapping("/photos/{photo}/back")
    String photoBack(@PathVariable long id, @PathVariable long photo, @AuthenticationPrincipal Keeper keeper) {
        enclosures.loggable(keeper.id(), id);
        events.photoBack(keeper.id(), id, photo);
        return "redirect:/enclosures/{id}/log/bin";
    }

    @PostMapping("/events/{change}/back")
    String changeBack(@PathVariable long id, @PathVariable long change, @AuthenticationPrincipal Keeper keeper) {
        enclosures.loggable(keeper.id(), id);
        events.changeBack(keeper.id(), id, change);
        return "redirect:/enclosures/{id}/log/bin";
    }

    private Line line(Design design, LogBin.OldReading r, String base) {
        Optional<ReadingKind> kind = kinds.find(r.kind());
        String was = kind.map(k -> kinds.shown(k, r.value())).orElse(String.valueOf(r.value()));
        String is = r.gone()
                ? words.of("bin.out")
                : kind.map(k -> kinds.shown(k, r.nowValue())).orElse(String.valueOf(r.nowValue()));
        return new Line(
                pages.place(design, r.place()) + ", " + kind.map(kinds::name).orElse(r.kind()) + ", "
                        + pages.moment(r.takenAt()),
                was,
                is,
                who(r.author(), pages.moment(r.changedAt())),
                r.last() ? Optional.of(base + "/readings/" + r.id() + "/back") : Optional.empty());
    }

    private Line line(LogBin.OldEvent e, String base) {
        return new Line(
                words.of("event." + e.kind()) + ", " + pages.moment(e.happenedAt()),
                e.massG() == null ? e.note() : (e.note() + " " + EventPages.mass(e.massG())).strip(),
                words.of(e.gone() ? "bin.out" : "bin.changed"),
                who(e.author(), pages.moment(e.changedAt())),
                back(e, base));
    }

    private static Optional<String> back(LogBin.OldEvent e, String base) {
        if (e.gone()) {
            return Optional.of(base + "/events/" + e.id() + "/back");
        }
        return e.change() > 0 ? Optional.of(base + "/log/bin/events/" + e.change() + "/back") : Optional.empty();
    }

    private String who(String author, String when) {
        return author.isEmpty() ? when : author + ", " + when;
    }
}
