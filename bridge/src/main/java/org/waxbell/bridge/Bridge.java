package org.waxbell.bridge;

import com.illposed.osc.MessageSelector;
import com.illposed.osc.OSCMessageEvent;
import com.illposed.osc.transport.OSCPortIn;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ExecutionException;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** A bridge that runs: started with its file, ended by Ctrl+C. */
public final class Bridge implements AutoCloseable {
    private static final int GRACE_MS = 1_000;
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();
    private final Plan plan;
    private final Link link;
    private final Mouth mouth;
    private final OSCPortIn ear;

    /** A file that will not do. Its message is a sentence a line: which place, what stands there, what to write. */
    public static final class Refused extends Exception {
        private static final long serialVersionUID = 1;

        Refused(List<String> problems) {
            super(String.join("\n", problems));
        }
    }

    /** Starts a bridge. Throws {@link Refused} where the file will not do or a port is taken. */
    public Bridge(Path file) throws Refused {
        plan = read(file);
        try {
            mouth = new Mouth(plan.osc());
            link = new Link(plan, mouth);
            link.start();
            link.opened().get();
            ear = listen();
        } catch (IOException | ExecutionException | InterruptedException failed) {
            Throwable why = failed instanceof ExecutionException ? failed.getCause() : failed;
            throw new Refused(List.of("It cannot start: " + why.getMessage()
                    + ". Another program may hear on that port already; write another in " + file + "."));
        }
    }

    /** A problem as a line: the place, what stands there, and what to write. */
    private static String inWords(Problem problem) {
        String value = problem.value().isEmpty() ? "" : "\"" + problem.value() + "\". ";
        return problem.path() + ": " + value + problem.message() + " " + problem.remedy();
    }

    private static Plan read(Path file) throws Refused {
        try {
            Plan plan = JSON.readValue(Files.readString(file), Plan.class);
            Problems problems = new Problems();
            plan.check(problems);
            if (problems.found().isEmpty()) {
                return plan;
            }
            throw new Refused(problems.found().stream().map(Bridge::inWords).toList());
        } catch (NoSuchFileException none) {
            throw new Refused(List.of("There is no file " + file + "."));
        } catch (IOException unreadable) {
            throw new Refused(List.of(file + " cannot be read: " + unreadable.getMessage()));
        } catch (JacksonException wrong) {
            throw new Refused(
                    List.of(file + ", line " + wrong.getLocation().getLineNr() + ": " + wrong.getOriginalMessage()));
        }
    }

    private OSCPortIn listen() throws IOException {
        if (plan.osc() == null || plan.osc().hear() == 0) {
            return null;
        }
        OSCPortIn in = new OSCPortIn(new InetSocketAddress(
                InetAddress.getLoopbackAddress(), plan.osc().hear()));
        in.getDispatcher().addListener(new Every(), this::heard);
        // One packet that is no OSC does not end the listening.
        in.setResilient(true);
        in.startListening();
        return in;
    }

    private void heard(OSCMessageEvent event) {
        plan.hears().stream()
                .filter(each -> each.address().equals(event.getMessage().getAddress()))
                .forEach(each ->
                        link.standing().happened(each.made(event.getMessage().getArguments())));
    }

    /** Where Wax Bell finds it. */
    public String address() {
        return "ws://127.0.0.1:" + link.getPort();
    }

    @Override
    public void close() throws IOException {
        try {
            link.stop(GRACE_MS);
        } catch (InterruptedException asked) {
            Thread.currentThread().interrupt();
        }
        mouth.close();
        if (ear != null) {
            ear.close();
        }
    }

    /** Every message is heard; which of them mean something, the file says. */
    private static final class Every implements MessageSelector {
        @Override
        public boolean isInfoRequired() {
            return false;
        }

        @Override
        public boolean matches(OSCMessageEvent event) {
            return true;
        }
    }

    /** Started by hand. @param words the one file */
    public static void main(String[] words) {
        if (words.length != 1) {
            System.err.println("Usage: bridge FILE.json; docs/formats/bridge.md says what stands in it.");
            System.exit(2);
        }
        try {
            Bridge bridge = new Bridge(Path.of(words[0]));
            System.out.println(bridge.plan.program() + " is at " + bridge.address()
                    + ". Write that on Wax Bell's Links as the address of the mixer, without a password.");
        } catch (Refused refused) {
            System.err.println(refused.getMessage());
            System.exit(1);
        }
    }
}
