package org.waxbell.app.rpc;

import com.ongres.scram.common.ClientFirstMessage;
import com.ongres.scram.common.ScramFunctions;
import com.ongres.scram.common.ScramMechanism;
import com.ongres.scram.common.ServerFinalMessage;
import com.ongres.scram.common.ServerFirstMessage;
import com.ongres.scram.common.StringPreparation;
import com.ongres.scram.common.exception.ScramParseException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The server's side of SCRAM-SHA-256 (RFC 5802, RFC 7677), for one conversation: it learns whether the other end knows the password, and shows that it knows it too. */
public final class ScramServer {
    /** How often the password is hashed. RFC 7677 asks for 4096 at least. */
    public static final int ITERATIONS = 8_192;

    private static final ScramMechanism MECHANISM = ScramMechanism.SCRAM_SHA_256;
    private static final int NONCE_BYTES = 24;
    private static final int SALT_BYTES = 16;
    private final byte[] salted;
    private final byte[] salt;
    private final String nonce;
    private final int iterations;
    private String header = "";
    private String signed = "";
    private @Nullable ServerFirstMessage answer;

    /** A conversation in which {@code password} is to be proved. */
    public ScramServer(String password) {
        this(
                password,
                ScramFunctions.salt(SALT_BYTES, new SecureRandom()),
                ScramFunctions.nonce(NONCE_BYTES, new SecureRandom()),
                ITERATIONS);
    }

    ScramServer(String password, byte[] salt, String nonce, int iterations) {
        this.salt = salt;
        this.nonce = nonce;
        this.iterations = iterations;
        this.salted = ScramFunctions.saltedPassword(
                MECHANISM, StringPreparation.SASL_PREPARATION, password.toCharArray(), salt, iterations);
    }

    /** The answer to the first message; throws {@link IllegalArgumentException} for one that is none. */
    public String first(String message) {
        try {
            String theirs = ClientFirstMessage.parseFrom(message).getClientNonce();
            ServerFirstMessage made =
                    new ServerFirstMessage(theirs, nonce, Base64.getEncoder().encodeToString(salt), iterations);
            // What stands before the second comma says how the channel is bound; the rest is what both sides sign.
            int bare = message.indexOf(',', message.indexOf(',') + 1) + 1;
            header = message.substring(0, bare);
            signed = message.substring(bare) + "," + made;
            answer = made;
            return made.toString();
        } catch (ScramParseException | IllegalArgumentException wrong) {
            throw new IllegalArgumentException("This is no first message of SCRAM: " + wrong.getMessage(), wrong);
        }
    }

    /** The answer to the last message, empty where that did not prove the password. */
    public Optional<String> last(String message) {
        Map<String, String> fields = fields(message);
        String bound = Base64.getEncoder().encodeToString(header.getBytes(StandardCharsets.UTF_8));
        if (answer == null
                || !answer.getNonce().equals(fields.get("r"))
                || !fields.containsKey("p")
                || !bound.equals(fields.get("c"))) {
            return Optional.empty();
        }
        String auth = signed + "," + message.substring(0, message.lastIndexOf(",p="));
        byte[] stored = ScramFunctions.storedKey(MECHANISM, ScramFunctions.clientKey(MECHANISM, salted));
        try {
            if (!ScramFunctions.verifyClientProof(
                    MECHANISM, Base64.getDecoder().decode(fields.get("p")), stored, auth)) {
                return Optional.empty();
            }
        } catch (IllegalArgumentException noBase64) {
            return Optional.empty();
        }
        return Optional.of(new ServerFinalMessage(
                        ScramFunctions.serverSignature(MECHANISM, ScramFunctions.serverKey(MECHANISM, salted), auth))
                .toString());
    }

    private static Map<String, String> fields(String message) {
        Map<String, String> fields = new HashMap<>();
        for (String each : message.split(",")) {
            if (each.length() > 2 && each.charAt(1) == '=') {
                fields.put(each.substring(0, 1), each.substring(2));
            }
        }
        return fields;
    }
}
