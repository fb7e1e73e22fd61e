package org.waxbell.app.socket;

import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;

/** Which socket is where. Spring itself refuses pages of another origin. */
@Configuration(proxyBeanMethods = false)
@EnableWebSocket
class SocketConfig implements WebSocketConfigurer {
    private final List<Served> all;

    SocketConfig(List<Served> all) {
        this.all = all;
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        all.forEach(each -> registry.addHandler(each.socket(), each.address()));
    }
}
