package org.waxbell.engine;

import java.util.Map;
import java.util.function.Function;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;

/** The evening as gates and desks may see it, put together from those who know each of it. */
record Known(
        Wired wired,
        People people,
        Ranks ranks,
        Shows shows,
        SlateKeeper slate,
        Points points,
        Switchboard switches,
        Function<String, Map<String, Object>> deskValues)
        implements Surroundings {
    private static final Target PROGRAMME = new Target(Target.Kind.SCENE, "");

    @Override
    public Catalogue catalogue() {
        return wired.book().catalogue();
    }

    @Override
    public String home() {
        return wired.house().home();
    }

    @Override
    public boolean showOpen() {
        return shows.evening().open();
    }

    @Override
    public boolean onAir() {
        return shows.evening().onAir();
    }

    @Override
    public String scene() {
        return switches.shown(PROGRAMME);
    }

    @Override
    public boolean rackOn(String rack, boolean wiredOn) {
        String shown = switches.shown(new Target(Target.Kind.RACK, rack));
        return shown.isEmpty() ? wiredOn : shown.equals("on");
    }

    @Override
    public boolean inCircle(String circle, Viewer viewer) {
        return people.inCircle(circle, viewer) || ranks.inCircle(circle, viewer);
    }

    @Override
    public String circleName(String circle) {
        return people.circleName(circle);
    }

    @Override
    public boolean knows(String name) {
        return people.knows(name);
    }

    @Override
    public long canSpend(String person) {
        return points.canSpend(person);
    }

    @Override
    public boolean kept() {
        return points.kept();
    }

    @Override
    public String points(long count) {
        return wired.house().points(count);
    }

    @Override
    public Map<String, Object> slate(String person) {
        return slate.seenBy(person);
    }

    @Override
    public Map<String, Object> desks(String person) {
        return deskValues.apply(person);
    }
}
