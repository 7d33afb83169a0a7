package tanah.web.shell;

import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import tanah.web.svg.Drawings;

/** Hands the small drawings and the keeper's units to every page: templates may not reach for beans where markup is written unescaped. */
@ControllerAdvice
class DrawingAdvice {
    private final Drawings drawings;

    DrawingAdvice(Drawings drawings) {
        this.drawings = drawings;
    }

    @ModelAttribute("draw")
    Drawings draw() {
        return drawings;
    }

    @ModelAttribute("unit")
    UnitView unit() {
        return UnitView.current();
    }
}
