package ofisino.core.vehicle.body;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The drawings that ship with Ofisino: one file {@code <style>.yaml} for each style. */
public final class Bodies {
    private final Map<BodyStyle, Body> byStyle;

    private Bodies(Map<BodyStyle, Body> byStyle) {
        this.byStyle = new EnumMap<>(byStyle);
    }

    /** Reads every drawing on the class path, in the order of the styles, so that a later one may take views from an earlier. */
    public static Bodies load() {
        Map<BodyStyle, Body> found = new EnumMap<>(BodyStyle.class);
        for (BodyStyle style : BodyStyle.values()) {
            try (InputStream file =
                    Bodies.class.getResourceAsStream(style.name().toLowerCase(Locale.ROOT) + ".yaml")) {
                if (file == null) throw new IllegalStateException("there is no drawing of a " + style);
                found.put(style, BodyReader.read(new InputStreamReader(file, StandardCharsets.UTF_8), found::get));
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
        return new Bodies(found);
    }

    public Set<BodyStyle> styles() {
        return Set.copyOf(byStyle.keySet());
    }

    public Body of(BodyStyle style) {
        return byStyle.get(style);
    }
}
