package ofisino.server.money.gain;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.money.gain.BeforeAfter;
import ofisino.core.money.gain.Gain;
import ofisino.core.money.ledger.Split;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.gain.GainController.GainFields;
import ofisino.server.money.gain.GainController.GainJudged;
import ofisino.server.money.gain.GainController.GainsResponse;
import ofisino.server.money.gain.GainController.MoreRuns;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What a piece of work brought, as measured, against its money and its hours. */
@Service
record GainService(GainMapper mapper, Projects projects, Entries entries, Jobs jobs, Garages garages) {
    GainsResponse of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        Map<UUID, Jobs.Job> its =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Function.identity()));
        List<GainFields> said = mapper.of(caller.garageId(), projectId);
        Map<UUID, Long> paid =
                Split.byJob(entries.posted(caller, projectId).stream().flatMap(e -> e.splits().stream()));
        return new GainsResponse(
                garages.baseCurrency(caller).getCode(),
                said.stream()
                        .map(f -> judged(
                                f,
                                f.jobId() == null ? 0 : paid.getOrDefault(f.jobId(), 0L),
                                f.jobId() == null ? null : its.get(f.jobId())))
                        .toList());
    }

    private static GainJudged judged(GainFields f, long paidMinor, Jobs.@Nullable Job job) {
        Gain gain = toCore(f).gain();
        OptionalInt enough = gain.enough();
        OptionalLong each = paidMinor > 0 ? gain.eachMinor(paidMinor) : OptionalLong.empty();
        return new GainJudged(
                f,
                gain.by(),
                gain.low(),
                gain.high(),
                gain.verdict(),
                enough.isPresent() ? (Integer) enough.getAsInt() : null,
                paidMinor,
                job == null ? 0 : job.spentMinutes(),
                each.isPresent() ? (Long) each.getAsLong() : null);
    }

    private static BeforeAfter toCore(GainFields f) {
        return new BeforeAfter(f.before(), f.after(), f.better(), f.alike());
    }

    void add(Caller caller, UUID projectId, GainFields said) {
        mapper.insert(caller.garageId(), projectId, checked(caller, projectId, said));
    }

    void measure(Caller caller, UUID projectId, UUID id, MoreRuns more) {
        projects.requireOpen(caller, projectId);
        GainFields so = Stored.require(mapper.lock(caller.garageId(), projectId, id), "result", id);
        new BeforeAfter(joined(so.before(), more.before()), joined(so.after(), more.after()), so.better(), so.alike());
        mapper.addRuns(caller.garageId(), id, more);
    }

    private static List<Double> joined(List<Double> first, List<Double> more) {
        return Stream.concat(first.stream(), more.stream()).toList();
    }

    private GainFields checked(Caller caller, UUID projectId, GainFields f) {
        projects.requireOpen(caller, projectId);
        toCore(f);
        if (f.jobId() != null && !jobs.require(caller, f.jobId()).projectId().equals(projectId))
            throw new NotFound("job", f.jobId());
        return new GainFields(
                f.id(),
                f.jobId(),
                Texts.line("title", f.title()),
                Texts.line("unit", f.unit()),
                f.better(),
                f.alike(),
                Texts.optionalLine("conditions", f.conditions()),
                f.before(),
                f.after());
    }

    void remove(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        if (mapper.delete(caller.garageId(), projectId, id) == 0) throw new NotFound("result", id);
    }
}
