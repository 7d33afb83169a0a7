package tanah.web.shell;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;

/** Wordings in the language of the request; every word that a person reads stands in a message file. */
@Component
public class Words {
    private final MessageSource messages;

    Words(MessageSource messages) {
        this.messages = messages;
    }

    /**
     * @param arguments ready texts, put in as they are
     * @throws org.springframework.context.NoSuchMessageException if no file has the key
     */
    public String of(String key, Object... arguments) {
        return messages.getMessage(key, arguments, LocaleContextHolder.getLocale());
    }

    /** The wording, or another text where no file has the key. */
    public String or(String key, String other) {
        String found = messages.getMessage(key, null, other, LocaleContextHolder.getLocale());
        return found == null ? other : found;
    }

    /** One or many: {@code key.one} or {@code key.many} with the number as first argument. */
    public String count(String key, long number) {
        return of(key + (number == 1 ? ".one" : ".many"), String.valueOf(number));
    }

    /** The wording of an enum value. */
    public String of(String prefix, Enum<?> value) {
        return of(prefix + "." + value.name().toLowerCase(Locale.ROOT));
    }
}
