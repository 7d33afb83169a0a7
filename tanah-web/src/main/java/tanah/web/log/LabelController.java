package tanah.web.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import tanah.web.account.Keeper;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.SquareCode;

/** A sheet of labels with the codes of the places, 38 by 21 mm each, to be printed at true size. */
@Controller
class LabelController {
    private final EnclosureService enclosures;
    private final PlaceCodes codes;
    private final LogPages pages;

    LabelController(EnclosureService enclosures, PlaceCodes codes, LogPages pages) {
        this.enclosures = enclosures;
        this.codes = codes;
        this.pages = pages;
    }

    /** A label. */
    public record Label(int number, String name, String code, String address, String svg) {}

    @GetMapping("/enclosures/{id}/labels")
    String labels(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        Map<String, String> byPlace = codes.all(keeper.id(), enclosure);
        List<Label> labels = new ArrayList<>();
        for (LogPages.PlaceView place : pages.places(keeper.id(), enclosure, "", "")) {
            String code = byPlace.getOrDefault(place.id(), "");
            String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                    .path("/r/" + code)
                    .toUriString();
            labels.add(new Label(place.number(), place.name(), code, address, SquareCode.svg(address)));
        }
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("labels", labels);
        return "log/labels";
    }
}
