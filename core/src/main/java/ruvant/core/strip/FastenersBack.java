package ruvant.core.strip;

import ruvant.core.units.Check;

/**
 * How one type of fastener was accounted for.
 *
 * @param type as {@link Fastener#type()} says
 * @param back of those that came out, how many went back in
 * @param lost of those that came out, how many are gone
 * @param replaced how many places were filled with others
 */
public record FastenersBack(String type, int back, int lost, int replaced) {
    public FastenersBack {
        type = Check.name("fastenerType", type);
        Check.count("back", back, 0, 99);
        Check.count("lost", lost, 0, 99);
        Check.count("replaced", replaced, 0, 99);
    }
}
