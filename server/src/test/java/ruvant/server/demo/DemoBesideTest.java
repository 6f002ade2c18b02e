package ruvant.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;

/** Somebody with an empty folder looks around in the demo shop, and none of it gets among their own. */
class DemoBesideTest extends OverHttp {
    @Test
    void theDemoShopOpensBesideOnesOwnAndStaysApart() {
        int before = shop.get("/api/bench").body().get("open").size();
        Shop.Answer opened = shop.post("/api/demo", "");
        assertThat(opened.status()).isEqualTo(200);
        int port = opened.body().get("port").asInt();
        Shop demo = new Shop(port);
        assertThat(demo.get("/api/bench").body().get("open")).hasSizeGreaterThanOrEqualTo(6);
        assertThat(demo.get("/api/house").body().get("demo").asBoolean()).isTrue();
        assertThat(demo.post("/api/demo", "").status())
                .as("the demo has no demo of its own")
                .isEqualTo(404);
        assertThat(shop.get("/api/bench").body().get("open")).hasSize(before);
        assertThat(shop.post("/api/demo", "").body().get("port").asInt())
                .as("opened once")
                .isEqualTo(port);
    }
}
