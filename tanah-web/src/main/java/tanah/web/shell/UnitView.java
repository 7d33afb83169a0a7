package tanah.web.shell;

import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;

/** Signs of the keeper's units, for templates. */
public record UnitView(
        String length, String thickness, String volume, String mass, String temperature, String currency, String mark) {
    static UnitView current() {
        Presentation p = Presentation.current();
        return new UnitView(
                Numbers.lengthUnit(),
                p.isUs() ? "in" : "mm",
                Numbers.volumeUnit(),
                Numbers.massUnit(),
                Numbers.temperatureUnit(),
                p.currency(),
                String.valueOf(p.decimal()));
    }
}
