package ofisino.core.vehicle.anatomy;

import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;

/**
 * What a person says of a component of one vehicle: it is called otherwise, it is not there, something else is fitted; or it is one that the files
 * do not know.
 *
 * @param component   id of the component; of an added one it begins with {@code own-}
 * @param name        what it is called on this vehicle; empty for as the files call it
 * @param absent      the vehicle has none: it is not offered, nothing is bought for it
 * @param notOriginal what is fitted instead of the original, as it stands on what is bought; empty for the original
 * @param added       where it belongs, of one that the files do not know
 */
public record OwnComponent(
        String component, Optional<String> name, boolean absent, String notOriginal, Optional<Added> added) {
    private static final String OWN = "own-";
    private static final int LONGEST_ID = 60;

    /** @param place where it is found, on either side @param nature what kind of thing it is: an id of natures.yaml */
    public record Added(String place, VehicleSystem system, String nature) {}

    public OwnComponent {
        name = name.map(String::strip).filter(n -> !n.isEmpty()).map(n -> Texts.line("name", n));
        notOriginal = notOriginal.isBlank() ? "" : Texts.line("notOriginal", notOriginal);
        if (!component.matches("[a-z0-9-]{1," + LONGEST_ID + "}"))
            throw InvalidValue.at(
                    "component", "own-component.id", "“%s” names no part.", "Reload the page.", component);
        if (component.startsWith(OWN) != added.isPresent())
            throw InvalidValue.at(
                    "component",
                    "own-component.added",
                    "A part of your own needs its place, its system and what kind of thing it is; a known one has them.",
                    "Fill these in for a part of your own only.");
        if (added.isPresent() && name.isEmpty())
            throw InvalidValue.at("name", "own-component.name", "The part has no name.", "Say what it is called.");
    }

    /** Whether it says nothing that the files do not say. */
    public boolean isAsShipped() {
        return name.isEmpty() && !absent && notOriginal.isEmpty() && added.isEmpty();
    }

    /** What it is called where it is bought and worked on. @param shipped as the files call it */
    String called(String shipped) {
        String its = name.orElse(shipped);
        return notOriginal.isEmpty() ? its : its + " (" + notOriginal + ")";
    }
}
