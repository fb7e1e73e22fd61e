package org.waxbell.cue;

import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/**
 * Sets the cue off by the first line tonight. It is spent by the first ring of the cue, so that who writes while the cue is
 * held is greeted later; whom the cue is not for had their first line all the same.
 *
 * @param whose         whose line it is
 * @param name          the viewer, where one is named; else empty text
 * @param spentWhenHeld whether it is spent also by a line for which the cue was held
 */
public record FirstLinePull(Whose whose, String name, boolean spentWhenHeld) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    FirstLinePull.class, "firstLine", "a first line tonight", "First line")
            .also("greeting welcome entrance")
            .with(
                    Field.choice(
                            "whose",
                            "Whose",
                            new Choice("each", "everyone’s own"),
                            new Choice("named", "one viewer’s"),
                            new Choice("firstOfAll", "the very first of the show")),
                    Field.text("name", "The viewer", 40)
                            .called("The name")
                            .needed()
                            .from(From.VIEWERS)
                            .when("whose", "named"),
                    Field.flag("spentWhenHeld", "counts as used even when a gate held it"))
            .making(on -> new FirstLinePull(Whose.EACH, "", false));

    /** Whose first line. */
    public enum Whose {
        /** Each viewer's own. */
        EACH,
        /** The one of the viewer who is named. */
        NAMED,
        /** The very first of the evening, whoever writes it. */
        FIRST_OF_ALL
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of(
                switch (whose) {
                    case NAMED -> name + " writes the first line tonight";
                    case EACH -> "someone writes their first line tonight";
                    case FIRST_OF_ALL -> "the very first line of the show is written";
                });
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return on.line("good evening");
    }

    @Override
    public Set<String> fields() {
        return Written.FIELDS;
    }

    @Override
    public long exactness() {
        return whose == Whose.NAMED
                ? Exactness.NAMED
                : whose == Whose.FIRST_OF_ALL ? Exactness.FIRST_LINE + 1 : Exactness.FIRST_LINE;
    }

    @Override
    public void enter(PullIndex index) {
        index.byFirstLine(this);
    }

    /** Whether this viewer's line may be meant. */
    public boolean concerns(Viewer viewer) {
        return whose != Whose.NAMED || WordKey.of(viewer.name()).equals(WordKey.of(name));
    }

    /** Under which identity it is spent: the viewer's own, or one for all. */
    public String spentBy(Viewer viewer) {
        return whose == Whose.FIRST_OF_ALL ? "*" : viewer.id();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
        if (whose != Whose.NAMED && !name.isEmpty()) {
            problems.at("name")
                    .add(
                            name,
                            "A name is only looked at where one viewer is meant.",
                            "Take it away, or choose the named viewer.");
        }
    }
}
