package ofisino.server.exchange.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.yaml.snakeyaml.Yaml;
import tools.jackson.databind.JsonNode;

/** A journal is a person's input written down: the same requests, with names for ids and days relative to today. */
@ExtendWith(TestApplication.class)
class JournalSessionTest {
    private static final Clock MARCH = Clock.fixed(Instant.parse("2026-03-02T10:00:00Z"), ZoneId.of("UTC"));

    @TempDir
    Path folder;

    @Test
    void playsStepsWithNamesDaysVersionsAndPhotos(TestGarage garage) throws Exception {
        ImageIO.write(
                new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB),
                "png",
                folder.resolve("a.png").toFile());
        play(garage, """
                - POST: /api/projects
                  body:
                    id: ~car
                    vehicleId: ~car-itself
                    bodyStyle: ESTATE
                    begunOn: today-30
                    fields: {vehicleName: Halvern Pipit 1200, builtYear: 1969, layout: FRONT_ENGINE_REAR_DRIVE, driverSide: LEFT, identity: "", aim: DRIVER, state: ACTIVE, budgetMinor: 0, monthlyMinor: 0, targetOn: today+100}
                - POST: /api/projects/~car/findings
                  body: {id: ~sill, fields: {zone: sill-left, kind: RUST_THROUGH, covered: false, foundOn: today}}
                - POST: /api/findings/~sill/decision
                  body: {decision: REPAIR, reason: structure, version: "@version"}
                - {POST: /api/findings/~sill/chain, body: {chainId: ~chain}, as: [fuel, first, datum, second]}
                - {find: {in: /api/projects/~car/needs, where: {title: Cutting and flap discs, jobId: ~second}}, as: discs}
                - POST: /api/jobs/~first/state
                  body: {state: PROPOSED, version: "@version"}
                - {POST: /api/attachments, body: {id: ~photo, subject: NEED, subjectId: ~discs}, file: a.png}
                """);
        JsonNode project = garage.owner().get("/api/projects").ok().get(0);
        assertThat(project.get("begunOn").asString()).isEqualTo("2026-01-31");
        assertThat(project.get("targetOn").asString()).isEqualTo("2026-06-10");
        String id = project.get("id").asString();
        JsonNode jobs = garage.owner().get("/api/projects/" + id + "/jobs").ok().get("jobs");
        assertThat(jobs).extracting(j -> j.get("state").asString()).contains("PROPOSED");
        JsonNode discs = garage.owner()
                .get("/api/projects/" + id + "/needs")
                .ok()
                .valueStream()
                .filter(n -> n.get("title").asString().equals("Cutting and flap discs"))
                .findFirst()
                .orElseThrow();
        assertThat(garage.owner()
                        .get("/api/attachments?subject=NEED&subjectId="
                                + discs.get("id").asString())
                        .ok())
                .hasSize(1);
    }

    @Test
    void aRefusedStepStopsItWithItsSentence(TestGarage garage) {
        assertThatThrownBy(() -> play(garage, """
                        - POST: /api/places
                          body: {id: ~shelf, name: "", kind: SHELF}
                        """))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("the journal was refused: POST")
                .hasMessageContaining("name");
        assertThat(garage.rows("place")).isZero();
    }

    @Test
    void whatIsNotThereIsNotFound(TestGarage garage) {
        assertThatThrownBy(() -> play(garage, "- {find: {in: /api/places, where: {name: Shelf}}, as: shelf}"))
                .hasMessageContaining("finds nothing in /api/places");
        assertThatThrownBy(() -> play(garage, "- {POST: /api/places, body: {id: \"@version\"}}"))
                .hasMessageContaining("version of nothing");
    }

    private void play(TestGarage garage, String yaml) throws IOException, InterruptedException {
        String name = UUID.randomUUID().toString();
        garage.running()
                .sql()
                .update(
                        "insert into account (id, sign_in_name, display_name, password_hash) values (?, ?, 'Jo', '{noop}long enough')",
                        UUID.randomUUID(),
                        name);
        garage.running()
                .sql()
                .update(
                        "insert into member (garage_id, account_id, role) select ?, id, 'OWNER' from account where sign_in_name = ?",
                        garage.id(),
                        name);
        Files.createDirectories(folder);
        var session = new JournalSession(garage.running().port(), folder, MARCH, "");
        session.play(Map.of("POST", "/api/sign-in", "body", Map.of("name", name, "password", "long enough")));
        List<Map<String, Object>> steps = new Yaml().load(yaml);
        for (Map<String, Object> step : steps) session.play(step);
    }
}
