package org.waxbell.app.socket;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import org.waxbell.app.practice.PracticeChannel;
import org.waxbell.app.practice.PracticeMixer;
import org.waxbell.app.practice.PracticeMixerServer;
import org.waxbell.app.rest.LiveNews;
import org.waxbell.app.rpc.PracticeDoor;
import org.waxbell.app.stage.StageSocket;

/** Which socket is where. Spring itself refuses pages of another origin. */
@Configuration(proxyBeanMethods = false)
@EnableWebSocket
class SocketConfig implements WebSocketConfigurer {
    private final LiveNews live;
    private final StageSocket stage;
    private final PracticeChannel channel;
    private final PracticeMixer mixer;
    private final PracticeMixerServer mixerServer;

    SocketConfig(
            LiveNews live,
            StageSocket stage,
            PracticeChannel channel,
            PracticeMixer mixer,
            PracticeMixerServer mixerServer) {
        this.mixerServer = mixerServer;
        this.live = live;
        this.stage = stage;
        this.channel = channel;
        this.mixer = mixer;
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        registry.addHandler(live.topic(), "/ws/live");
        registry.addHandler(stage, "/ws/stage");
        registry.addHandler(channel.topic(), "/ws/practice/channel");
        registry.addHandler(mixer.topic(), "/ws/practice/mixer");
        registry.addHandler(mixerServer, PracticeDoor.PATH);
    }
}
