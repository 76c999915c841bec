package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.sensor.RelearnProcedure.EntryMethod;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.vehicle.Position;

/**
 * Where a relearn stands and what comes next, worked out from everything seen and heard so far. The corner is never assumed: the
 * person says which lamp is lit, and the log is compared with the vehicle's procedure. Success is every corner confirmed on dash
 * and gauge, not a horn.
 *
 * @param lit the corner whose lamp is lit now
 * @param confirmed corners whose sensor answered since learn mode began
 * @param cornersToInflate corners whose air was let out and that no gauge has shown on target since, or that a gauge shows under it
 * @param remarks what doesn't go as the procedure says
 * @param diagnosis what to do about a corner that isn't heard; empty while all goes well
 */
public record RelearnGuide(
        Stage stage,
        Optional<EntryMethod> entryMethod,
        Optional<Position> expected,
        Optional<Position> lit,
        List<Position> confirmed,
        List<Position> cornersToInflate,
        Message statement,
        List<Message> remarks,
        Optional<SilentSensor> diagnosis,
        Optional<DashGaugeComparison> compared) {

    /** How far it is. */
    public enum Stage {
        /** What has to be so before learn mode begins. */
        PREPARE,
        /** Getting it into learn mode. */
        ENTER,
        /** Corner after corner, until each was heard. */
        CORNERS,
        /** Air that was let out goes back. */
        REINFLATE,
        /** Dash and gauge are held against each other. */
        COMPARE,
        /** Every corner is confirmed by both. */
        DONE,
        /** It can’t be finished this way. */
        FAILED
    }

    private static final int RETRIES = 1;
    private static final int RANGE_TRIES = 2;
    /** As close as a tire is called on target at the valve. */
    private static final double ON_TARGET_WITHIN_PSI = 1;

    /**
     * Reads the log.
     *
     * @param facts the vehicle’s procedure, corners, targets and batteries
     * @param log everything seen and heard, in the order it came
     * @return where it stands after the last of it
     */
    public static RelearnGuide of(RelearnInputs facts, List<RelearnEvent> log) {
        return new Reading(facts).all(log).coach();
    }

    /**
     * Whether it may be closed as learned: each corner's own sensor accepted at its own lamp, or told apart by the dash; every
     * corner gauged at its target afterwards; and the dash contradicts nothing.
     *
     * @return whether nothing keeps it open
     */
    public boolean canFinish() {
        return stage == Stage.DONE;
    }

    private static final class Reading {

        private final RelearnInputs facts;
        private final List<Position> corners;
        private final Set<Position> heard = new LinkedHashSet<>();
        private final Set<Position> atOwnLamp = new LinkedHashSet<>();
        private final Set<Position> wrongly = new LinkedHashSet<>();
        private final Set<Position> airOut = new LinkedHashSet<>();
        private final Map<Position, Integer> silent = new LinkedHashMap<>();
        private final Map<Position, Pressure> gauge = new LinkedHashMap<>();
        private final Map<Position, Pressure> dash = new LinkedHashMap<>();
        private final List<Message> remarks = new ArrayList<>();
        private boolean lampsOff;
        private boolean learning;
        private boolean ended;
        private int waysFailed;
        private Position lit;

        Reading(RelearnInputs facts) {
            this.facts = facts;
            this.corners = facts.corners();
        }

        Reading all(List<RelearnEvent> log) {
            log.forEach(this::one);
            return this;
        }

        private void one(RelearnEvent event) {
            switch (event.type()) {
                case LAMPS_OFF -> lampsOff = true;
                case ENTERED -> enter();
                case ENTRY_FAILED -> waysFailed++;
                case LAMP_LIT -> lamp(event.position().orElseThrow());
                case CONFIRMED -> hear(event.position().orElseThrow());
                case NO_RESPONSE -> silent.merge(event.position().orElseThrow(), 1, Integer::sum);
                case TIMED_OUT -> timeOut();
                case AIR_RELEASED -> {
                    airOut.add(event.position().orElseThrow());
                    gauge.remove(event.position().get());
                }
                case ENDED -> end();
                case GAUGE ->
                    gauge.put(event.position().orElseThrow(), event.pressure().orElseThrow());
                case DASH ->
                    dash.put(event.position().orElseThrow(), event.pressure().orElseThrow());
            }
        }

        private void enter() {
            learning = true;
            ended = false;
            heard.clear();
            atOwnLamp.clear();
            wrongly.clear();
            dash.clear();
            gauge.clear();
            lit = null;
        }

        private void timeOut() {
            learning = false;
            lit = null;
            if (!heard.isEmpty()) {
                remarks.add(WORDS.message("learnModeTimedOut", "count", heard.size()));
            }
            heard.clear();
            atOwnLamp.clear();
            wrongly.clear();
        }

        private void lamp(Position corner) {
            Optional<Position> wanted = next();
            if (wanted.isPresent() && !wanted.get().equals(corner)) {
                remarks.add(WORDS.message(
                        "lampAtIsLitBut",
                        "corner",
                        corner.code(),
                        "wanted",
                        wanted.get().code()));
            }
            lit = corner;
        }

        private void hear(Position corner) {
            if (lit != null && !lit.equals(corner)) {
                remarks.add(WORDS.message("lampAtWasLitBut", "lit", lit.code(), "corner", corner.code()));
                wrongly.add(lit);
                wrongly.add(corner);
            } else if (lit != null) {
                atOwnLamp.add(corner);
            }
            heard.add(corner);
            silent.remove(corner);
            lit = null;
        }

        private void end() {
            ended = true;
            learning = false;
            lit = null;
            if (!byCorner()) {
                heard.addAll(corners);
            }
            if (heard.size() < corners.size()) {
                remarks.add(WORDS.message("itGaveItsEndSignal", "heard", heard.size(), "all", corners.size()));
            }
        }

        private boolean byCorner() {
            return way().filter(EntryMethod::cornerByCorner).isPresent();
        }

        private Optional<EntryMethod> way() {
            return waysFailed < facts.procedure().entryMethods().size()
                    ? Optional.of(facts.procedure().entryMethods().get(waysFailed))
                    : Optional.empty();
        }

        private Optional<Position> next() {
            return corners.stream().filter(corner -> !heard.contains(corner)).findFirst();
        }

        private List<Position> toReinflate() {
            return corners.stream()
                    .filter(corner -> {
                        Pressure read = gauge.get(corner);
                        Pressure target = facts.targets().get(corner);
                        return read == null
                                ? airOut.contains(corner)
                                : target != null && read.psi() < target.psi() - ON_TARGET_WITHIN_PSI - 1e-9;
                    })
                    .toList();
        }

        /** Corners of which nobody can say whether they are at their target. */
        private List<Position> withoutTarget() {
            return corners.stream()
                    .filter(corner -> !facts.targets().containsKey(corner))
                    .toList();
        }

        /** The log shows each corner's own sensor accepted at its own lamp, or the dash tells every corner from the others. */
        private boolean proven(Optional<DashGaugeComparison> compared) {
            boolean byLamps = byCorner()
                    && facts.procedure().cornerPrompt() != RelearnProcedure.CornerPrompt.NONE
                    && atOwnLamp.containsAll(corners);
            return wrongly.isEmpty()
                    && heard.containsAll(corners)
                    && withoutTarget().isEmpty()
                    && compared.filter(DashGaugeComparison::matches).isPresent()
                    && (byLamps
                            || compared.filter(DashGaugeComparison::provesEveryCorner)
                                    .isPresent());
        }

        private Optional<SilentSensor> diagnosis() {
            Position corner = lit != null ? lit : next().orElse(null);
            int tries = corner == null ? 0 : silent.getOrDefault(corner, 0);
            if (tries == 0) {
                return Optional.empty();
            }
            if (tries <= RETRIES) {
                return Optional.of(new SilentSensor(
                        SilentSensor.NextStep.RETRY,
                        corner,
                        (facts.trigger() == Trigger.TOOL
                                ? WORDS.message("notHeardAtTryAgain", "corner", corner.code())
                                : WORDS.message("notHeardAtTryAgain2", "corner", corner.code()))));
            }
            if (tries <= RANGE_TRIES) {
                return Optional.of(new SilentSensor(
                        SilentSensor.NextStep.NOT_IN_RANGE,
                        corner,
                        WORDS.message("noResponseAtOut", "corner", corner.code())));
            }
            return Optional.of(
                    facts.oldBattery(corner)
                            ? new SilentSensor(
                                    SilentSensor.NextStep.BATTERY,
                                    corner,
                                    WORDS.message("silentAtAfterTries", "corner", corner.code(), "tries", tries))
                            : new SilentSensor(
                                    SilentSensor.NextStep.SENSOR,
                                    corner,
                                    WORDS.message("silentAtAfterTries2", "corner", corner.code(), "tries", tries)));
        }

        RelearnGuide coach() {
            Optional<DashGaugeComparison> compared =
                    dash.keySet().containsAll(corners) && gauge.keySet().containsAll(corners)
                            ? Optional.of(DashGaugeComparison.of(dash, gauge))
                            : Optional.empty();
            Stage stage = stage(compared);
            return new RelearnGuide(
                    stage,
                    way(),
                    stage == Stage.CORNERS ? next() : Optional.empty(),
                    Optional.ofNullable(lit),
                    List.copyOf(heard),
                    toReinflate(),
                    statement(stage, compared),
                    List.copyOf(remarks),
                    stage == Stage.CORNERS ? diagnosis() : Optional.empty(),
                    compared);
        }

        private Stage stage(Optional<DashGaugeComparison> compared) {
            boolean all = heard.containsAll(corners);
            if (!ended && !(all && facts.procedure().end() == RelearnProcedure.EndSignal.NONE)) {
                if (!learning) {
                    return way().isEmpty() ? Stage.FAILED : lampsOff || !needsLamps() ? Stage.ENTER : Stage.PREPARE;
                }
                return Stage.CORNERS;
            }
            if (!toReinflate().isEmpty()) {
                return Stage.REINFLATE;
            }
            return proven(compared) ? Stage.DONE : Stage.COMPARE;
        }

        private boolean needsLamps() {
            return facts.procedure().cornerPrompt() == RelearnProcedure.CornerPrompt.MARKER_LAMP && byCorner();
        }

        private Message statement(Stage stage, Optional<DashGaugeComparison> compared) {
            return switch (stage) {
                case PREPARE -> WORDS.message("turnTheExteriorLampsAutomatic");
                case ENTER -> Message.of(way().orElseThrow().label());
                case CORNERS -> corner();
                case REINFLATE ->
                    WORDS.message(
                            "inflateEveryTireToTarget",
                            "codes",
                            codes(toReinflate()),
                            "compared",
                            compared.filter(found -> !found.matches())
                                    .map(found -> WORDS.message("byDashAndGauge", "found", found.statement()))
                                    .orElse(Message.of("")));
                case COMPARE -> compare(compared);
                case DONE -> WORDS.message("learnedEveryCornerAnswers");
                case FAILED -> WORDS.message("noWayIntoLearnMode");
            };
        }

        /** What keeps it open. */
        private Message compare(Optional<DashGaugeComparison> compared) {
            if (!wrongly.isEmpty()) {
                return WORDS.message("sensorWasAcceptedAtAnother", "codes", codes(wrongly));
            }
            if (!withoutTarget().isEmpty()) {
                return WORDS.message("noTargetOnFile", "codes", codes(withoutTarget()));
            }
            if (compared.isEmpty()) {
                return WORDS.message("readEveryCorner");
            }
            if (!compared.get().matches()) {
                return compared.get().statement();
            }
            return heard.containsAll(corners)
                    ? WORDS.message("tiresOfOnePressureProve")
                    : WORDS.message("notEveryCornerWasHeard");
        }

        private static String codes(java.util.Collection<Position> at) {
            return String.join(", ", at.stream().map(Position::code).toList());
        }

        private Message corner() {
            if (!byCorner()) {
                return WORDS.message(
                        "sayWhenItIsDone", "end", facts.procedure().end().label());
            }
            if (lit != null) {
                return Message.of("{}: {}", lit.code(), facts.trigger().label());
            }
            return heard.containsAll(corners)
                    ? WORDS.message(
                            "allCornersHeard", "end", facts.procedure().end().label())
                    : WORDS.message(
                            "tapTheCorner",
                            "cornerPrompt",
                            facts.procedure().cornerPrompt().label(),
                            "next",
                            next().map(next -> WORDS.say("byTheProcedure", "next", next.code()))
                                    .orElse(""));
        }
    }
}
