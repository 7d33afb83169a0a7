package tanah.web.account;

import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads and keeps what keepers have set. A field that an older release did not know takes its fresh value. */
@Service
public class SettingsService {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final KeeperMapper keepers;

    SettingsService(KeeperMapper keepers) {
        this.keepers = keepers;
    }

    /**
     * @param locale of the request, for what was never set
     */
    public Settings of(long keeperId, Locale locale) {
        Optional<String> stored = keepers.settings(keeperId);
        ObjectNode all = (ObjectNode) JSON.valueToTree(Settings.fresh(locale));
        stored.map(text -> (ObjectNode) JSON.readTree(text))
                .ifPresent(set -> set.properties().forEach(field -> {
                    if (all.has(field.getKey())) {
                        all.set(field.getKey(), field.getValue());
                    }
                }));
        return JSON.treeToValue(all, Settings.class);
    }

    @Transactional
    public void save(long keeperId, Settings settings) {
        keepers.putSettings(keeperId, JSON.writeValueAsString(settings));
    }
}
