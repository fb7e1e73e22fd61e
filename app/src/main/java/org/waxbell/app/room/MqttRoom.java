package org.waxbell.app.room;

import com.hivemq.client.mqtt.MqttClientSslConfig;
import com.hivemq.client.mqtt.MqttClientState;
import com.hivemq.client.mqtt.datatypes.MqttQos;
import com.hivemq.client.mqtt.lifecycle.MqttDisconnectSource;
import com.hivemq.client.mqtt.mqtt5.Mqtt5AsyncClient;
import com.hivemq.client.mqtt.mqtt5.Mqtt5Client;
import com.hivemq.client.mqtt.mqtt5.Mqtt5ClientBuilder;
import com.hivemq.client.mqtt.mqtt5.message.connect.Mqtt5Connect;
import com.hivemq.client.mqtt.mqtt5.message.connect.Mqtt5ConnectBuilder;
import com.hivemq.client.mqtt.mqtt5.message.disconnect.Mqtt5DisconnectReasonCode;
import com.hivemq.client.mqtt.mqtt5.message.publish.Mqtt5Publish;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.hub.RoomHub;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.Reaching;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.link.Device;
import org.waxbell.link.RoomSettings;
import org.waxbell.link.Trouble;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.Light;
import org.waxbell.words.Wording;

/** Lamps and plugs that a broker of MQTT 5 reaches; which they are, and how each is spoken to, stands in the settings. */
final class MqttRoom implements RoomHub {
    private static final int PORT = 1_883;
    private static final int SAFE_PORT = 8_883;
    private static final int CONNECT_SECONDS = 5;
    private static final long ANSWER_SECONDS = 5;
    private static final int KEEP_ALIVE_SECONDS = 15;
    private final RoomSettings settings;
    private final String password;
    private final URI address;
    private final MqttDevices devices;
    private @Nullable Mqtt5AsyncClient client;
    private int turn;

    MqttRoom(RoomSettings settings, String password, SettingMapper kept, Documents json) {
        this.settings = settings;
        this.password = password;
        this.address = URI.create(settings.address());
        this.devices = new MqttDevices(settings.devices(), kept, json);
    }

    @Override
    public void connect(Ear ear) {
        int mine;
        Mqtt5AsyncClient made;
        try {
            synchronized (this) {
                letGo();
                mine = turn;
                made = made(ear, mine);
                client = made;
            }
        } catch (IllegalArgumentException unreadable) {
            ear.broken(Trouble.lasting(
                    String.valueOf(unreadable.getMessage()), "Put another certificate into the settings, or none."));
            return;
        }
        made.connect(greeting())
                .thenCompose(taken -> listening(made, ear, mine))
                .whenComplete((done, failed) -> {
                    if (failed != null) {
                        broke(ear, mine, MqttTroubles.of(failed, address));
                    } else if (isStill(mine)) {
                        present(made, "online");
                        ear.up();
                        devices.untold().forEach(each -> ear.stands(each, By.FOUND));
                    }
                });
    }

    private Mqtt5AsyncClient made(Ear ear, int mine) {
        Mqtt5ClientBuilder builder = Mqtt5Client.builder()
                .identifier("waxbell-" + UUID.randomUUID())
                .transportConfig()
                .serverHost(address.getHost())
                .serverPort(address.getPort() > 0 ? address.getPort() : settings.encrypted() ? SAFE_PORT : PORT)
                .socketConnectTimeout(CONNECT_SECONDS, TimeUnit.SECONDS)
                .mqttConnectTimeout(CONNECT_SECONDS, TimeUnit.SECONDS)
                .sslConfig(settings.encrypted() ? safety() : null)
                .applyTransportConfig()
                .addDisconnectedListener(gone -> {
                    if (gone.getSource() != MqttDisconnectSource.USER) {
                        broke(ear, mine, MqttTroubles.of(gone.getCause(), address));
                    }
                });
        if (!settings.presence().isEmpty()) {
            builder.willPublish()
                    .topic(settings.presence())
                    .payload(bytes("offline"))
                    .qos(MqttQos.AT_LEAST_ONCE)
                    .retain(true)
                    .applyWillPublish();
        }
        return builder.buildAsync();
    }

    private MqttClientSslConfig safety() {
        var safety = MqttClientSslConfig.builder().handshakeTimeout(CONNECT_SECONDS, TimeUnit.SECONDS);
        if (!settings.certificate().isEmpty()) {
            safety = safety.trustManagerFactory(Reaching.trusting(settings.certificate()));
        }
        return safety.build();
    }

    private Mqtt5Connect greeting() {
        Mqtt5ConnectBuilder greeting = Mqtt5Connect.builder().cleanStart(true).keepAlive(KEEP_ALIVE_SECONDS);
        if (!settings.user().isEmpty()) {
            greeting.simpleAuth()
                    .username(settings.user())
                    .password(bytes(password))
                    .applySimpleAuth();
        }
        return greeting.build();
    }

    /** Listens to every topic on which a device tells how it stands; a broker may refuse one of them. */
    private CompletableFuture<Void> listening(Mqtt5AsyncClient made, Ear ear, int mine) {
        return CompletableFuture.allOf(devices.topics().stream()
                .map(topic -> made.subscribeWith()
                        .topicFilter(topic)
                        .qos(MqttQos.AT_LEAST_ONCE)
                        .callback(told -> heard(told, ear, mine))
                        .send())
                .toArray(CompletableFuture[]::new));
    }

    private void heard(Mqtt5Publish told, Ear ear, int mine) {
        if (isStill(mine)) {
            String payload = new String(told.getPayloadAsBytes(), StandardCharsets.UTF_8);
            devices.told(told.getTopic().toString(), payload, told.isRetain())
                    .forEach(each -> ear.stands(each.stands(), each.by()));
        }
    }

    private synchronized boolean isStill(int mine) {
        return mine == turn;
    }

    private void broke(Ear ear, int mine, Trouble why) {
        synchronized (this) {
            if (mine != turn) {
                return;
            }
            // What else comes of this connection is passed over.
            turn++;
        }
        ear.broken(why);
    }

    private void present(Mqtt5AsyncClient on, String word) {
        if (!settings.presence().isEmpty()) {
            on.publishWith()
                    .topic(settings.presence())
                    .payload(bytes(word))
                    .qos(MqttQos.AT_LEAST_ONCE)
                    .retain(true)
                    .send();
        }
    }

    @Override
    public synchronized void disconnect() {
        letGo();
    }

    /** Goodbye with the reason by which the broker sends our last will, for nothing that is sent just before is sure to go out. */
    private void letGo() {
        turn++;
        if (client != null && client.getState() != MqttClientState.DISCONNECTED) {
            client.disconnectWith()
                    .reasonCode(Mqtt5DisconnectReasonCode.DISCONNECT_WITH_WILL_MESSAGE)
                    .send();
        }
        client = null;
    }

    @Override
    public List<DeviceStands> standing() {
        return devices.all();
    }

    /** A broker has no way to be asked, so it is told once more that we are there, which it has to answer. */
    @Override
    public CompletableFuture<Void> ping() {
        return send(settings.presence().isEmpty() ? "waxbell/ping" : settings.presence(), "online", true);
    }

    @Override
    public CompletableFuture<Void> set(String name, Light light) {
        Device device = devices.device(name);
        devices.asked(device, light);
        return send(device.topic(), Wording.of(device.payload()).fill(device.values(light)), false);
    }

    private CompletableFuture<Void> send(String topic, String payload, boolean retain) {
        Mqtt5AsyncClient now;
        synchronized (this) {
            now = client;
        }
        if (now == null || now.getState() != MqttClientState.CONNECTED) {
            return CompletableFuture.failedFuture(new IllegalStateException("the broker is not connected"));
        }
        return now.publishWith()
                .topic(topic)
                .payload(bytes(payload))
                .qos(MqttQos.AT_LEAST_ONCE)
                .retain(retain)
                .send()
                .<Void>thenCompose(sent -> sent.getError()
                        .<CompletableFuture<Void>>map(CompletableFuture::failedFuture)
                        .orElseGet(() -> CompletableFuture.completedFuture(null)))
                .orTimeout(ANSWER_SECONDS, TimeUnit.SECONDS);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
