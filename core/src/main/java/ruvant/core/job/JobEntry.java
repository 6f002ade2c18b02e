package ruvant.core.job;

import ruvant.core.log.Entry;
import ruvant.core.trade.Stop;

/** One thing said about a job. Each room of the work has a sealed family of these. */
public interface JobEntry extends Entry {
    /** The stop of the job at which this is done. */
    Stop stop();
}
