package ofisino.server.everyoperation;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Whoever asks for American English reads it in every answer, and only what a person typed or what a book is called stays. */
@ExtendWith(TestApplication.class)
class ReadersLanguageTest {
    private static final Pattern BRITISH = Pattern.compile(
            "\\b(tyres?|sills?|bonnet|boot lid|gearbox|gaiters?|silencer|bulkhead|windscreen|propshaft|carburettor|spanner"
                    + "|handbrake|petrol|colour|litres?|millimetres?|headlamp|sump|wings?|dampers?|discs?)\\b",
            Pattern.CASE_INSENSITIVE);
    /** Ids, and what names a published work or a file. */
    private static final Set<String> NOT_SAID =
            Set.of("id", "sameAs", "work", "source", "sources", "document", "zone", "place", "places", "outline");

    @Test
    void everyAnswerIsInTheReadersWords(TestGarage garage) {
        UUID project = garage.project();
        garage.workSessions();
        Api owner = garage.owner().speaking("en-US");
        for (String zone : List.of("sill-left", "silencer", "carburettor", "gearbox", "front-brakes", "bonnet")) {
            UUID finding = garage.finding(project, zone, zone.equals("sill-left") ? "RUST_THROUGH" : "WORN");
            garage.decide(finding, "REPLACE");
            owner.post("/api/findings/" + finding + "/chain", map("chainId", UUID.randomUUID()));
        }
        assertThat(british(owner, project)).isEmpty();
        assertThat(owner.get("/api/projects/" + project + "/jobs").ok().toString())
                .as("a title is of the language in which it was made")
                .contains("rocker panel");
        assertThat(british(owner.speaking("en-GB"), project)).hasSizeGreaterThan(100);
    }

    /** What is said in British words in the answers about a project. */
    private static Set<String> british(Api owner, UUID project) {
        Set<String> british = new TreeSet<>();
        for (Operations.Operation o : Operations.of(owner).all()) {
            String path = o.path().replace("{projectId}", project.toString());
            if (!o.method().equals("GET") || path.contains("{") || path.contains("openapi")) continue;
            Api.Answer answer = owner.get(path);
            if (answer.status() != 200 || answer.body() == null) continue;
            for (String text : texts(answer.body()))
                if (BRITISH.matcher(text).find()) british.add(o.path() + ": " + text);
        }
        return british;
    }

    @Test
    void aRefusalIsInTheReadersWords(TestGarage garage) {
        UUID project = garage.project();
        Api owner = garage.owner();
        String path = "/api/projects/" + project + "/access/" + UUID.randomUUID() + "/close";
        assertThat(owner.speaking("en-US").post(path, map("version", 1)).detail())
                .contains("teardown");
        assertThat(owner.speaking("en-GB").post(path, map("version", 1)).detail())
                .contains("strip-down");
    }

    private static List<String> texts(JsonNode node) {
        List<String> found = new ArrayList<>();
        node.propertyStream()
                .filter(p -> !NOT_SAID.contains(p.getKey()))
                .forEach(p -> found.addAll(texts(p.getValue())));
        if (node.isArray()) node.forEach(item -> found.addAll(texts(item)));
        if (node.isString()
                && node.asString().matches(".*[ A-Z].*")
                && !node.asString().matches("[A-Z_]+")) found.add(node.asString());
        return found;
    }
}
