package ruvant.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.jdbc.autoconfigure.DataSourceAutoConfiguration;
import org.springframework.boot.jdbc.autoconfigure.DataSourceTransactionManagerAutoConfiguration;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Ruvant. */
@EnableScheduling
@SpringBootApplication(
        // accounts are the shop's own, and so is how its file is opened
        exclude = {
            DataSourceAutoConfiguration.class,
            DataSourceTransactionManagerAutoConfiguration.class,
            UserDetailsServiceAutoConfiguration.class
        },
        proxyBeanMethods = false)
public class RuvantServer {
    public static void main(String[] arguments) {
        SpringApplication.run(RuvantServer.class, arguments);
    }
}
