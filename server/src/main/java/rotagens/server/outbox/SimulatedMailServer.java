package rotagens.server.outbox;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** The demo’s mail server: on this machine, in memory, taking whatever it is given. Nothing of it leaves. */
@Configuration(proxyBeanMethods = false)
@ConditionalOnBooleanProperty("rotagens.demo")
@ConditionalOnProperty(name = "spring.mail.host", matchIfMissing = true, havingValue = "none")
class SimulatedMailServer {

    @Bean(initMethod = "start", destroyMethod = "stop")
    GreenMail mailServer() {
        return new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    }

    @Bean
    JavaMailSender simulatedMail(GreenMail server) {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("127.0.0.1");
        sender.setPort(server.getSmtp().getPort());
        return sender;
    }
}
