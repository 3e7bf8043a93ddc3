package ofisino.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The committed description of the API, from which the pages' types are made, is the one that the server gives. */
@ExtendWith(TestApplication.class)
class ApiDescriptionTest {
    private static final Path COMMITTED = Path.of("../web/src/api/generated/openapi.json");
    private static final Path CURRENCIES = COMMITTED.resolveSibling("currencies.json");
    private static final JsonMapper SORTED = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void isUpToDate(TestGarage garage) throws IOException {
        String now = sorted(garage.owner().get("/api/openapi").ok());
        if (Boolean.getBoolean("ofisino.write-api")) Files.writeString(COMMITTED, now);
        assertThat(Files.readString(COMMITTED))
                .as("run ./ofisino api and commit what it writes")
                .isEqualTo(now);
    }

    /** What the page's own tests of amounts go by is what the API answers. */
    @Test
    void theDigitsOfCurrenciesAreUpToDate(TestGarage garage) throws IOException {
        String now = SORTED.writeValueAsString(
                        garage.owner().get("/api/garage/currencies").ok())
                + "\n";
        if (Boolean.getBoolean("ofisino.write-api")) Files.writeString(CURRENCIES, now);
        assertThat(Files.readString(CURRENCIES))
                .as("run ./ofisino api and commit what it writes")
                .isEqualTo(now);
    }

    private static String sorted(JsonNode json) {
        return SORTED.writeValueAsString(Api.JSON.treeToValue(json, TreeMap.class)) + "\n";
    }
}
