package tanah.web.forms;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;

/** Puts errors of a form into words. */
@Component
public class ErrorWords {
    private final MessageSource messages;

    ErrorWords(MessageSource messages) {
        this.messages = messages;
    }

    /** The wording for each field with an error. */
    public Map<String, String> of(FieldErrors errors) {
        Map<String, String> words = new LinkedHashMap<>();
        errors.all()
                .forEach((field, m) ->
                        words.put(field, messages.getMessage(m.key(), m.arguments(), LocaleContextHolder.getLocale())));
        return words;
    }
}
