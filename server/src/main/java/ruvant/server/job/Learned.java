package ruvant.server.job;

import ruvant.core.picture.JobPicture;
import ruvant.core.refit.LearnedChecks;

/** What earlier jobs taught, as the rules of a job ask for it. */
public interface Learned {
    /** What jobs of its model looked at before parts went on. */
    LearnedChecks checks(JobPicture job);

    /** This shop's refit time as a multiple of the usual. */
    double refitPace();

    /** A job of the model has just taught something that the next one is to know at once. */
    void forget(JobPicture job);
}
