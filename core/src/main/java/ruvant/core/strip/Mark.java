package ruvant.core.strip;

import ruvant.core.units.Check;

/**
 * A witness mark or noted relation of two parts.
 *
 * @param state the state of the mechanism in which it holds, such as "cocked"; may be empty
 */
public record Mark(String text, String state) {
    public Mark {
        text = Check.name("mark", text);
        state = Check.optionalName("state", state);
    }

    /** The mark with its state. */
    public String words() {
        return text + (state.isEmpty() ? "" : " (" + state + ")");
    }
}
