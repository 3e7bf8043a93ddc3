package ofisino.server.history;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.receipt;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class UndoTest {
    @Test
    void takesBackAnAddition(TestGarage garage) {
        UUID project = garage.project();
        garage.finding(project, "bonnet", "DENT");
        assertThat(undo(garage.owner(), last(garage.owner())).status()).isEqualTo(204);
        assertThat(garage.rows("finding")).isZero();
        assertThat(garage.owner().get("/api/changes").ok())
                .extracting(c -> c.get("entity").asString())
                .containsExactly("vehicle");
    }

    @Test
    void takesBackAChangeByARecordedOne(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "bonnet", "DENT");
        garage.decide(finding, "REPAIR");
        long before = garage.rows("history");
        undo(garage.owner(), last(garage.owner())).ok();
        assertThat(garage.owner().get("/api/findings/" + finding).text("state")).isEqualTo("OPEN");
        assertThat(garage.owner().get("/api/findings/" + finding).body().has("decision"))
                .isFalse();
        assertThat(garage.rows("history")).isEqualTo(before + 1);
        assertThat(garage.version("findings", finding)).isEqualTo(2);
    }

    @Test
    void takesBackAWholeChainWithItsParts(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "sill-left", "RUST_THROUGH");
        garage.decide(finding, "REPAIR");
        assertThat(garage.chain(finding)).hasSize(13);
        assertThat(garage.rows("need")).isEqualTo(9);
        undo(garage.owner(), last(garage.owner())).ok();
        for (String table : List.of("job", "need", "job_link", "job_finding", "job_to_hand", "work_chain"))
            assertThat(garage.rows(table)).as(table).isZero();
    }

    /** What another chain had planned before stays, without what this one added to it. */
    @Test
    void takesBackAChainThatJoinedSharedWork(TestGarage garage) {
        UUID project = garage.project();
        UUID leak = garage.finding(project, "brake-pipes", "LEAK");
        UUID worn = garage.finding(project, "front-brakes", "WORN");
        for (UUID finding : List.of(leak, worn)) garage.decide(finding, "REPLACE");
        List<UUID> first = garage.chain(leak);
        long links = garage.rows("job_link");
        List<UUID> second = garage.chain(worn);
        assertThat(second).contains(first.get(first.size() - 1));
        undo(garage.owner(), last(garage.owner())).ok();
        assertThat(garage.rows("job")).isEqualTo(first.size());
        assertThat(garage.rows("job_link")).isEqualTo(links);
        assertThat(garage.rows("job_finding")).isEqualTo(first.size());
    }

    @Test
    void isRefusedWhereSomethingWasBuiltOnIt(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "sill-left", "RUST_THROUGH");
        UUID recorded = last(garage.owner());
        garage.decide(finding, "REPAIR");
        Answer refused = undo(garage.owner(), recorded);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.code()).isEqualTo("undo.built-upon");
        assertThat(refused.detail()).contains("something was built on it");

        UUID decided = last(garage.owner());
        garage.chain(finding);
        assertThat(undo(garage.owner(), decided).code()).isEqualTo("undo.built-upon");
        undo(garage.owner(), last(garage.owner())).ok(); // the chain
        undo(garage.owner(), decided).ok(); // now nothing stands on the decision
        undo(garage.owner(), recorded).ok();
        assertThat(garage.rows("finding")).isZero();
    }

    @Test
    void isRefusedWhereSomebodyElseBuiltOnIt(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Weld in");
        UUID added = last(garage.owner());
        garage.join("HELPER")
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", 0))
                .ok();
        assertThat(undo(garage.owner(), added).code()).isEqualTo("undo.built-upon");
    }

    @Test
    void isForOnesOwnChangesAndOnlyOnce(TestGarage garage) {
        garage.place();
        UUID change = last(garage.owner());
        assertThat(undo(garage.join("OWNER"), change).status()).isEqualTo(404);
        undo(garage.owner(), change).ok();
        assertThat(undo(garage.owner(), change).code()).isEqualTo("undo.done");
        assertThat(undo(garage.owner(), UUID.randomUUID()).status()).isEqualTo(404);
    }

    /** Taking back is no way round a role: who was an owner takes nothing back that only an owner may change. */
    @Test
    void whatOneMayNotDoAnyMoreOneMayNotTakeBack(TestGarage garage) {
        Api other = garage.join("OWNER");
        other.post("/api/suppliers", map("id", UUID.randomUUID(), "name", "Alder", "currency", "EUR"))
                .ok();
        UUID supplier = last(other);
        other.post("/api/places", map("id", UUID.randomUUID(), "name", "Shelf", "kind", "SHELF"))
                .ok();
        UUID place = last(other);
        String account = other.get("/api/session").body().at("/me/accountId").asString();
        garage.owner()
                .put("/api/garage/members/" + account + "/role", map("role", "HELPER"))
                .ok();
        assertThat(undo(other, supplier).code()).isEqualTo("role.owner");
        assertThat(garage.rows("supplier")).isEqualTo(1);
        garage.running()
                .sql()
                .update(
                        "update write_receipt set needs_role = null where garage_id = ? and write_id = ?",
                        garage.id(),
                        place);
        assertThat(undo(other, place).code())
                .as("what says nothing asks for an owner")
                .isEqualTo("role.owner");
        other.post("/api/places", map("id", UUID.randomUUID(), "name", "Bench", "kind", "BENCH"))
                .ok();
        undo(other, last(other)).ok();
    }

    @Test
    void whatIsPostedStays(TestGarage garage) {
        UUID project = garage.project();
        UUID entry = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/entries",
                        map("id", entry, "fields", receipt("FEE", "Papers", "EUR", 4500, 1)))
                .ok();
        garage.owner()
                .post("/api/entries/" + entry + "/posting", map("version", 0))
                .ok();
        Answer refused = undo(garage.owner(), last(garage.owner()));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.code()).isEqualTo("entry.posted");
        assertThat(garage.owner().get("/api/entries/" + entry).text("state")).isEqualTo("POSTED");
    }

    private static UUID last(Api api) {
        JsonNode changes = api.get("/api/changes").ok();
        return UUID.fromString(changes.get(0).get("writeId").asString());
    }

    private static Answer undo(Api api, UUID writeId) {
        return api.post("/api/changes/" + writeId + "/undo", "");
    }
}
