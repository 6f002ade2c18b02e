package ruvant.core.job;

/**
 * One thing said about a job. Entries are values: who said it and when belongs to the {@link Line} that carries it.
 * Every switch over entries is exhaustive, so a new kind does not compile until each fold has an answer to it.
 */
public sealed interface Entry
        permits RecordEntry,
                BenchEntry,
                AlbumEntry,
                IntakeEntry,
                StripEntry,
                FindEntry,
                TreatEntry,
                PartsEntry,
                AdjustEntry,
                RefitEntry,
                ProveEntry,
                HandoverEntry {
    /** The stop of the job at which this is done. */
    Stop stop();
}
