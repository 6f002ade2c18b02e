package ruvant.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.jdbc.autoconfigure.DataSourceAutoConfiguration;
import org.springframework.boot.jdbc.autoconfigure.DataSourceTransactionManagerAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Ruvant. */
@EnableScheduling
@SpringBootApplication(
        exclude = {DataSourceAutoConfiguration.class, DataSourceTransactionManagerAutoConfiguration.class},
        proxyBeanMethods = false)
public class RuvantServer {
    public static void main(String[] arguments) {
        SpringApplication.run(RuvantServer.class, arguments);
    }
}
