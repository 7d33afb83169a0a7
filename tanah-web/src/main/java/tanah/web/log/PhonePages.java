package tanah.web.log;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.need.ReadingKind;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.stage.StageSheet;
import tanah.web.design.words.PageHead;
import tanah.web.enclosure.Enclosure;
import tanah.web.shell.Words;
import tanah.web.svg.BoxSvg;

/** Puts the quick reading together. */
@Component
class PhonePages {
    private final LogPages pages;
    private final PlaceCodes codes;
    private final StageSheet sheets;
    private final Catalogues catalogues;
    private final ReadingWords kinds;
    private final PageHead head;
    private final Words words;

    PhonePages(
            LogPages pages,
            PlaceCodes codes,
            StageSheet sheets,
            Catalogues catalogues,
            ReadingWords kinds,
            PageHead head,
            Words words) {
        this.pages = pages;
        this.codes = codes;
        this.sheets = sheets;
        this.catalogues = catalogues;
        this.kinds = kinds;
        this.head = head;
        this.words = words;
    }

    /** The place and kind that a page is about. */
    public record Chosen(String place, String placeName, String kind, String kindName) {}

    void fill(Model model, Keeper keeper, Enclosure enclosure, String place, String kind) {
        Evaluation e = Evaluator.evaluate(enclosure.design(), catalogues.of(enclosure.design()));
        Chosen chosen = chosen(enclosure, place, kind);
        List<LogPages.PlaceView> places = pages.places(keeper.id(), enclosure, chosen.place(), chosen.kind());
        model.addAttribute("enclosure", enclosure.id());
        model.addAttribute("name", enclosure.design().name());
        model.addAttribute("latin", head.latin(e));
        model.addAttribute("drawing", drawing(enclosure, e));
        model.addAttribute("chosen", chosen);
        model.addAttribute("places", places);
        model.addAttribute("codes", codes.all(keeper.id(), enclosure));
        model.addAttribute("range", pages.wantedNow(enclosure, chosen.place(), chosen.kind()));
        model.addAttribute("next", next(places, chosen.place()));
        common(model);
    }

    /** The place after this one, and the first after the last. */
    private static String next(List<LogPages.PlaceView> places, String place) {
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i).id().equals(place)) {
                return places.get((i + 1) % places.size()).id();
            }
        }
        return place;
    }

    static void common(Model model) {
        model.addAttribute("clientId", UUID.randomUUID().toString());
        if (!model.containsAttribute("errors")) {
            model.addAttribute("errors", Map.of());
        }
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", new LogForm("", "", "", "", "", "", "", null));
        }
    }

    String drawing(Enclosure enclosure, Evaluation e) {
        return sheets.scene(e, OptionalDouble.empty())
                .map(s -> BoxSvg.draw(
                        s, words.of("log.section", enclosure.design().name()), sheets.plants(e), true))
                .orElse("");
    }

    /** The place and kind asked for, else the first that can be read. */
    Chosen chosen(Enclosure enclosure, String place, String kind) {
        Design design = enclosure.design();
        String first = design.probes().isEmpty()
                ? ReadingWords.WHOLE
                : design.probes().get(0).id();
        String at = kinds.at(design, place).isEmpty() ? first : place;
        List<ReadingKind> here = kinds.at(design, at);
        if (here.isEmpty()) {
            return new Chosen("", "", "", "");
        }
        ReadingKind found =
                here.stream().filter(k -> k.id().equals(kind)).findFirst().orElse(here.get(0));
        return new Chosen(at, pages.place(design, at), found.id(), pages.name(found));
    }
}
