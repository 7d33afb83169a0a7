package tanah.web.log;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.quota.Quotas;
import tanah.web.shell.NotFoundException;

/** Keeps what happened at enclosures, with photos. */
@Service
public class EventService {
    private final EventMapper events;
    private final Quotas quotas;

    EventService(EventMapper events, Quotas quotas) {
        this.events = events;
        this.quotas = quotas;
    }

    /** Whether an event from a file may be stored. */
    public static boolean isKnown(Event.New event) {
        return EventPages.KINDS.contains(event.kind()) && event.note().length() <= 2000;
    }

    public List<Event> newest(long keeperId, long enclosure, int most) {
        return events.newest(keeperId, enclosure, most);
    }

    /** All events of some kinds, oldest first. */
    public List<Event> ofKinds(long keeperId, long enclosure, List<String> kinds) {
        return events.ofKinds(keeperId, enclosure, kinds);
    }

    public Event get(long keeperId, long enclosure, long id) {
        return events.find(keeperId, enclosure, id).orElseThrow(() -> new NotFoundException("event " + id));
    }

    public List<Event.Photo> photos(long keeperId, long enclosure) {
        return events.photos(keeperId, enclosure);
    }

    /** The id of the new event, or empty if it came before. All photos are stored with it, or nothing is. */
    @Transactional
    public Optional<Long> add(long keeperId, long enclosure, Event.New event, List<Photos.Made> photos) {
        Optional<Long> id = events.insert(keeperId, enclosure, event);
        id.ifPresent(eventId -> addPhotos(keeperId, enclosure, eventId, photos));
        return id;
    }

    private void addPhotos(long keeperId, long enclosure, long event, List<Photos.Made> photos) {
        quotas.photos(
                enclosure,
                photos.size(),
                photos.stream().mapToLong(p -> p.full().length).sum());
        photos.forEach(p -> addPhoto(keeperId, enclosure, event, p));
    }

    private void addPhoto(long keeperId, long enclosure, long event, Photos.Made photo) {
        long id = events.insertPhoto(keeperId, enclosure, event, photo.width(), photo.height(), photo.full().length)
                .orElseThrow(() -> new NotFoundException("event " + event));
        events.insertContent(keeperId, id, "full", photo.full());
        events.insertContent(keeperId, id, "small", photo.small());
    }

    /** Whether the change was stored; not, if somebody changed the event since. */
    @Transactional
    public boolean change(
            long keeperId, long enclosure, long id, int version, Event.New event, List<Photos.Made> photos) {
        events.remember(keeperId, enclosure, id, version);
        boolean stored = events.update(keeperId, enclosure, id, version, event) > 0;
        if (stored) {
            addPhotos(keeperId, enclosure, id, photos);
        }
        return stored;
    }

    /**
     * Makes an event what it was before a change; what it is now can be put back in its turn.
     *
     * @return false where there is no such change, or the event lies in the bin
     */
    @Transactional
    public boolean changeBack(long keeperId, long enclosure, long change) {
        return events.rememberNow(keeperId, enclosure, change) > 0
                && events.changeBack(keeperId, enclosure, change) > 0;
    }

    /** Takes an event out; it can be put back. */
    @Transactional
    public boolean setDeleted(long keeperId, long enclosure, long id, boolean deleted) {
        return events.setDeleted(keeperId, enclosure, id, deleted) > 0;
    }

    /** Takes a photo out; it can be put back. */
    @Transactional
    public void deletePhoto(long keeperId, long enclosure, long photo) {
        events.setPhotoDeleted(keeperId, enclosure, photo, true);
    }

    @Transactional
    public void photoBack(long keeperId, long enclosure, long photo) {
        events.setPhotoDeleted(keeperId, enclosure, photo, false);
    }

    /** @throws NotFoundException if there is none, or this keeper may not see it */
    public byte[] picture(long keeperId, long enclosure, long photo, boolean small) {
        return events.content(keeperId, enclosure, photo, small ? "small" : "full")
                .orElseThrow(() -> new NotFoundException("photo " + photo))
                .jpeg();
    }
}
