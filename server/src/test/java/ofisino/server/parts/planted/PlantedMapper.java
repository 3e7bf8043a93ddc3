package ofisino.server.parts.planted;

/** Never called: planted for the architecture test to catch. */
public interface PlantedMapper {
    void anything();
}
