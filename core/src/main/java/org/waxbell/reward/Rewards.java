package org.waxbell.reward;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/**
 * Rewards, as the host wrote them.
 *
 * @param rewards what may be redeemed, in order
 * @param answers what viewers are told
 */
public record Rewards(int formatVersion, String id, String name, List<Reward> rewards, RewardAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 2;
    /** The desk that runs them, by name. */
    public static final String DESK = "rewards";

    /** What a viewer asks for who redeems one. */
    public static final String REDEEM = "redeem";

    static final String LIST = "list";
    static final String ACCEPT = "accept";
    static final String BACK = "back";
    /** Its title, and what it asks for. */
    public static final String WHAT = "what";

    static final String NUMBER = "number";
    private static final int MOST = 50;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Rewards.class, "rewards", "Rewards", "Rewards")
            .also("redeem channel points shop store perk")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.of(Field.Type.OTHER, "rewards", "Rewards"))
            .and(RewardAnswers.fields().toArray(Field[]::new))
            .making(on -> new Rewards(
                    FORMAT,
                    on.id(),
                    on.name("Rewards"),
                    List.of(
                            new Reward("Name a taper", 100, "Its name?", "#c8841a", "", 0, 1, 0, List.of(), true),
                            new Reward("Ring the bell", 25, "", "#2f7d6b", "", 0, 0, 60_000, List.of(), false)),
                    RewardAnswers.USUAL));

    private static final List<Act> ACTS = List.of(
            Act.of(
                    REDEEM,
                    "Redeem one",
                    List.of(ActField.text(WHAT, "Its title, and what it asks for", 500)),
                    "redeemed",
                    "waits"),
            Act.of(LIST, "Say what there is", List.of(), "said"),
            Act.of(
                    ACCEPT,
                    "Accept one",
                    List.of(ActField.number(NUMBER, "Its number", 1, Integer.MAX_VALUE, 1)),
                    "accepted"),
            Act.of(
                    BACK,
                    "Give one back",
                    List.of(ActField.number(NUMBER, "Its number", 1, Integer.MAX_VALUE, 1)),
                    "back"));

    public Rewards {
        rewards = List.copyOf(rewards);
    }

    /** The reward that is meant by a line that begins with its title; of several the one with the longest title. */
    Optional<Reward> meant(String line) {
        String key = WordKey.of(line);
        return rewards.stream()
                .filter(each -> {
                    String title = WordKey.of(each.title());
                    return key.equals(title) || key.startsWith(title + " ");
                })
                .max(Comparator.comparingInt(each -> each.title().length()));
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<Act> acts() {
        return ACTS;
    }

    @Override
    public Map<String, Boolean> values() {
        return Map.of(value("Last"), false, value("Waiting"), true);
    }

    @Override
    public Map<String, String> words() {
        return RewardAnswers.WORDS.values();
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "reward");
        KIND.check(this, problems);
        if (rewards.size() > MOST) {
            problems.at("rewards").add(rewards.size(), "These are too many rewards.", "Keep " + MOST + ".");
        }
        Set<String> titles = new HashSet<>();
        for (int i = 0; i < rewards.size(); i++) {
            Problems here = problems.at("rewards", i);
            rewards.get(i).check(here);
            if (!titles.add(WordKey.of(rewards.get(i).title()))) {
                here.at("title").add(rewards.get(i).title(), "Another reward has this title.", "Give each its own.");
            }
        }
        RewardAnswers.WORDS.check(KIND, this, problems);
    }

    @Override
    public List<Piece> sentence(Naming names) {
        return new Pieces()
                .words(name + ": viewers redeem")
                .chip(
                        "rewards",
                        rewards.isEmpty()
                                ? "nothing yet"
                                : Said.listed(rewards.stream()
                                        .map(each -> each.title() + " for " + names.points(each.price()))
                                        .toList()))
                .words(".")
                .all();
    }
}
