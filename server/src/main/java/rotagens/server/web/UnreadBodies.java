package rotagens.server.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.io.InputStream;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * A request that was answered before its body had come, because it was refused for example: what is there is read, so that the
 * answer arrives, and what isn't is not waited for. Left to itself the web server would wait for every byte that was promised.
 */
@Configuration(proxyBeanMethods = false)
class UnreadBodies {

    private static final int MOST_BYTES = 256 * 1024;
    private static final long LASTS_NANOS = TimeUnit.MILLISECONDS.toNanos(500);

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> unreadBodiesAreLeft(BodyPlaces places) {
        return factory -> factory.addEngineValves(new LeavesThem(places));
    }

    private static final class LeavesThem extends ValveBase {

        private final BodyPlaces places;

        LeavesThem(BodyPlaces places) {
            super(true);
            this.places = places;
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            getNext().invoke(request, response);
            if (!request.isAsync() && !hasCome(request)) {
                request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
            }
        }

        private boolean hasCome(Request request) {
            if (request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null) {
                return true;
            }
            if (request.isFinished()) {
                return true;
            }
            BodyPlaces.Place place = places.of(request.getRemoteAddr());
            try {
                place.enter();
                InputStream rest = request.getStream();
                byte[] unread = new byte[8 * 1024];
                long since = System.nanoTime();
                int read = 0;
                while (!request.isFinished() && read < MOST_BYTES && System.nanoTime() - since < LASTS_NANOS) {
                    read += Math.max(0, rest.read(unread));
                }
            } catch (IOException | IllegalStateException broken) {
                return false;
            } finally {
                place.leave();
            }
            return request.isFinished();
        }
    }
}
