package ruvant.server.printing;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;
import com.ibm.icu.text.BidiRun;
import com.openhtmltopdf.bidi.BidiReorderer;
import com.openhtmltopdf.bidi.BidiSplitter;
import com.openhtmltopdf.bidi.BidiTextRun;

/** How the printer lays out lines that run from right to left, or in both directions: ICU knows, and this passes it on. */
final class RightToLeft {
    private RightToLeft() {}

    /** Splits a paragraph into runs of one direction. */
    static final class Splitter implements BidiSplitter {
        private final Bidi bidi = new Bidi();

        @Override
        public void setParagraph(String paragraph, byte direction) {
            bidi.setPara(paragraph, direction, null);
        }

        @Override
        public int countTextRuns() {
            return bidi.countRuns();
        }

        @Override
        public BidiTextRun getVisualRun(int index) {
            BidiRun run = bidi.getVisualRun(index);
            return new BidiTextRun(run.getStart(), run.getLength(), run.getDirection());
        }

        @Override
        public byte getBaseDirection(String paragraph) {
            return Bidi.getBaseDirection(paragraph);
        }
    }

    /** Puts the signs of a run in the order in which they are drawn, each in the form it takes beside its neighbours. */
    static final class Reorderer implements BidiReorderer {
        private final ArabicShaping shaping = new ArabicShaping(ArabicShaping.LETTERS_SHAPE);
        private final ArabicShaping unshaping = new ArabicShaping(ArabicShaping.LETTERS_UNSHAPE);

        @Override
        public String reorderRTLTextToLTR(String text) {
            return Bidi.writeReverse(text, Bidi.DO_MIRRORING);
        }

        @Override
        public String shapeText(String text) {
            return shaped(shaping, text);
        }

        @Override
        public String deshapeText(String text) {
            return shaped(unshaping, text);
        }

        private static String shaped(ArabicShaping how, String text) {
            try {
                return how.shape(text);
            } catch (ArabicShapingException noRoom) {
                // letters in their plain form can be read as well
                return text;
            }
        }

        @Override
        public boolean isLiveImplementation() {
            return true;
        }
    }
}
