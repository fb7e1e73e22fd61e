package org.waxbell.app.script;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.json.JsonMapper;

/** The program beside ours that runs scripts: it reads a call a line and tells what came of it, one after another, until nobody speaks to it any more. */
public final class ScriptChild {
    private ScriptChild() {}

    /** Serves until its input ends. */
    public static void serve() throws IOException {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        System.setOut(System.err);
        JsonMapper json = new JsonMapper();
        Sandbox sandbox = new Sandbox();
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            out.println(json.writeValueAsString(sandbox.call(json.readValue(line, ScriptCall.class))));
            out.flush();
        }
    }
}
