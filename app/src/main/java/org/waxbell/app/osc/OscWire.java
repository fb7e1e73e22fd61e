package org.waxbell.app.osc;

import com.illposed.osc.BufferBytesReceiver;
import com.illposed.osc.OSCBundle;
import com.illposed.osc.OSCMessage;
import com.illposed.osc.OSCPacket;
import com.illposed.osc.OSCParseException;
import com.illposed.osc.OSCSerializeException;
import com.illposed.osc.OSCSerializerAndParserBuilder;
import com.illposed.osc.argument.OSCTimeTag64;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.waxbell.directive.OscArgument;
import org.waxbell.directive.SendOsc;

/** Messages of Open Sound Control 1.0 as bytes, and back. */
final class OscWire {
    /** The largest packet that is sent or read. */
    static final int MOST_BYTES = 8 * 1024;

    private static final int DEEPEST = 4;

    private OscWire() {}

    /** A message as it came. @param arguments as text, numbers as people write them */
    record Heard(String address, List<Object> arguments) {}

    /** The bytes of a message. Throws {@link IllegalArgumentException} with a sentence where a number is none, or all of it is too long. */
    static byte[] bytes(SendOsc send) {
        List<Object> arguments = new ArrayList<>();
        send.arguments().forEach(each -> arguments.add(typed(each)));
        OSCPacket packet = new OSCMessage(send.address(), arguments);
        if (send.timed()) {
            packet = new OSCBundle(List.of(packet), OSCTimeTag64.valueOf(Instant.ofEpochMilli(send.meantFor())));
        }
        BufferBytesReceiver into = new BufferBytesReceiver(ByteBuffer.allocate(MOST_BYTES));
        try {
            new OSCSerializerAndParserBuilder().buildSerializer(into).write(packet);
        } catch (OSCSerializeException | java.nio.BufferOverflowException tooLong) {
            throw new IllegalArgumentException("the message is longer than " + MOST_BYTES + " bytes", tooLong);
        }
        return into.toByteArray();
    }

    private static Object typed(OscArgument argument) {
        String text = argument.words().strip().replace(',', '.');
        try {
            return switch (argument.sort()) {
                case "int" -> (int) Math.round(Double.parseDouble(text));
                case "float" -> Float.parseFloat(text);
                default -> argument.words();
            };
        } catch (NumberFormatException none) {
            throw new IllegalArgumentException("\"" + argument.words() + "\" is no number", none);
        }
    }

    /** The messages of a packet, in their order; bundles within one another are taken apart. Throws {@link IllegalArgumentException} where it cannot be read. */
    static List<Heard> read(ByteBuffer packet) {
        try {
            List<Heard> all = new ArrayList<>();
            add(new OSCSerializerAndParserBuilder().buildParser().convert(packet), all, 0);
            return all;
        } catch (OSCParseException
                | BufferUnderflowException
                | IndexOutOfBoundsException
                | NegativeArraySizeException
                | IllegalArgumentException wrong) {
            throw new IllegalArgumentException("a packet that is cut short or no OSC", wrong);
        }
    }

    private static void add(OSCPacket packet, List<Heard> into, int depth) {
        if (packet instanceof OSCMessage message) {
            into.add(new Heard(message.getAddress(), message.getArguments()));
        } else if (packet instanceof OSCBundle bundle && depth < DEEPEST) {
            bundle.getPackets().forEach(each -> add(each, into, depth + 1));
        }
    }
}
