package ofisino.server.everyoperation;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.receipt;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.everyoperation.HostileRequests.Hostile;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Whatever is sent to whichever operation, by whom ever: no defect, and what is refused has changed nothing. A sample each day; {@code
 * ./ofisino prove} sends 25 000 from a seed of its own.
 */
@ExtendWith(TestApplication.class)
class HostileRequestsTest {
    private static final int REQUESTS = Integer.getInteger("ofisino.hostile-requests", 250);
    private static final long SEED = Long.getLong("ofisino.seed", 11);

    @Test
    void nothingThatIsSentIsADefectOrLeavesATraceWhereItIsRefused(TestGarage garage, TestGarage other) {
        var known = things(garage, other);
        var operations = Operations.of(garage.owner());
        var requests = new HostileRequests(operations, SEED, known.ids());
        List<Api> callers = new ArrayList<>(java.util.Collections.nCopies(9, garage.owner()));
        callers.addAll(List.of(
                garage.join("HELPER"),
                garage.join("VIEWER"),
                new Api(garage.running().port())));
        List<String> defects = new ArrayList<>();
        Map<Integer, Integer> answered = new LinkedHashMap<>();
        String before = dump(garage);
        for (int i = 0; i < REQUESTS; i++) {
            Hostile request = requests.next();
            Api caller = callers.get(i % callers.size());
            if (isTheWayOut(request)) continue;
            Answer answer = send(caller, request);
            answered.merge(answer.status(), 1, Integer::sum);
            if (answer.status() >= 500) defects.add(i + ": " + answer.status() + " " + request + " " + answer.body());
            boolean changed =
                    answer.status() < 400 && !request.operation().method().equals("GET");
            if (changed) before = null; // looked at again before the next refusal
            else if (before == null) before = dump(garage);
            else if (i % 25 == 0)
                assertThat(dump(garage))
                        .as("%d: refused: %s: %s", i, request, answer.body())
                        .isEqualTo(before);
        }
        System.out.printf("%d hostile requests from seed %d were answered %s%n", REQUESTS, SEED, answered);
        assertThat(defects).isEmpty();
        assertThat(answered.getOrDefault(200, 0) + answered.getOrDefault(204, 0) + answered.getOrDefault(201, 0))
                .as("some are right, so that the rules behind them are reached too")
                .isGreaterThan(REQUESTS / 50);
        assertThat(garage.changesWithoutAnAuthor())
                .as("changes without an author")
                .isZero();
        assertThat(dump(other)).as("another garage").isEqualTo(known.dumpOfTheOther());
    }

    /** Signing out would end the run early, and a wrong password slows sign-in down for all tests. */
    private static boolean isTheWayOut(Hostile request) {
        return List.of("/api/sign-out", "/api/sign-in", "/api/first-account")
                .contains(request.operation().path());
    }

    private static Answer send(Api caller, Hostile h) {
        try {
            return caller.send(caller.signed(h.path())
                    .header("Content-Type", h.contentType())
                    .header("Write-Id", UUID.randomUUID().toString())
                    .method(
                            h.operation().method(),
                            h.operation().method().equals("GET")
                                    ? BodyPublishers.noBody()
                                    : BodyPublishers.ofString(h.body())));
        } catch (IllegalArgumentException noAddress) { // this client does not even send it
            return new Answer(400, Api.JSON.nullNode(), null);
        }
    }

    /** Every table that belongs to a garage, but for the memory of what was answered. */
    private static String dump(TestGarage garage) {
        var sql = garage.running().sql();
        String all = sql.queryForObject("""
                select string_agg(format('select %L || count(*) || coalesce(md5(string_agg(t::text, chr(10) order by t::text)), '''') as x from %I t where garage_id = %L',
                                         table_name || ' ', table_name, ?::text), ' union all ')
                from information_schema.columns
                where table_schema = 'public' and column_name = 'garage_id' and table_name not in ('write_receipt', 'member')
                """, String.class, garage.id().toString());
        return String.join("\n", sql.queryForList(all + " order by 1", String.class));
    }

    private record Things(Map<String, List<UUID>> ids, String dumpOfTheOther) {}

    /** A garage with one of most things, and the ids of another's. */
    private static Things things(TestGarage garage, TestGarage other) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "sill-left", "RUST_THROUGH");
        garage.decide(finding, "REPAIR");
        List<UUID> jobs = new ArrayList<>(garage.chain(finding));
        UUID dent = garage.finding(project, "bonnet", "DENT");
        UUID job = garage.job(project, "Fit the seal");
        jobs.add(job);
        UUID need = garage.need(project, job, "Seal");
        UUID supplier = garage.supplier("EUR");
        UUID place = garage.place();
        UUID entry = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/entries",
                        map("id", entry, "fields", receipt("FEE", "Papers", "EUR", 4200, 1)))
                .ok();
        UUID foreign = other.project();
        UUID foreignFinding = other.finding(foreign, "bonnet", "DENT");
        UUID foreignJob = other.job(foreign, "Theirs");
        Map<String, List<UUID>> ids = Map.ofEntries(
                Map.entry("projectId", List.of(project, project, project, foreign)),
                Map.entry("projects", List.of(project, project, project, foreign)),
                Map.entry("findings", List.of(finding, dent, dent, foreignFinding)),
                Map.entry("findingId", List.of(finding, dent, foreignFinding)),
                Map.entry("jobs", withForeign(jobs, foreignJob)),
                Map.entry("jobId", withForeign(jobs, foreignJob)),
                Map.entry("needs", List.of(need)),
                Map.entry("entries", List.of(entry)),
                Map.entry("suppliers", List.of(supplier)),
                Map.entry("places", List.of(place)));
        return new Things(ids, dump(other));
    }

    private static List<UUID> withForeign(List<UUID> own, UUID foreign) {
        var all = new ArrayList<>(own);
        all.add(foreign);
        return all;
    }
}
