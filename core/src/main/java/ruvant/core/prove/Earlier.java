package ruvant.core.prove;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.measure.DialSpeed;
import ruvant.core.measure.RunStatistics;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.Phase;

/** What a speed was before the camera was worked on once more. */
final class Earlier {
    private record Group(Phase phase, int number) {}

    private Earlier() {}

    static List<SpeedRow.Earlier> of(DialSpeed speed, ProvePicture proofs) {
        Map<Group, List<ProvePicture.Timed>> groups = new LinkedHashMap<>();
        proofs.timed().stream()
                .filter(run -> run.speed().equals(speed.words())
                        && run.how().attitude() == Attitude.LEVEL
                        && !proofs.counting().contains(run.id()))
                .forEach(run -> groups.computeIfAbsent(
                                new Group(run.how().phase(), run.group()), group -> new ArrayList<>())
                        .add(run));
        return groups.entrySet().stream()
                .map(group -> earlier(speed, group.getKey().phase(), group.getValue()))
                .toList()
                .reversed();
    }

    private static SpeedRow.Earlier earlier(DialSpeed speed, Phase phase, List<ProvePicture.Timed> runs) {
        List<Double> seconds =
                runs.stream().flatMap(run -> run.seconds().stream()).toList();
        Instant at = runs.getLast().at();
        return new SpeedRow.Earlier(
                at,
                phase,
                seconds.size(),
                RunStatistics.of(seconds, speed.nominalSeconds()).biasEv());
    }
}
