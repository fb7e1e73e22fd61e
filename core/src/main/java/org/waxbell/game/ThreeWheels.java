package org.waxbell.game;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.desk.Lots;

/** Three wheels with ten faces each: one candle, two bells, three combs and four drops. */
record ThreeWheels() implements Rules {
    private static final int WHEELS = 3;
    private static final List<String> FACES =
            List.of("candle", "bell", "bell", "comb", "comb", "comb", "drop", "drop", "drop", "drop");
    /** What three alike pay, the rarest first. */
    private static final Map<String, Integer> THREE = new LinkedHashMap<>();

    private static final int TWO_DROPS = 1;
    private static final String NOTHING = "nothing alike that pays";

    static {
        THREE.put("candle", 50);
        THREE.put("bell", 20);
        THREE.put("comb", 8);
        THREE.put("drop", 4);
    }

    /** What faces that came pay, and under which of the odds that falls. */
    private static Map.Entry<String, Integer> worth(List<String> came) {
        String first = came.get(0);
        if (came.stream().allMatch(first::equals)) {
            return Map.entry("three times " + first, THREE.getOrDefault(first, 0));
        }
        return came.stream().filter("drop"::equals).count() == 2
                ? Map.entry("two drops", TWO_DROPS)
                : Map.entry(NOTHING, 0);
    }

    @Override
    public List<Odd> odds() {
        Map<String, Integer> times = new LinkedHashMap<>();
        Map<String, Integer> pays = new LinkedHashMap<>();
        THREE.forEach((face, worth) -> times.put("three times " + face, 0));
        int all = FACES.size() * FACES.size() * FACES.size();
        for (int i = 0; i < all; i++) {
            Map.Entry<String, Integer> worth = worth(List.of(
                    FACES.get(i % FACES.size()),
                    FACES.get(i / FACES.size() % FACES.size()),
                    FACES.get(i / FACES.size() / FACES.size())));
            times.merge(worth.getKey(), 1, Integer::sum);
            pays.put(worth.getKey(), worth.getValue());
        }
        List<Odd> odds = new ArrayList<>();
        times.forEach((what, count) -> odds.add(new Odd(what, count / (double) all, pays.getOrDefault(what, 0))));
        odds.sort(Comparator.comparingDouble(Odd::pays).reversed());
        return odds;
    }

    @Override
    public Played play(Lots lots, String guess) {
        List<String> came = new ArrayList<>();
        for (int wheel = 0; wheel < WHEELS; wheel++) {
            came.add(FACES.get(lots.below("wheel" + wheel, FACES.size())));
        }
        return new Played(String.join(", ", came), worth(came).getValue());
    }
}
