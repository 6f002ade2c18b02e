package ruvant.server.measure;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import ruvant.core.measure.trace.Curtains;
import ruvant.core.measure.trace.FiringFound;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.trade.FiringFlag;

/**
 * What the plain door answers. Uncertainties are one standard deviation; edges are seconds from the beginning of the
 * recording.
 *
 * @param analysis version of the analysis
 */
record MeasureAnswer(int analysis, double recordingSeconds, List<Firing> firings, Input input, List<String> warnings) {
    /** One firing. */
    record Firing(
            int index,
            double startSeconds,
            boolean usable,
            List<String> flags,
            List<Channel> channels,
            Optional<Double> exposureSeconds,
            Optional<Double> uncertaintySeconds,
            @JsonUnwrapped CurtainsSeen curtains) {}

    /** What a stand with several places under the gate saw of the curtains; empty for one place. */
    record CurtainsSeen(
            @JsonUnwrapped CurtainTravel travel,
            Optional<Double> taperEv,
            Optional<Double> taperUncertaintyEv,
            Optional<Double> syncMarginSeconds,
            Optional<Double> contactSeconds,
            Optional<Double> narrowestSlitMm,
            List<Curtains.AtPlace> acrossGate) {
        static CurtainsSeen of(Optional<Curtains> curtains) {
            return new CurtainsSeen(
                    CurtainTravel.of(curtains),
                    curtains.map(Curtains::taperEv),
                    curtains.map(Curtains::taperUncertaintyEv),
                    curtains.map(Curtains::syncMarginSeconds),
                    curtains.flatMap(Curtains::contactSeconds),
                    curtains.map(Curtains::narrowestSlitMm),
                    curtains.map(Curtains::places).orElse(List.of()));
        }
    }

    /** How long each curtain took over the gate. */
    record CurtainTravel(
            Optional<Double> leadingTravelSeconds,
            Optional<Double> trailingTravelSeconds,
            Optional<Double> leadingTravelUncertaintySeconds,
            Optional<Double> trailingTravelUncertaintySeconds) {
        static CurtainTravel of(Optional<Curtains> curtains) {
            return new CurtainTravel(
                    curtains.map(found -> found.leading().travelSeconds()),
                    curtains.map(found -> found.trailing().travelSeconds()),
                    curtains.map(found -> found.leading().uncertaintySeconds()),
                    curtains.map(found -> found.trailing().uncertaintySeconds()));
        }
    }

    /** What one channel saw; ramps are from 10 to 90 % of the light. */
    record Channel(
            int channel,
            double exposureSeconds,
            double uncertaintySeconds,
            double openEdgeSeconds,
            double closeEdgeSeconds,
            double openRampSeconds,
            double closeRampSeconds,
            double totalSeconds,
            double efficiency,
            Optional<Rebound> bounce) {}

    /** Light that came back after closing, its height as a part of the plateau. */
    record Rebound(double atSeconds, double relative) {}

    /** How the signal came in. */
    record Input(
            String coupling,
            Optional<Double> cutoffHz,
            Optional<Double> secondCutoffHz,
            String polarity,
            double snrDb,
            Optional<Double> rippleHz,
            Optional<Double> rippleDepth,
            Optional<Double> humHz,
            Optional<Double> humDepth,
            double rateHz) {}

    static MeasureAnswer of(MeasuredRecording found) {
        MeasuredRecording.Input input = found.input();
        return new MeasureAnswer(
                found.analysis(),
                found.seconds(),
                found.firings().stream().map(MeasureAnswer::firing).toList(),
                new Input(
                        input.coupled() ? "ac" : "dc",
                        input.cutoffHz(),
                        input.secondCutoffHz(),
                        input.inverted() ? "inverted" : "normal",
                        input.snrDb(),
                        input.rippleHz(),
                        input.rippleDepth(),
                        input.humHz(),
                        input.humDepth(),
                        input.rateHz()),
                found.warnings());
    }

    static Firing firing(FiringFound one) {
        return new Firing(
                one.index(),
                one.startSeconds(),
                one.usable(),
                one.flags().stream().map(FiringFlag::key).toList(),
                one.channels().stream().map(MeasureAnswer::channel).toList(),
                one.exposureSeconds(),
                one.uncertaintySeconds(),
                CurtainsSeen.of(one.curtains()));
    }

    private static Channel channel(FiringFound.OnChannel one) {
        return new Channel(
                one.channel(),
                one.exposureSeconds(),
                one.uncertaintySeconds(),
                one.openEdgeSeconds(),
                one.closeEdgeSeconds(),
                one.openRampSeconds(),
                one.closeRampSeconds(),
                one.totalSeconds(),
                one.efficiency(),
                one.bounce().map(bounce -> new Rebound(bounce.atSeconds(), bounce.relative())));
    }
}
