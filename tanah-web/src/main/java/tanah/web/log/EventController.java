package tanah.web.log;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.LimitException;

/** Events with photos. */
@Controller
@RequestMapping("/enclosures/{id}/events")
class EventController {
    private static final int MOST_PHOTOS = 6;
    private static final int LONGEST = 2000;
    private static final Duration OLDEST = Duration.ofDays(3650 * 3L);

    private final EnclosureService enclosures;
    private final EventService events;
    private final Photos photos;
    private final ErrorWords words;
    private final Clock clock;

    EventController(EnclosureService enclosures, EventService events, Photos photos, ErrorWords words, Clock clock) {
        this.enclosures = enclosures;
        this.events = events;
        this.photos = photos;
        this.words = words;
        this.clock = clock;
    }

    /** As it is typed. */
    record EventForm(
            @Nullable String kind,
            @Nullable String note,
            @Nullable String mass,
            @Nullable String at,
            @Nullable String clientId,
            @Nullable Integer version) {
        static String text(@Nullable String typed) {
            return typed == null ? "" : typed.strip();
        }
    }

    @GetMapping("/new")
    String fresh(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        return page(
                model,
                enclosure,
                0,
                new EventForm("fed", "", "", "", UUID.randomUUID().toString(), 0),
                Map.of());
    }

    @PostMapping
    String add(
            @PathVariable long id,
            EventForm form,
            @RequestParam(name = "photo", required = false) @Nullable List<MultipartFile> files,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash)
            throws IOException {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        FieldErrors errors = new FieldErrors();
        Event.New event = read(form, errors);
        List<Photos.Made> made = photos(files, errors);
        if (!errors.isEmpty()) {
            return page(model, enclosure, 0, form, words.of(errors));
        }
        if (event.kind().equals("moved_in") && enclosure.role().mayChange()) {
            enclosures.setPhase(keeper.id(), id, "kept");
        }
        try {
            events.add(keeper.id(), id, event, made)
                    .ifPresent(stored -> flash.addFlashAttribute("eventStored", stored));
        } catch (LimitException e) {
            errors.add("photo", e.key(), e.limit());
            return page(model, enclosure, 0, form, words.of(errors));
        }
        return "redirect:/enclosures/{id}/log#events";
    }

    @GetMapping("/{event}")
    String edit(@PathVariable long id, @PathVariable long event, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        Event e = events.get(keeper.id(), id, event);
        String at = e.happenedAt()
                .atZoneSameInstant(clock.getZone())
                .toLocalDateTime()
                .withSecond(0)
                .withNano(0)
                .toString();
        EventForm form = new EventForm(
                e.kind(),
                e.note(),
                e.massG() == null ? "" : Numbers.upTo(e.massG().doubleValue(), 3),
                at,
                "",
                e.version());
        model.addAttribute(
                "photos",
                events.photos(keeper.id(), id).stream()
                        .filter(p -> p.eventId() == event)
                        .map(Event.Photo::id)
                        .toList());
        return page(model, enclosure, event, form, Map.of());
    }

    @PostMapping("/{event}")
    String change(
            @PathVariable long id,
            @PathVariable long event,
            EventForm form,
            @RequestParam(name = "photo", required = false) @Nullable List<MultipartFile> files,
            @AuthenticationPrincipal Keeper keeper,
            Model model)
            throws IOException {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        Event before = events.get(keeper.id(), id, event);
        FieldErrors errors = new FieldErrors();
        Event.New changed = read(form, errors);
        List<Photos.Made> made = photos(files, errors);
        int version = form.version() == null ? before.version() : form.version();
        try {
            if (errors.isEmpty() && !events.change(keeper.id(), id, event, version, changed, made)) {
                errors.add("note", "error.event.changed", before.note());
                form = new EventForm(form.kind(), form.note(), form.mass(), form.at(), "", before.version());
            }
        } catch (LimitException e) {
            errors.add("photo", e.key(), e.limit());
        }
        if (!errors.isEmpty()) {
            return page(model, enclosure, event, form, words.of(errors));
        }
        return "redirect:/enclosures/{id}/log#events";
    }

    @PostMapping("/{event}/remove")
    String remove(
            @PathVariable long id,
            @PathVariable long event,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        enclosures.loggable(keeper.id(), id);
        if (events.setDeleted(keeper.id(), id, event, true)) {
            flash.addFlashAttribute("eventRemoved", event);
        }
        return "redirect:/enclosures/{id}/log#events";
    }

    @PostMapping("/{event}/back")
    String back(@PathVariable long id, @PathVariable long event, @AuthenticationPrincipal Keeper keeper) {
        enclosures.loggable(keeper.id(), id);
        events.setDeleted(keeper.id(), id, event, false);
        return "redirect:/enclosures/{id}/log#events";
    }

    @GetMapping("/photos/{photo}")
    ResponseEntity<byte[]> photo(
            @PathVariable long id,
            @PathVariable long photo,
            @RequestParam(defaultValue = "full") String size,
            @AuthenticationPrincipal Keeper keeper) {
        enclosures.get(keeper.id(), id);
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .header("Content-Disposition", "inline; filename=\"photo-" + photo + ".jpg\"")
                .body(events.picture(keeper.id(), id, photo, size.equals("small")));
    }

    @PostMapping("/{event}/photos/{photo}/remove")
    String removePhoto(
            @PathVariable long id,
            @PathVariable long event,
            @PathVariable long photo,
            @AuthenticationPrincipal Keeper keeper) {
        enclosures.loggable(keeper.id(), id);
        events.deletePhoto(keeper.id(), id, photo);
        return "redirect:/enclosures/{id}/events/{event}";
    }

    private static String page(
            Model model, Enclosure enclosure, long event, EventForm form, Map<String, String> errors) {
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("event", event);
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("kinds", EventPages.KINDS);
        if (!model.containsAttribute("photos")) {
            model.addAttribute("photos", List.of());
        }
        return "log/event";
    }

    private Event.New read(EventForm form, FieldErrors errors) {
        String kind = EventPages.KINDS.contains(EventForm.text(form.kind())) ? EventForm.text(form.kind()) : "note";
        String note = EventForm.text(form.note());
        if (note.length() > LONGEST) {
            errors.add("note", "error.event.long");
        } else if (kind.equals("note") && note.isEmpty()) {
            errors.add("note", "error.event.empty");
        }
        BigDecimal mass = null;
        if (kind.equals("weighed")) {
            OptionalDouble kg =
                    errors.required("mass", EventForm.text(form.mass()), Quantity.Kind.GRAMS, 1e-6, 60, Unit.GRAM);
            mass = kg.isEmpty()
                    ? null
                    : BigDecimal.valueOf(kg.getAsDouble() * 1000).setScale(3, RoundingMode.HALF_UP);
        }
        OffsetDateTime at = at(EventForm.text(form.at()), errors);
        String client;
        try {
            client = UUID.fromString(EventForm.text(form.clientId())).toString();
        } catch (IllegalArgumentException e) {
            client = UUID.randomUUID().toString();
        }
        return new Event.New(kind, note, mass, at, client);
    }

    private OffsetDateTime at(String typed, FieldErrors errors) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        if (typed.isEmpty()) {
            return now;
        }
        try {
            OffsetDateTime at =
                    LocalDateTime.parse(typed).atZone(clock.getZone()).toOffsetDateTime();
            if (at.isAfter(now.plusMinutes(2))) {
                errors.add("at", "error.time.future");
            } else if (at.isBefore(now.minus(OLDEST))) {
                errors.add("at", "error.time.old");
            }
            return at;
        } catch (DateTimeParseException e) {
            errors.add("at", "error.time.form");
            return now;
        }
    }

    private List<Photos.Made> photos(@Nullable List<MultipartFile> files, FieldErrors errors) throws IOException {
        List<Photos.Made> made = new ArrayList<>();
        List<MultipartFile> sent = files == null
                ? List.of()
                : files.stream().filter(f -> !f.isEmpty()).toList();
        if (sent.size() > MOST_PHOTOS) {
            errors.add("photo", "error.photo.many");
            return made;
        }
        for (MultipartFile file : sent) {
            if (file.getSize() > Photos.MOST_BYTES) {
                errors.add("photo", "error.photo.large");
                continue;
            }
            try {
                made.add(photos.make(file.getBytes()));
            } catch (Photos.Refused e) {
                errors.add("photo", String.valueOf(e.getMessage()));
            }
        }
        return made;
    }
}
