package tanah.web.design.start;

import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.commission.PlaceProposal;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.ground.GroundModel;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.shell.Words;

/** First places for readings in a box, by what its animal needs. */
@Component
public class FirstPlaces {
    private final Catalogues catalogues;
    private final Words words;

    FirstPlaces(Catalogues catalogues, Words words) {
        this.catalogues = catalogues;
        this.words = words;
    }

    /** The plan with places proposed; as it is while it has no vessel or no animal. */
    public Design in(Design design) {
        Catalogue catalogue = catalogues.of(design);
        return design.animals().stream()
                .findFirst()
                .flatMap(a -> catalogue.findSpecies(a.species()))
                .filter(s -> design.vessel().isPresent())
                .map(s -> in(design, s))
                .orElse(design);
    }

    Design in(Design design, Species species) {
        Catalogue catalogue = catalogues.of(design);
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        double surface = GroundModel.compute(design, vessel, catalogue).surfaceMax();
        return design.withProbes(PlaceProposal.propose(species, design, vessel, surface).stream()
                .map(p -> p.withName(words.or("place." + p.id(), p.label())))
                .toList());
    }
}
