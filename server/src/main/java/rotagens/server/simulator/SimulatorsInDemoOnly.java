package rotagens.server.simulator;

import static rotagens.server.simulator.SimulatorWords.WORDS;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import rotagens.server.web.ProblemException;

/** Stand-ins answer in the demo only: a made-up figure must never come on a real vehicle’s record. */
@Configuration(proxyBeanMethods = false)
class SimulatorsInDemoOnly implements WebMvcConfigurer {

    private final boolean isDemo;

    SimulatorsInDemoOnly(@Value("${rotagens.demo:false}") boolean isDemo) {
        this.isDemo = isDemo;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new HandlerInterceptor() {
                    @Override
                    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
                        if (!isDemo) {
                            throw ProblemException.notFound(WORDS.say("simulatedDevicesAnswer"));
                        }
                        return true;
                    }
                })
                .addPathPatterns("/api/simulators/**");
    }
}
