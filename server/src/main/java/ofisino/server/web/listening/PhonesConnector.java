package ofisino.server.web.listening;

import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import ofisino.server.web.OfisinoProperties;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.apache.tomcat.util.net.SSLHostConfigCertificate.Type;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Lets the garage's network in beside this machine: at the one address that the certificate names, and at one port that never moves, since
 * paired phones know it. The desk keeps its own address, with all that its browser keeps under it.
 */
@Component
@Order // after those that say how long a request may be and take
record PhonesConnector(OfisinoProperties properties)
        implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory tomcat) {
        tomcat.setProtocol(FirstFreePort.class.getName());
        if (properties.lanKeys().isBlank()) return;
        URI url = URI.create(properties.lanUrl());
        var protocol = new Http11NioProtocol();
        protocol.setAddress(address(url));
        protocol.setSSLEnabled(true);
        protocol.addSslHostConfig(certificate());
        protocol.setCompression("on");
        protocol.setCompressionMinSize(
                (int) tomcat.getCompression().getMinResponseSize().toBytes());
        protocol.setCompressibleMimeType(
                String.join(",", tomcat.getCompression().getMimeTypes()));
        var connector = new Connector(protocol);
        connector.setPort(url.getPort());
        connector.setScheme(url.getScheme());
        connector.setSecure(true);
        tomcat.getConnectorCustomizers().forEach(limits -> limits.customize(connector));
        tomcat.addAdditionalConnectors(connector);
    }

    private SSLHostConfig certificate() {
        var host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        var certificate = new SSLHostConfigCertificate(host, Type.UNDEFINED);
        certificate.setCertificateKeystoreFile(properties.lanKeys());
        certificate.setCertificateKeystoreType("PKCS12");
        certificate.setCertificateKeystorePassword(properties.lanPassword());
        host.addCertificate(certificate);
        return host;
    }

    private static InetAddress address(URI url) {
        try {
            return InetAddress.getByName(url.getHost());
        } catch (UnknownHostException noAddress) {
            throw new IllegalArgumentException(noAddress);
        }
    }
}
