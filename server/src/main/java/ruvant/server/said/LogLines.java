package ruvant.server.said;

import java.util.Map;
import org.springframework.stereotype.Service;
import ruvant.core.logline.LogLine;
import ruvant.core.logline.Reading;
import ruvant.core.picture.JobPicture;
import ruvant.core.said.LineReader;
import ruvant.core.said.Statement;
import ruvant.core.trade.Stop;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.knowledge.LearnedModels;

/** Reads what is typed at the line of a camera. */
@Service
public class LogLines {
    private final LineReader reader = ShippedReader.atBench();
    private final JobService jobs;
    private final ShopService shop;
    private final LearnedModels learned;

    LogLines(JobService jobs, ShopService shop, LearnedModels learned) {
        this.jobs = jobs;
        this.shop = shop;
        this.learned = learned;
    }

    /** How a line is understood at the stop where work goes on. */
    public Reading read(TagNumber tag, String text) {
        return read(tag, text, null, Map.of());
    }

    /**
     * How a line is understood.
     *
     * @param stop where the technician is; null for where work goes on
     * @param chosen what a person made of pieces of it, by the words of the piece
     */
    public Reading read(TagNumber tag, String text, @MayBeNull Stop stop, Map<String, Statement> chosen) {
        JobPicture job = jobs.picture(tag);
        LogLine line = new LogLine(
                job,
                shop.shop(),
                reader,
                () -> learned.beside(job).knowledge(),
                shop.taught(),
                entries -> jobs.refusal(tag, entries));
        return line.read(text, stop == null ? job.lastStop() : stop, chosen);
    }
}
