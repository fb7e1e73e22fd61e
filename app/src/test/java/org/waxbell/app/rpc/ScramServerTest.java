package org.waxbell.app.rpc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.ongres.scram.client.ScramClient;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The server's side of SCRAM-SHA-256, on the sample conversation of RFC 7677 and against the client of a library. */
class ScramServerTest {
    private static ScramClient client(String password) {
        return ScramClient.builder()
                .advertisedMechanisms(List.of("SCRAM-SHA-256"))
                .username("waxbell")
                .password(password.toCharArray())
                .build();
    }

    @Test
    void theSampleOfTheStandardIsAnsweredAsItSays() {
        ScramServer server = new ScramServer(
                "pencil",
                Base64.getDecoder().decode("W22ZaJ0SNY7soEsUEjb6gQ=="),
                "%hvYDpWUa2RaTCAfuxFIlj)hNlF$k0",
                4_096);
        assertThat(server.first("n,,n=user,r=rOprNGfwEbeRWgbNEkqO"))
                .isEqualTo("r=rOprNGfwEbeRWgbNEkqO%hvYDpWUa2RaTCAfuxFIlj)hNlF$k0,s=W22ZaJ0SNY7soEsUEjb6gQ==,i=4096");
        assertThat(
                        server.last(
                                "c=biws,r=rOprNGfwEbeRWgbNEkqO%hvYDpWUa2RaTCAfuxFIlj)hNlF$k0,p=dHzbZapWIk4jUhN+Ute9ytag9zjfMHgsqmmiz7AndVQ="))
                .contains("v=6rriTRBi23WpRR/wtup+mMhUZUn/dB5nLTJRsjl95G4=");
    }

    @Test
    void whoKnowsThePasswordIsLetInAndTheServerProvesItToo() throws Exception {
        ScramServer server = new ScramServer("three tall tapers");
        ScramClient client = client("three tall tapers");
        client.serverFirstMessage(server.first(client.clientFirstMessage().toString()));
        assertThat(client.serverFinalMessage(
                                server.last(client.clientFinalMessage().toString())
                                        .orElseThrow())
                        .getVerifier())
                .hasSize(32);
    }

    @Test
    void whoDoesNotKnowItIsNot() throws Exception {
        ScramServer server = new ScramServer("three tall tapers");
        ScramClient client = client("three small tapers");
        client.serverFirstMessage(server.first(client.clientFirstMessage().toString()));
        String last = client.clientFinalMessage().toString();
        assertThat(server.last(last)).isEmpty();
        assertThat(server.last(last.replaceAll("p=.*", "p=no base64"))).isEmpty();
        assertThat(server.last("r=other")).isEmpty();
        assertThat(new ScramServer("three tall tapers").last(last))
                .as("nothing was said before")
                .isEmpty();
        assertThatThrownBy(() -> server.first("hello"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("first message");
    }

    @Test
    void aConversationThatWasOverheardIsOfNoUseInAnother() throws Exception {
        ScramClient client = client("three tall tapers");
        ScramServer server = new ScramServer("three tall tapers");
        String first = client.clientFirstMessage().toString();
        client.serverFirstMessage(server.first(first));
        String last = client.clientFinalMessage().toString();
        ScramServer other = new ScramServer("three tall tapers");
        other.first(first);
        assertThat(other.last(last)).isEmpty();
    }
}
