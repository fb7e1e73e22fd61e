package org.waxbell.tasks;

import java.util.List;
import java.util.stream.Stream;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;

/** What the form of a desk of task lists asks. */
final class TasksFields {
    private static final long DAY = 24L * 60 * 60_000;
    private static final String SEALS = "Seals beside names";

    private TasksFields() {}

    static Field[] all() {
        return Stream.of(lists(), seals(), TasksAnswers.fields())
                .flatMap(List::stream)
                .toArray(Field[]::new);
    }

    private static List<Field> lists() {
        return List.of(
                Field.text("name", "Name", 40).called("The name").needed(),
                Field.of(Field.Type.OTHER, "lists", "Lists"),
                Field.choice(
                                "tick",
                                "Ticked off by",
                                new Choice("own", "whoever wrote it"),
                                new Choice("anyone", "anyone who may write"))
                        .wide(3),
                Field.choice(
                                "whenDone",
                                "What is done",
                                new Choice("stay", "stays where it is, struck"),
                                new Choice("last", "goes last"),
                                new Choice("sealed", "is sealed and goes last"),
                                new Choice("gone", "leaves the stage"))
                        .wide(3),
                Field.number("each", "Each viewer at most, 0 for any", 0, 1_000)
                        .called("How many each viewer has at most")
                        .wide(2),
                Field.number("most", "All viewers at most", 1, 2_000)
                        .called("How many viewers have at most")
                        .wide(2),
                Field.number("longest", "Characters of one", 10, 200)
                        .called("How long a task may be")
                        .wide(2));
    }

    private static List<Field> seals() {
        return List.of(
                Field.many("seals", "Seals that viewers may have")
                        .most(Seals.NAMES.size())
                        .matching(
                                String.join("|", Seals.NAMES),
                                "There is no seal of that name.",
                                "Choose of " + String.join(", ", Seals.NAMES) + ".")
                        .hint("There are " + String.join(", ", Seals.NAMES) + ". Any colour may be had beside.")
                        .under(SEALS),
                Field.span("sealMs", "It stands there for", 10_000, DAY)
                        .called("How long a seal stands there")
                        .under(SEALS)
                        .wide(2),
                Field.number("sealPrice", "It costs, 0 for nothing", 0, 1_000_000)
                        .called("The price of a seal")
                        .in("points")
                        .under(SEALS)
                        .wide(2),
                Field.colour("behind", "Colours stand out from")
                        .called("What colours stand out from")
                        .under(SEALS)
                        .wide(2));
    }
}
