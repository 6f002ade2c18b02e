package ruvant.core.anatomy;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.units.MayBeNull;

/** The plans of all kinds of camera, each made when it is first asked for. Safe for use by many threads. */
public final class BodyPlans {
    /** Plans that know nothing of any camera. */
    public static final BodyPlans UNKNOWN = new BodyPlans(Anatomy.EMPTY);

    private final Anatomy anatomy;
    private final Map<Kind, BodyPlan> plans = new ConcurrentHashMap<>();

    private record Kind(BodyType body, Family shutter) {}

    /** @param anatomy sound data */
    public BodyPlans(Anatomy anatomy) {
        this.anatomy = anatomy;
    }

    /** The plan of one kind of camera; one that knows nothing where the body or the shutter is not known. */
    public BodyPlan of(@MayBeNull BodyType body, @MayBeNull Family shutter) {
        return body == null || shutter == null
                ? BodyPlan.UNKNOWN
                : plans.computeIfAbsent(new Kind(body, shutter), kind -> new BodyPlan(anatomy, body, shutter));
    }
}
