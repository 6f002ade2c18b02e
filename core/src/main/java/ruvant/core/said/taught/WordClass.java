package ruvant.core.said.taught;

import ruvant.core.units.Labelled;

/** What a word can be taught as. */
public enum WordClass implements Labelled {
    PART("a part", "part"),
    CONDITION("what a part is like", "condition"),
    AGENT("something to clean with", "agent"),
    LUBRICANT("something to oil with", "lubricant"),
    TOOL("a tool", "tool"),
    MENDED("a way of mending", "mended"),
    SIGN("a sign of earlier repair", "sign"),
    SPRING("a spring", "springs"),
    ADJUSTER("something that is turned", "adjuster"),
    FUNCTION("a function", "function"),
    WAIT("something that is waited for", "wait what"),
    REMARK("a remark and nothing else", "remark");

    private final String label;
    private final String words;

    WordClass(String label, String words) {
        this.label = label;
        this.words = words;
    }

    @Override
    public String label() {
        return label;
    }

    /** The class of the reader's words that it joins. */
    public String words() {
        return words;
    }
}
