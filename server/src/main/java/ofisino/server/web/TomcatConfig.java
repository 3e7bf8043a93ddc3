package ofisino.server.web;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class TomcatConfig {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> failuresInOneForm() {
        return tomcat -> tomcat.addContextCustomizers(context ->
                ((StandardHost) context.getParent()).setErrorReportValveClass(PlainFailureValve.class.getName()));
    }
}
