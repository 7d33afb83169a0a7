package tanah.web.design.start;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.Resident;
import tanah.core.design.edit.PlanEdit;
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.design.edit.Edits;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Who lives in a box beside its first animal. */
@Controller
class CompanyController {
    private static final int MOST = 500;
    private static final int LONGEST = 400;

    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final OwnEntryService own;
    private final Edits edits;
    private final ErrorWords words;
    private final Words common;

    CompanyController(
            EnclosureService enclosures,
            Catalogues catalogues,
            OwnEntryService own,
            Edits edits,
            ErrorWords words,
            Words common) {
        this.enclosures = enclosures;
        this.catalogues = catalogues;
        this.own = own;
        this.edits = edits;
        this.words = words;
        this.common = common;
    }

    /** What is wrong comes back beside its field, with what was typed. */
    @PostMapping("/enclosures/{id}/animal/more")
    String add(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String other,
            @RequestParam(defaultValue = "1") String otherCount,
            @RequestParam(defaultValue = "") String otherLength,
            @RequestParam(defaultValue = "") String reason,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        Design design = own.offered(keeper.id(), enclosure.design());
        FieldErrors errors = new FieldErrors();
        Optional<Species> species = catalogues.of(design).findSpecies(other);
        if (species.isEmpty()) {
            errors.add("other", "error.other.missing");
        }
        OptionalInt count = StartReader.whole("otherCount", otherCount, 1, MOST, errors);
        OptionalDouble length =
                errors.optional("otherLength", otherLength, Quantity.Kind.LENGTH, 0.001, 6, Unit.CENTIMETRE);
        if (reason.length() > LONGEST) {
            errors.add("reason", "error.reason.long");
        }
        if (errors.isEmpty()) {
            Resident animal = Resident.one(Ids.free(design, "animal"), other)
                    .withCount(count.orElse(1), OptionalInt.empty())
                    .withLength(length);
            Optional<Design> with = edits.attempt(new PlanEdit.AddAnimal(animal), design, errors, "other");
            if (with.isPresent()) {
                Design told = reason.isBlank()
                        ? with.get()
                        : edits.apply(new PlanEdit.GiveReason(reason.strip()), with.get());
                String said =
                        common.of("edit.animal_more", species.orElseThrow().commonName());
                return save(keeper, id, enclosure, told, said);
            }
        }
        flash.addFlashAttribute("companyErrors", words.of(errors));
        flash.addFlashAttribute(
                "companyTyped",
                Map.of("other", other, "otherCount", otherCount, "otherLength", otherLength, "reason", reason));
        return "redirect:/enclosures/" + id + "/animal#company";
    }

    @PostMapping("/enclosures/{id}/animal/{resident}/out")
    String remove(@PathVariable long id, @PathVariable String resident, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        Design design = enclosure.design();
        String name = design.animals().stream()
                .filter(a -> a.id().equals(resident))
                .findFirst()
                .flatMap(a -> catalogues.of(design).findSpecies(a.species()))
                .map(Species::commonName)
                .orElse(resident.toLowerCase(Locale.ROOT));
        Design without = edits.apply(new PlanEdit.RemoveAnimal(resident), design);
        return without.equals(design)
                ? "redirect:/enclosures/" + id + "/animal"
                : save(keeper, id, enclosure, without, common.of("edit.animal_out", name));
    }

    private String save(Keeper keeper, long id, Enclosure enclosure, Design design, String summary) {
        try {
            enclosures.save(keeper.id(), id, enclosure.revision(), design, summary);
        } catch (ConflictException e) {
            return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
        }
        return "redirect:/enclosures/" + id + "/animal#company";
    }
}
