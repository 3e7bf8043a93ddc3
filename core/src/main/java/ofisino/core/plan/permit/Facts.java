package ofisino.core.plan.permit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.job.JobNature;
import ofisino.core.vehicle.finding.SafetyClass;

/** What is known of a job when somebody wants to move it; each topic of the plan adds what it knows. */
public final class Facts {
    final List<Obstacle> before = new ArrayList<>();
    final List<Obstacle> rules = new ArrayList<>();
    final List<Obstacle> parts = new ArrayList<>();
    final List<Obstacle> away = new ArrayList<>();
    final List<Obstacle> spared = new ArrayList<>();
    final List<Obstacle> stripDowns = new ArrayList<>();
    final List<Obstacle> gates = new ArrayList<>();
    final List<Asked> interlocks = new ArrayList<>();
    boolean torqueMissing;
    boolean classA;
    boolean touchesUnknown;
    boolean sameHandsSameSession;

    /** @param now confirmed, and it still counts @param ever confirmed for this job at some time */
    record Asked(Interlock interlock, boolean now, boolean ever) {}

    /** A job that it follows is not over. */
    public void jobBefore(String id, String title) {
        before.add(new Obstacle(Obstacle.ObstacleKind.JOB_BEFORE, id, "First: “%s”.".formatted(title)));
    }

    /** @param id of the job that has to be over first; empty where nobody does it at all @param reason of the rule, a sentence */
    public void ruleBroken(String id, String reason, String wayOut) {
        rules.add(new Obstacle(Obstacle.ObstacleKind.RULE, id, reason + " " + wayOut));
    }

    /** A part that the job needs is not here. */
    public void partLacking(String id, String title) {
        parts.add(new Obstacle(
                Obstacle.ObstacleKind.PART, id, "“%s” is not here, looked at and accepted.".formatted(title)));
    }

    /** Something that the job works on is with somebody else. */
    public void pieceAway(String id, String title) {
        away.add(new Obstacle(
                Obstacle.ObstacleKind.AWAY,
                id,
                "“%s” is not back. Count it in under Plan, Send-outs.".formatted(title)));
    }

    /** It is left for another job to do. @param later that job @param until what has to be done first */
    public void spared(String later, String until) {
        spared.add(new Obstacle(
                Obstacle.ObstacleKind.SPARED,
                "",
                "“%s” is done %s; before that it would only be spoilt. Say under Outstanding that it has happened."
                        .formatted(later, until)));
    }

    /** An access that it needs is closed. */
    public void notOpened(String id, String name) {
        stripDowns.add(new Obstacle(Obstacle.ObstacleKind.STRIP_DOWN, id, "“%s” is not done yet.".formatted(name)));
    }

    /** A gate that it asks for is shut. @param saying how the person hears of it */
    public void gateShut(String gate, String saying) {
        gates.add(new Obstacle(Obstacle.ObstacleKind.GATE, gate, saying));
    }

    /** @param now confirmed since the job was taken up @param ever confirmed at any time */
    public void interlock(Interlock interlock, boolean now, boolean ever) {
        interlocks.add(new Asked(interlock, now, ever));
    }

    /** It fastened something that must hold, and not all of it is recorded to a figure. */
    public void torqueIsMissing() {
        torqueMissing = true;
    }

    /** What it is, and what the findings that it deals with mean; of no known finding, whether it changes what stops, steers, holds or burns. */
    public void repairs(Collection<SafetyClass> findings, JobNature nature) {
        boolean changesIt = findings.isEmpty() && nature.operation().changesTheVehicle();
        classA = findings.contains(SafetyClass.A)
                || changesIt
                        && nature.system().filter(VehicleSystem::neverTemporary).isPresent();
        touchesUnknown = changesIt && nature.system().isEmpty();
    }

    /** Whoever asks is the one who finished it, in the same session. */
    public void isBySameHands() {
        sameHandsSameSession = true;
    }
}
