package tanah.web.enclosure;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import tanah.core.design.Design;
import tanah.web.account.Keeper;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** The plan as a thing: name, copies, putting away, deleting, who else may see it. */
@Controller
class ManageController {
    private static final int LONGEST_NAME = 80;

    private final EnclosureService enclosures;
    private final Members members;
    private final Words words;
    private final Clock clock;

    ManageController(EnclosureService enclosures, Members members, Words words, Clock clock) {
        this.enclosures = enclosures;
        this.members = members;
        this.words = words;
        this.clock = clock;
    }

    /** Somebody with a role, or a link that waits, in words. */
    public record Line(long id, String name, String role, String when) {}

    @GetMapping("/enclosures/{id}/plan")
    String show(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        fill(model, keeper, enclosure);
        return "enclosure/plan";
    }

    private void fill(Model model, Keeper keeper, Enclosure enclosure) {
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("pendings", enclosures.pendingOf(keeper.id(), enclosure.id()));
        model.addAttribute(
                "members",
                members.of(keeper.id(), enclosure.id()).stream()
                        .map(m -> new Line(
                                m.id(),
                                m.name(),
                                words.of("role." + m.role()),
                                Presentation.current()
                                        .day(m.since()
                                                .atZoneSameInstant(clock.getZone())
                                                .toLocalDate())))
                        .toList());
        List<Line> open = enclosure.role().owns()
                ? members.open(keeper.id(), enclosure.id()).stream()
                        .map(i -> new Line(
                                i.id(),
                                "",
                                words.of("role." + i.role()),
                                Presentation.current().moment(i.expiresAt().atZoneSameInstant(clock.getZone()))))
                        .toList()
                : List.of();
        model.addAttribute("invitations", open);
        if (!model.containsAttribute("typedName")) {
            model.addAttribute("typedName", "");
        }
    }

    @PostMapping("/enclosures/{id}/name")
    String rename(
            @PathVariable long id,
            @RequestParam String name,
            @RequestParam int base,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_NAME) {
            fill(model, keeper, enclosure);
            model.addAttribute("newName", name);
            model.addAttribute("nameError", words.of(plain.isEmpty() ? "error.name.empty" : "error.name.long"));
            return "enclosure/plan";
        }
        Design shown = base < enclosure.revision() && base >= 1
                ? enclosures.revision(keeper.id(), id, base)
                : enclosure.design();
        if (!plain.equals(shown.name())) {
            try {
                enclosures.save(
                        keeper.id(),
                        id,
                        Math.min(base, enclosure.revision()),
                        shown.withName(plain),
                        words.of("edit.name", plain));
            } catch (ConflictException e) {
                return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
            }
        }
        return "redirect:/enclosures/{id}/plan";
    }

    @PostMapping("/enclosures/{id}/phase")
    String phase(@PathVariable long id, @RequestParam String phase, @AuthenticationPrincipal Keeper keeper) {
        enclosures.setPhase(keeper.id(), id, phase.equals("kept") ? "kept" : "planning");
        return "redirect:/enclosures/{id}/plan";
    }

    @PostMapping("/enclosures/{id}/duplicate")
    String duplicate(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure original = enclosures.get(keeper.id(), id);
        String name = words.of("plan.copy_of", original.design().name());
        String cut = name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME);
        long copy = enclosures.duplicate(
                keeper.id(), id, cut, words.of("edit.copied", original.design().name()));
        return "redirect:/enclosures/" + copy + "/ground";
    }

    @PostMapping("/enclosures/{id}/archive")
    String archive(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, RedirectAttributes flash) {
        enclosures.archive(keeper.id(), id, true);
        flash.addFlashAttribute("archivedNow", id);
        return "redirect:/";
    }

    @PostMapping("/enclosures/{id}/unarchive")
    String unarchive(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        enclosures.archive(keeper.id(), id, false);
        return "redirect:/";
    }

    /** Asks for the name: it is the one thing that is not taken back by a press of undo. */
    @PostMapping("/enclosures/{id}/delete")
    String delete(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String typedName,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        Enclosure enclosure = enclosures.owned(keeper.id(), id);
        if (!typedName.strip().equals(enclosure.design().name().strip())) {
            model.addAttribute("typedName", typedName);
            model.addAttribute(
                    "deleteError",
                    words.of("plan.delete.wrong", enclosure.design().name()));
            fill(model, keeper, enclosure);
            return "enclosure/plan";
        }
        enclosures.delete(keeper.id(), id);
        flash.addFlashAttribute("deletedNow", id);
        flash.addFlashAttribute("deletedName", enclosure.design().name());
        return "redirect:/";
    }

    @PostMapping("/enclosures/{id}/restore")
    String restore(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        enclosures.restore(keeper.id(), id);
        return "redirect:/";
    }

    @PostMapping("/enclosures/{id}/invitations")
    String invite(
            @PathVariable long id,
            @RequestParam String role,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        Role granted = switch (role.toLowerCase(Locale.ROOT)) {
            case "keeper" -> Role.KEEPER;
            case "assistant" -> Role.ASSISTANT;
            default -> Role.READER;
        };
        String secret = members.invite(keeper.id(), id, granted);
        flash.addFlashAttribute(
                "link",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/join/" + secret)
                        .toUriString());
        flash.addFlashAttribute("linkRole", words.of("role." + granted.name().toLowerCase(Locale.ROOT)));
        return "redirect:/enclosures/{id}/plan";
    }

    @PostMapping("/enclosures/{id}/invitations/{invitation}/revoke")
    String revoke(@PathVariable long id, @PathVariable long invitation, @AuthenticationPrincipal Keeper keeper) {
        members.revoke(keeper.id(), id, invitation);
        return "redirect:/enclosures/{id}/plan";
    }

    @PostMapping("/enclosures/{id}/members/{member}/remove")
    String remove(@PathVariable long id, @PathVariable long member, @AuthenticationPrincipal Keeper keeper) {
        members.remove(keeper.id(), id, member);
        return "redirect:/enclosures/{id}/plan";
    }

    @PostMapping("/enclosures/{id}/leave")
    String leave(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        members.leave(keeper.id(), id);
        return "redirect:/";
    }

    @GetMapping("/join/{secret}")
    String join(@PathVariable String secret, Model model) {
        model.addAttribute("offer", members.offer(secret).orElse(null));
        model.addAttribute("secret", secret);
        return "enclosure/join";
    }

    @PostMapping("/join/{secret}")
    String accept(@PathVariable String secret, @AuthenticationPrincipal Keeper keeper, Model model) {
        return members.accept(keeper.id(), secret)
                .map(offer -> "redirect:/enclosures/" + offer.enclosureId() + "/ground")
                .orElseGet(() -> join(secret, model));
    }
}
