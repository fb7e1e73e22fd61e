package org.waxbell.gate;

import java.util.Map;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.event.Viewer;

/** An evening for tests of single gates. */
record NoFacts(boolean onAir, String scene, long canSpend, boolean kept) implements Surroundings {
    static final NoFacts PLAIN = new NoFacts(false, "", 0, true);

    @Override
    public Catalogue catalogue() {
        return Catalogue.NONE;
    }

    @Override
    public String home() {
        return "";
    }

    @Override
    public boolean showOpen() {
        return true;
    }

    @Override
    public boolean rackOn(String rack, boolean wired) {
        return wired;
    }

    @Override
    public boolean inCircle(String circle, Viewer viewer) {
        return circle.equals("dippers") && viewer.name().equals("wickerby");
    }

    @Override
    public String circleName(String circle) {
        return circle.equals("dippers") ? "Dippers" : circle;
    }

    @Override
    public boolean knows(String name) {
        return name.equals("wickerby");
    }

    @Override
    public long canSpend(String person) {
        return canSpend;
    }

    @Override
    public String points(long count) {
        return count + " drips";
    }

    @Override
    public Map<String, Object> slate(String person) {
        return Map.of("pours", 12L);
    }

    @Override
    public Map<String, Object> desks(String person) {
        return Map.of();
    }
}
