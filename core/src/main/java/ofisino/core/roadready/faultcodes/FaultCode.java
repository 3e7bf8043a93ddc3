package ofisino.core.roadready.faultcodes;

import java.util.Locale;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * A code that a module keeps about a fault. Five characters by the published form (ISO 15031-6: a letter for the group and four digits) or
 * whatever an older module blinks.
 */
public record FaultCode(String module, String code) {
    public FaultCode {
        module = Texts.line("module", module);
        code = code == null ? "" : code.strip().toUpperCase(Locale.ROOT);
        if (!code.matches("[A-Z0-9-]{1,12}"))
            throw InvalidValue.at(
                    "code",
                    "fault-code.unreadable",
                    "“%s” is no fault code.",
                    "Enter it as the module gives it: letters, digits and dashes, at most 12.",
                    code);
    }
}
