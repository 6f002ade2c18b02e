package ruvant.core.strip;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.trade.Fastener;
import ruvant.core.units.Check;

/**
 * How one type of fastener was accounted for.
 *
 * @param type as {@link Fastener#type()} says
 * @param back of those that came out, how many went back in
 * @param lost of those that came out, how many are gone
 * @param replaced how many places were filled with others
 * @param empty how many places stay empty
 * @param why they stay empty; empty where none does
 */
public record FastenersBack(String type, int back, int lost, int replaced, int empty, String why) {
    /** As many as may be counted of one type at a part. */
    private static final int MOST = 99;

    /** Where no place stays empty. */
    public FastenersBack(String type, int back, int lost, int replaced) {
        this(type, back, lost, replaced, 0, "");
    }

    public FastenersBack {
        type = Check.name("fastenerType", type);
        Check.count("back", back, 0, 99);
        Check.count("lost", lost, 0, 99);
        Check.count("replaced", replaced, 0, 99);
        Check.count("empty", empty, 0, 99);
        why = empty > 0 ? Check.remark("whyEmpty", why) : Check.optionalRemark("whyEmpty", why);
    }

    /** What holds where this fastener held before: those that went back and those that took the place of others. */
    static Stream<Fastener> holding(Fastener before, List<FastenersBack> held) {
        int holds = held.stream()
                .filter(one -> one.type().equals(before.type()))
                .mapToInt(one -> one.back() + one.replaced())
                .findFirst()
                .orElse(before.count());
        return holds == 0 ? Stream.empty() : Stream.of(before.withCount(Math.min(holds, MOST)));
    }
}
