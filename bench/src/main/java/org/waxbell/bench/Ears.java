package org.waxbell.bench;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Base64;
import java.util.Map;
import org.waxbell.e2e.Browser;
import org.waxbell.shelf.Loudness;

/** Hears what a page puts out behind everything it does to it, sample by sample. */
final class Ears {
    private static final String LISTENS = """
            const connect = AudioNode.prototype.connect
            AudioNode.prototype.connect = function (to, ...more) {
              if (to instanceof AudioDestinationNode && !window.rate) {
                const ear = this.context.createScriptProcessor(256, 2, 2)
                window.rate = this.context.sampleRate
                window.heard = []
                window.loudAt = 0
                ear.onaudioprocess = ({ inputBuffer }) => {
                  const both = [0, 1].map((channel) => inputBuffer.getChannelData(channel).slice())
                  if (both.some((side) => side.some((sample) => Math.abs(sample) > 0.001))) window.loudAt = Date.now()
                  window.heard.push(both)
                }
                connect.call(this, ear)
                connect.call(ear, to)
              }
              return connect.call(this, to, ...more)
            }
            """;
    private final Browser browser;

    private Ears(Browser browser) {
        this.browser = browser;
    }

    /** Opens the page in a tab and listens to it; it may sound, for it is clicked. */
    static Ears at(Browser browser, String address) {
        browser.tab("about:blank");
        browser.driver().executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", LISTENS));
        browser.driver().get(address);
        for (String what : new String[] {"mousePressed", "mouseReleased"}) {
            browser.driver()
                    .executeCdpCommand(
                            "Input.dispatchMouseEvent",
                            Map.of("type", what, "x", 300, "y", 300, "button", "left", "clickCount", 1));
        }
        return new Ears(browser);
    }

    void forget() {
        browser.driver().executeScript("heard.length = 0; loudAt = 0");
    }

    /** The last moment at which it was not silent, milliseconds since 1970 UTC; 0 for none. */
    long loudAt() {
        return ((Number) browser.driver().executeScript("return loudAt")).longValue();
    }

    /** How loud all is that was heard since, in LUFS. */
    double loudness() {
        int rate = ((Number) browser.driver().executeScript("return rate")).intValue();
        String heard = (String) browser.driver().executeScript("""
                const both = new Float32Array(heard.length * 512)
                heard.forEach(([left, right], block) => left.forEach((sample, i) => {
                  both[block * 512 + 2 * i] = sample
                  both[block * 512 + 2 * i + 1] = right[i]
                }))
                let text = ''
                new Uint8Array(both.buffer).forEach((byte) => (text += String.fromCharCode(byte)))
                return btoa(text)""");
        ByteBuffer bytes = ByteBuffer.wrap(Base64.getDecoder().decode(heard)).order(ByteOrder.LITTLE_ENDIAN);
        float[] samples = new float[bytes.remaining() / Float.BYTES];
        bytes.asFloatBuffer().get(samples);
        Loudness loudness = new Loudness(rate, 2);
        loudness.add(samples, samples.length / 2);
        return loudness.measured().loudness();
    }
}
