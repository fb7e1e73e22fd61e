package org.waxbell.score;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.directive.Directive;
import org.waxbell.directive.UseComputer;
import org.waxbell.keys.Verb;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Starts a program of this computer and is over when its window is there, or ends one.
 *
 * @param program by the name under which its owner listed it
 * @param does    {@value #START} or {@value #END}
 * @param limitMs how long that is tried, in milliseconds
 */
public record ProgramPart(String id, Anchor start, String program, String does, long limitMs, Manner manner)
        implements Part {
    private static final String START = "start";
    private static final String END = "end";

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(
                    ProgramPart.class, "program", "Start or end a program", "Program")
            .also("application run launch close computer window")
            .with(
                    Field.choice(
                            "does",
                            "It is",
                            new Choice(START, "started, until its window is there"),
                            new Choice(END, "asked to end, and ended")),
                    Field.choice("program", "Program", From.PROGRAMS)
                            .hint("One that stands in this-computer.json of the data folder."),
                    Field.span("limitMs", "Within", 500, 120_000).called("How long that may take"))
            .making(on -> new ProgramPart(on.id(), Anchor.START, on.first(From.PROGRAMS), START, 10_000, Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.KEYS;
    }

    @Override
    public boolean chosen() {
        return !program.isEmpty();
    }

    @Override
    public String danger() {
        return chosen() ? does + " the program " + program : "";
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(limitMs + TypePart.GRACE_MS, Media.NONE);
    }

    @Override
    public @Nullable Directive direct(Telling telling) {
        return !chosen()
                ? null
                : new UseComputer(
                        telling.partRun(),
                        telling.meantFor(),
                        does.equals(START) ? Verb.START : Verb.END,
                        List.of(program),
                        limitMs);
    }

    @Override
    public String label(Telling telling, Naming names) {
        return !chosen() ? "not chosen yet" : does + "s " + program;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
    }
}
