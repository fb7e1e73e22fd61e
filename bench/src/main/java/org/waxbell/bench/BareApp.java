package org.waxbell.bench;

import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import org.springframework.web.socket.handler.TextWebSocketHandler;

/** The yardstick: a Boot application that serves one page and echoes what a socket sends, and does nothing else. */
@SpringBootApplication
@EnableWebSocket
public class BareApp implements WebSocketConfigurer {
    static void start(int port) {
        SpringApplication application = new SpringApplication(BareApp.class);
        application.setDefaultProperties(Map.of(
                "server.port",
                port,
                "server.address",
                "127.0.0.1",
                "spring.main.banner-mode",
                "off",
                "logging.level.root",
                "WARN"));
        application.run();
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        registry.addHandler(
                new TextWebSocketHandler() {
                    @Override
                    protected void handleTextMessage(WebSocketSession session, TextMessage message) throws Exception {
                        session.sendMessage(message);
                    }
                },
                "/echo");
    }
}
