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
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Layout;

/** The drawings that ship with Ofisino: one file {@code <style>.yaml} for each style. */
public final class Bodies {
    private final Map<BodyStyle, Body> byStyle;
    private final Map<BodyStyle, Map<Layout, Body>> byLayout = new EnumMap<>(BodyStyle.class);

    private Bodies(Map<BodyStyle, Body> byStyle) {
        this.byStyle = new EnumMap<>(byStyle);
        byStyle.forEach((style, body) -> {
            Map<Layout, Body> layouts = new EnumMap<>(Layout.class);
            for (Layout layout : Layout.values()) layouts.put(layout, body.of(layout));
            byLayout.put(style, layouts);
        });
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

    /** All that can be drawn. */
    public Set<BodyStyle> styles() {
        return Set.copyOf(byStyle.keySet());
    }

    /** With the layout that is usual for it. */
    public Body of(BodyStyle style) {
        return byStyle.get(style);
    }

    /** With the places of this layout. */
    public Body of(BodyStyle style, Layout layout) {
        return byLayout.get(style).get(layout);
    }
}
