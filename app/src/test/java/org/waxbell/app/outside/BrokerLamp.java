package org.waxbell.app.outside;

import com.hivemq.client.mqtt.datatypes.MqttQos;
import com.hivemq.client.mqtt.mqtt5.Mqtt5BlockingClient;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A lamp at a broker: does what it is told, and tells how it stands, which the broker keeps. */
public final class BrokerLamp implements AutoCloseable {
    private static final String SET = "room/%s/set";
    private static final String STATE = "room/%s/state";
    private final Mqtt5BlockingClient client;
    private final String name;
    private final List<String> told = new CopyOnWriteArrayList<>();
    private volatile String stands = "";

    /** One that stands so. @param state as JSON */
    public BrokerLamp(RealBroker broker, String name, String state) {
        this.name = name;
        client = broker.client();
        client.toAsync()
                .subscribeWith()
                .topicFilter(SET.formatted(name))
                .qos(MqttQos.AT_LEAST_ONCE)
                .callback(message -> {
                    String payload = new String(message.getPayloadAsBytes(), StandardCharsets.UTF_8);
                    told.add(payload);
                    become(payload);
                })
                .send()
                .join();
        switched(state);
    }

    private void become(String state) {
        stands = state;
        client.toAsync()
                .publishWith()
                .topic(STATE.formatted(name))
                .payload(state.getBytes(StandardCharsets.UTF_8))
                .qos(MqttQos.AT_LEAST_ONCE)
                .retain(true)
                .send();
    }

    /** A person switches it. */
    public void switched(String state) {
        become(state);
    }

    /** How it stands now. */
    public String stands() {
        return stands;
    }

    /** All that it was told. */
    public List<String> told() {
        return told;
    }

    @Override
    public void close() {
        client.disconnect();
    }
}
