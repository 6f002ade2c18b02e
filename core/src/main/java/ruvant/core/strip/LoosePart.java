package ruvant.core.strip;

import ruvant.core.units.Check;

/** A small thing that lies loose under a part, such as a detent ball; 1 to 99 of them. */
public record LoosePart(String name, int count) {
    public LoosePart {
        name = Check.name("loosePart", name);
        Check.count("looseCount", count, 1, 99);
    }

    /** How many of what. */
    public String words() {
        return count + " × " + name;
    }
}
