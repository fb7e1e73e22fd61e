package org.waxbell.app.computer;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.waxbell.app.thread.Daemons;
import org.waxbell.keys.Verb;
import tools.jackson.databind.json.JsonMapper;

/**
 * The helper process, which alone touches keyboard, mouse and programs: it does what it reads line by line and tells what came of it.
 * When nobody speaks to it any more it lifts every key and ends, so that none is left down whatever happens to the program that began it.
 */
public final class Hand {
    private static final JsonMapper JSON = new JsonMapper();
    private final PrintStream out;
    private final Keyboard keyboard;
    private final Programs programs;
    private final ExecutorService slow = Executors.newCachedThreadPool(Daemons.named("programs"));

    private Hand(PrintStream out, Keyboard keyboard, Programs programs) {
        this.out = out;
        this.keyboard = keyboard;
        this.programs = programs;
    }

    /** Serves until its input ends. */
    public static void serve() throws IOException {
        // Libraries may print; what is told has the stream alone.
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.setOut(System.err);
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        Hand hand;
        try {
            hand = new Hand(out, new Keyboard(), new Programs(Windows.here()));
        } catch (Refusal cannot) {
            out.println(JSON.writeValueAsString(new Wish.Told(0, String.valueOf(cannot.getMessage()))));
            return;
        }
        Runtime.getRuntime().addShutdownHook(new Thread(hand.keyboard::liftAll));
        hand.tell(0, "");
        try {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                hand.hear(JSON.readValue(line, Wish.class));
            }
        } finally {
            hand.keyboard.liftAll();
        }
    }

    private void hear(Wish wish) {
        if (wish.verb().equals(Wish.UP) || wish.verb().equals(Wish.DOWN)) {
            answer(wish, () -> keys(wish));
            return;
        }
        Verb verb = Verb.valueOf(wish.verb().toUpperCase(Locale.ROOT));
        switch (verb) {
            // What waits for a window must not let keys wait.
            case START -> slow.execute(() -> answer(wish, () -> programs.start(wish.words(), wish.limitMs())));
            case END -> slow.execute(() -> answer(wish, () -> programs.end(wish.words(), wish.limitMs())));
            case TYPE ->
                answer(wish, () -> {
                    inFront(wish);
                    keyboard.type(wish.words().get(0));
                });
            case MOVE, CLICK ->
                answer(wish, () -> {
                    inFront(wish);
                    keyboard.point(
                            Integer.parseInt(wish.words().get(0)),
                            Integer.parseInt(wish.words().get(1)));
                    if (verb == Verb.CLICK) {
                        keyboard.click(wish.words().get(2));
                    }
                });
        }
    }

    private void keys(Wish wish) throws Refusal {
        if (wish.verb().equals(Wish.UP)) {
            keyboard.up(wish.words());
        } else {
            inFront(wish);
            keyboard.down(wish.words());
        }
    }

    private void inFront(Wish wish) throws Refusal {
        if (!wish.programs().isEmpty() && !programs.anyInFront(wish.programs())) {
            throw new Refusal("none of the programs that it is allowed for is in front");
        }
    }

    private interface Doing {
        void run() throws Refusal, IOException, InterruptedException;
    }

    private void answer(Wish wish, Doing doing) {
        try {
            doing.run();
            tell(wish.id(), "");
        } catch (Refusal | IOException | RuntimeException cannot) {
            tell(wish.id(), String.valueOf(cannot.getMessage()));
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
            tell(wish.id(), "it was broken off");
        }
    }

    private synchronized void tell(long id, String why) {
        out.println(JSON.writeValueAsString(new Wish.Told(id, why)));
    }
}
