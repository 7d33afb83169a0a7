package tanah.web.find;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.equipment.EquipmentSearch;

/** Searches for lamps, lid, heaters and mistings. */
@Component
class EquipmentKind implements SearchKind {
    static final String EQUIPMENT = "equipment";

    @Override
    public String subject() {
        return EQUIPMENT;
    }

    @Override
    public Optional<String> run(Design design, Catalogue catalogue, String asked, BooleanSupplier stopped, Told told) {
        return EquipmentSearch.run(design, catalogue, stopped, done -> told.tell(done, ""))
                .map(f -> SearchAnswer.write(SearchAnswer.of(f)));
    }
}
