package ruvant.server.demo;

import java.time.Instant;
import java.util.Random;
import ruvant.server.album.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.measure.StandRuns;
import ruvant.server.said.LogLines;

/** The cameras that lie in the demo shop now, each at another stop. Times are told backwards from now. */
final class DemoShopToday {
    private final DemoComingUp comingUp;
    private final DemoGoingDown goingDown;
    private final DemoAdjusting adjusting;

    DemoShopToday(
            JobService jobs,
            LogLines lines,
            ShopService shop,
            PictureStore pictures,
            StandRuns stand,
            Random random,
            Instant now) {
        this.comingUp = new DemoComingUp(jobs, lines, shop, pictures, stand, random, now);
        this.goingDown = new DemoGoingDown(jobs, lines, shop, pictures, random, now);
        this.adjusting = new DemoAdjusting(jobs, lines, shop, pictures, random, now);
    }

    void tell() {
        comingUp.tell();
        goingDown.tell();
        adjusting.tell();
    }
}
