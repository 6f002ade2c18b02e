package ruvant.server.config;

import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.json.JsonMapper;

/** Answers are written with what somebody may not see left out; everything else in the house uses the plain mapper. */
@Configuration(proxyBeanMethods = false)
class Answers implements WebMvcConfigurer {
    private final JsonMapper json;

    Answers(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        converters.withJsonConverter(new JacksonJsonHttpMessageConverter(
                json.rebuild().addModule(Withheld.module()).build()));
    }
}
