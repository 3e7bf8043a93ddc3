package ofisino.core.vehicle.shortlook;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.Side;

/** The three lists of the short look; {@code old-car.yaml} explains their keys. Common practice, no source. */
public final class ShortLooks {
    private final Map<ShortLook.LookKind, ShortLook> looks;

    private ShortLooks(Map<ShortLook.LookKind, ShortLook> looks) {
        this.looks = looks;
    }

    /** Reads the lists of cards. @throws InvalidValue naming the file and entry that are wrong */
    public static ShortLooks load() {
        Map<ShortLook.LookKind, ShortLook> looks = new EnumMap<>(ShortLook.LookKind.class);
        for (ShortLook.LookKind kind : ShortLook.LookKind.values()) {
            String file = kind.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".yaml";
            try (InputStream in = ShortLooks.class.getResourceAsStream(file)) {
                looks.put(
                        kind,
                        new ShortLook(
                                kind,
                                Entry.listOf("the short look", new InputStreamReader(in, StandardCharsets.UTF_8))
                                        .stream()
                                        .map(e -> card(e.named("id")))
                                        .toList()));
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
        return new ShortLooks(looks);
    }

    private static Card card(Entry e) {
        e.only(
                "id", "minutes", "where", "do", "good", "bad", "weight", "stop", "because", "ten", "running", "photo",
                "checks", "finds", "places", "side");
        return new Card(
                new Card.Prompt(
                        e.text("id"),
                        e.whole("minutes"),
                        e.text("where"),
                        e.text("do"),
                        e.text("good"),
                        e.text("bad"),
                        e.whole("weight"),
                        e.has("ten"),
                        e.has("running"),
                        e.has("photo")),
                e.has("stop")
                        ? Optional.of(new Card.Stop(e.choice("stop", Card.Stop.Meaning.class), e.text("because")))
                        : Optional.empty(),
                e.texts("checks"),
                e.texts("finds"),
                Set.copyOf(e.texts("places")),
                e.choice("side", Side.class, Side.NONE));
    }

    /** The list for this kind of vehicle. */
    public ShortLook of(ShortLook.LookKind kind) {
        return looks.get(kind);
    }
}
