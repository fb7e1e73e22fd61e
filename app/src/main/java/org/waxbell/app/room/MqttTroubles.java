package org.waxbell.app.room;

import com.hivemq.client.mqtt.mqtt5.exceptions.Mqtt5ConnAckException;
import com.hivemq.client.mqtt.mqtt5.exceptions.Mqtt5DisconnectException;
import com.hivemq.client.mqtt.mqtt5.message.connect.connack.Mqtt5ConnAckReasonCode;
import java.net.URI;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.waxbell.app.link.Reaching;
import org.waxbell.link.Trouble;

/** What went wrong with a broker, as a sentence with its remedy. */
final class MqttTroubles {
    private static final Set<Mqtt5ConnAckReasonCode> NOT_LET_IN = Set.of(
            Mqtt5ConnAckReasonCode.BAD_USER_NAME_OR_PASSWORD,
            Mqtt5ConnAckReasonCode.NOT_AUTHORIZED,
            Mqtt5ConnAckReasonCode.BANNED);

    private MqttTroubles() {}

    static Trouble of(Throwable failed, URI address) {
        String where = address.getHost() + (address.getPort() > 0 ? ":" + address.getPort() : "");
        Optional<Trouble> ofNetwork = Reaching.trouble(failed, address.getHost(), where);
        if (ofNetwork.isPresent()) {
            return ofNetwork.get();
        }
        for (Throwable each = failed; each != null; each = each.getCause()) {
            if (each instanceof Mqtt5ConnAckException refused) {
                return refused(refused.getMqttMessage().getReasonCode(), where);
            }
            if (each instanceof Mqtt5DisconnectException sent) {
                return Trouble.passing(
                        "The broker at " + where + " closed the connection: "
                                + words(sent.getMqttMessage().getReasonCode()) + ".",
                        "It is tried again by itself.");
            }
        }
        String says = failed.getMessage() == null ? "it did not answer in time" : failed.getMessage();
        return Trouble.passing(
                "The connection to the broker at " + where + " broke: " + says + ".",
                "It is tried again by itself. Look whether what answers there is a broker that speaks MQTT 5.");
    }

    private static Trouble refused(Mqtt5ConnAckReasonCode code, String where) {
        if (NOT_LET_IN.contains(code)) {
            return Trouble.lasting(
                    "The broker at " + where + " did not let us in: " + words(code) + ".",
                    "Write user and password as the broker knows them into the settings.");
        }
        if (code == Mqtt5ConnAckReasonCode.UNSUPPORTED_PROTOCOL_VERSION) {
            return Trouble.lasting(
                    "The broker at " + where + " does not speak MQTT 5.", "Bring it up to date, or take another.");
        }
        return Trouble.passing(
                "The broker at " + where + " refused: " + words(code) + ".", "It is tried again by itself.");
    }

    private static String words(Enum<?> code) {
        return code.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
