package org.waxbell.gate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Lets through who has at least one of these standings, or is named; never who is denied.
 *
 * @param leastMonths months that a member must have for {@link Standing#MEMBER} to count, 0 for any
 * @param allow       names that are let through whatever their standing; capitals make no difference
 * @param circles     ids of circles whose people are let through whatever their standing
 * @param deny        names that are held whatever their standing; it counts before {@code allow}
 */
public record WhoGate(
        Set<Standing> standings, int leastMonths, List<String> allow, List<String> deny, List<String> circles)
        implements Gate {
    private static final int MOST_NAMES = 500;
    private static final int MOST_MONTHS = 1_200;
    /** Lets everyone through. */
    public static final WhoGate ANYONE = new WhoGate(Set.of(Standing.ANYONE), 0, List.of(), List.of(), List.of());

    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(WhoGate.class, "who", "certain people", "Who may")
            .also("permission moderator member follower circle")
            .saying("not allowed")
            .with(
                    Field.of(Field.Type.OTHER, "standings", "May ring it"),
                    Field.number("leastMonths", "Members of at least", 0, MOST_MONTHS)
                            .called("The least months")
                            .in("months"),
                    Field.many("allow", "And by name"),
                    Field.many("deny", "But never"),
                    Field.of(Field.Type.OTHER, "circles", "Circles"))
            .making(on -> ANYONE);

    public WhoGate {
        EnumSet<Standing> ordered = EnumSet.noneOf(Standing.class);
        ordered.addAll(standings);
        standings = Collections.unmodifiableSet(ordered);
        allow = List.copyOf(allow);
        deny = List.copyOf(deny);
        circles = List.copyOf(circles);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        String but = deny.isEmpty() ? "" : " but " + Said.either(deny);
        if (standings.contains(Standing.ANYONE)) {
            return Said.of(Standing.ANYONE.plural() + but);
        }
        List<String> all = new ArrayList<>();
        standings.forEach(each -> all.add(plural(each)));
        all.addAll(allow);
        circles.forEach(each -> all.add("the circle " + names.circle(each)));
        return Said.of((all.isEmpty() ? "nobody" : Said.either(all)) + but);
    }

    @Override
    public int order() {
        return 10;
    }

    @Override
    public boolean standing() {
        return true;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        Viewer viewer = query.viewer().orElse(null);
        if (viewer == null) {
            return GateAnswer.pass("who", "nobody in particular");
        }
        if (names(deny, viewer)) {
            return GateAnswer.held("who", viewer.name() + " is on its list of the denied", Map.of());
        }
        if (names(allow, viewer)
                || circles.stream().anyMatch(circle -> query.facts().inCircle(circle, viewer))
                || viewer.standings().stream().anyMatch(standing -> counts(standing, viewer))) {
            return GateAnswer.pass("who", "may");
        }
        return GateAnswer.held("who", "only for " + named(query.facts()), Map.of("months", (long) viewer.months()));
    }

    /** Whether it lets through whoever writes. */
    public boolean openToAll() {
        return standings.contains(Standing.ANYONE) || standings.contains(Standing.FOLLOWER);
    }

    private boolean counts(Standing standing, Viewer viewer) {
        return standings.contains(standing) && (standing != Standing.MEMBER || viewer.months() >= leastMonths);
    }

    private static boolean names(List<String> names, Viewer viewer) {
        String name = viewer.name().toLowerCase(Locale.ROOT);
        return names.stream().anyMatch(each -> each.toLowerCase(Locale.ROOT).equals(name));
    }

    private String named(Surroundings facts) {
        List<String> names = new ArrayList<>();
        standings.forEach(each -> names.add(plural(each)));
        if (!allow.isEmpty()) {
            names.add(allow.size() == 1 ? allow.get(0) : allow.size() + " named viewers");
        }
        if (!circles.isEmpty()) {
            names.add(
                    circles.size() == 1
                            ? "the circle " + facts.circleName(circles.get(0))
                            : circles.size() + " circles");
        }
        return names.isEmpty() ? "nobody" : Said.either(names);
    }

    private String plural(Standing standing) {
        return standing.plural(leastMonths);
    }

    @Override
    public void check(Problems problems, Scope scope) {
        if (standings.isEmpty() && allow.isEmpty() && circles.isEmpty()) {
            problems.at("standings")
                    .add(
                            "[]",
                            "Nobody may ring this cue.",
                            "Choose at least one standing, such as anyone, or name somebody.");
        }
        KIND.check(this, problems);
        names(problems.at("allow"), allow);
        names(problems.at("deny"), deny);
    }

    private static void names(Problems problems, List<String> names) {
        if (names.size() > MOST_NAMES) {
            problems.add(names.size() + " names", "The list is too long.", "Keep it to " + MOST_NAMES + ".");
        }
        names.stream()
                .filter(String::isBlank)
                .forEach(name -> problems.add(name, "A name on the list is empty.", "Take it away."));
    }
}
