package ofisino.server.identity;

import java.util.UUID;

/** Founds a garage, before anybody is in it. */
public interface NewGarage {
    void create(UUID id, String name, String baseCurrency, String zone, String locale);
}
