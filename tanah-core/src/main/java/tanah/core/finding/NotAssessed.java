package tanah.core.finding;

import java.util.List;

/**
 * A judgement that could not be made. Shown and counted, never good.
 *
 * @param topic   what was to be judged; selects the wording
 * @param place   where it belongs
 * @param missing what is missing, as pointers into the design document, or empty where no stage computes it yet
 */
public record NotAssessed(String topic, Place place, List<String> missing) {
    public NotAssessed {
        missing = List.copyOf(missing);
    }
}
