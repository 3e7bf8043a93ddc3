package ofisino.server.vehicle.reading;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.reading.Coating;
import ofisino.core.vehicle.reading.Derived;
import ofisino.core.vehicle.reading.Limit;
import ofisino.core.vehicle.reading.OutsideLimit;
import ofisino.core.vehicle.reading.OwnMeasurand;
import ofisino.core.vehicle.reading.Rework;
import ofisino.core.vehicle.reading.SecondMeasurer;
import ofisino.core.vehicle.reading.Series;
import ofisino.core.vehicle.reading.Unit;
import ofisino.core.vehicle.reading.Verdict;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.reading.ReadingMapper.FigureRow;
import ofisino.server.vehicle.reading.ReadingMapper.InstrumentRow;
import ofisino.server.vehicle.reading.ReadingMapper.ReadingRow;
import ofisino.server.vehicle.reading.ReadingService.Measured;
import ofisino.server.vehicle.reading.ReadingService.Point;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record ReadingController(ReadingService service, FigureService figures) {
    /**
     * What can be measured.
     *
     * @param units  in which it may be read
     * @param figures that somebody entered, the best source first: the first decides
     * @param places where it can be measured
     * @param pairs  readings are compared within each of these alone, by the first word of their spot
     * @param own    a person added it
     * @param asks   equipment that decides by which figure it is judged, while nobody has seen it
     */
    record MeasurableResponse(
            String id,
            String name,
            Unit unit,
            Unit readIn,
            List<Unit> units,
            @Nullable Derived derived,
            boolean age,
            boolean critical,
            @Nullable Double min,
            @Nullable Double max,
            Source source,
            List<FigureRow> figures,
            Set<String> places,
            List<String> pairs,
            boolean own,
            Set<String> asks) {
        static MeasurableResponse of(Limit l, List<FigureRow> figures, Set<String> places) {
            return new MeasurableResponse(
                    l.id(),
                    l.name(),
                    l.unit(),
                    l.readIn(),
                    l.readIn().alike(),
                    l.derived().orElse(null),
                    l.isAge(),
                    l.critical(),
                    l.min().isPresent() ? l.min().getAsDouble() : null,
                    l.max().isPresent() ? l.max().getAsDouble() : null,
                    l.source(),
                    figures,
                    places,
                    l.pairs(),
                    l.id().startsWith(OwnMeasurand.PREFIX),
                    l.asks());
        }
    }

    /** @param value as read, or the age of what is entered by its date */
    record PointResponse(
            @JsonUnwrapped @JsonIgnoreProperties("value") ReadingRow row,

            double value,
            @Nullable LocalDate expiresOn,
            boolean last,
            @Nullable Coating coating) {
        static PointResponse of(Limit limit, Point p) {
            return new PointResponse(
                    p.row(),
                    p.value(),
                    Optional.ofNullable(p.row().madeOn())
                            .flatMap(limit::expires)
                            .orElse(null),
                    p.last(),
                    limit.unit() == Unit.MICROMETRE
                            ? Coating.of(p.row().unit().convert(p.value(), Unit.MICROMETRE))
                            : null);
        }
    }

    /** By how much it is to be set or worked. @param most absent where nothing else bounds it */
    record ReworkResponse(double least, @Nullable Double most) {
        static ReworkResponse of(Rework r) {
            return new ReworkResponse(r.least(), r.most().isPresent() ? r.most().getAsDouble() : null);
        }
    }

    /** @param value what was compared, in the limit's unit @param margin inside (positive) or outside (negative) the bound that decided */
    record JudgedResponse(
            double value,
            Verdict.Outcome outcome,
            Verdict.JudgedBecause why,
            double margin,
            boolean raises,
            boolean mayClear,
            @Nullable ReworkResponse rework) {
        static JudgedResponse of(Series.Judged j, SecondMeasurer second) {
            Verdict v = j.verdict();
            return new JudgedResponse(
                    j.value(),
                    v.outcome(),
                    v.why(),
                    v.margin(),
                    v.raises(),
                    v.mayClear() && second.isEnough(),
                    j.rework().map(ReworkResponse::of).orElse(null));
        }
    }

    /** The finding that a reading outside its limit proposes. @param zone where it lies */
    record ReadingProposalResponse(String zone, FindingKind kind, SafetyClass safetyClass) {}

    /** @param proposes while it lies outside and no finding stands for it; it counts as open until then @param findingId that stands for it */
    record MeasuredResponse(
            String limitId,
            String place,
            List<PointResponse> points,
            @Nullable JudgedResponse judged,
            SecondMeasurer second,
            @Nullable ReadingProposalResponse proposes,
            @Nullable UUID findingId) {
        static MeasuredResponse of(Measured m) {
            return new MeasuredResponse(
                    m.limit().id(),
                    m.place(),
                    m.points().stream().map(p -> PointResponse.of(m.limit(), p)).toList(),
                    m.judged().map(j -> JudgedResponse.of(j, m.second())).orElse(null),
                    m.second(),
                    m.isOutside() && m.finding() == null ? proposal(m.ifOutside()) : null,
                    m.isOutside() ? m.finding() : null);
        }

        private static ReadingProposalResponse proposal(OutsideLimit outside) {
            return new ReadingProposalResponse(
                    outside.zone().id(),
                    outside.limit().kind(),
                    outside.proposal().safetyClass());
        }
    }

    record ReadingsResponse(
            List<MeasuredResponse> measured, List<MeasurableResponse> limits, List<InstrumentRow> instruments) {}

    record NewReadingsRequest(String limitId, String place, List<TakenReading> readings) {}

    @GetMapping("/projects/{projectId}/readings")
    ReadingsResponse all(Caller caller, @PathVariable UUID projectId) {
        Body body = figures.bodyOf(caller, projectId);
        Map<String, List<FigureRow>> entered = figures.entered(caller, projectId);
        return new ReadingsResponse(
                service.all(caller, projectId).stream()
                        .map(MeasuredResponse::of)
                        .toList(),
                figures.limits(caller, projectId).values().stream()
                        .map(l -> MeasurableResponse.of(
                                l, entered.getOrDefault(l.id(), List.of()), figures.placesOf(l, body)))
                        .toList(),
                service.instruments(caller));
    }

    @PostMapping("/projects/{projectId}/readings")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(Caller caller, @PathVariable UUID projectId, @RequestBody NewReadingsRequest body) {
        service.take(caller, projectId, body.limitId(), body.place(), body.readings());
    }

    record WrongReadingRequest(String because) {}

    @PostMapping("/projects/{projectId}/readings/{id}/wrong")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void correct(
            Caller caller, @PathVariable UUID projectId, @PathVariable UUID id, @RequestBody WrongReadingRequest body) {
        service.correct(caller, projectId, id, body.because());
    }

    /** @param figure that decides; absent where it is entered later */
    record MeasurandRequest(
            OwnMeasurand measurand, @Nullable FigureRow figure) {}

    @PostMapping("/projects/{projectId}/measurands")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody MeasurandRequest body) {
        figures.add(caller, projectId, body.measurand());
        if (body.figure() != null) figures.enter(caller, projectId, body.figure());
    }

    @DeleteMapping("/projects/{projectId}/measurands/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        figures.remove(caller, projectId, id);
    }

    @PutMapping("/projects/{projectId}/figures")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void enterFigure(Caller caller, @PathVariable UUID projectId, @RequestBody FigureRow body) {
        figures.enter(caller, projectId, body);
    }

    @PostMapping("/instruments")
    @ResponseStatus(HttpStatus.CREATED)
    InstrumentRow addInstrument(Caller caller, @RequestBody InstrumentRow body) {
        return service.addInstrument(caller, body);
    }
}
