package org.waxbell.app.practice;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.event.ChatText;
import org.waxbell.journal.Decision;
import org.waxbell.reward.Rewards;
import org.waxbell.score.CardPart;

/** The rewards that viewers of the practice channel may redeem: the channel's own, for which nothing of ours is paid, and those of our desks. */
@Component
public class PracticeRewards {
    private static final String SETTING = "practice.rewards";
    private static final int MOST = 50;
    private static final List<ChannelReward> FIRST = List.of(
            new ChannelReward("Choose the dye", 200, "Which dye?"),
            new ChannelReward("Name a taper", 350, "Its name?"),
            new ChannelReward("Ring the bell", 50, ""));
    private final SettingMapper settings;
    private final Documents json;
    private final PracticeChannel channel;
    private final WiringStore wiring;

    private final MediaTokens tokens;

    PracticeRewards(
            SettingMapper settings, Documents json, PracticeChannel channel, WiringStore wiring, MediaTokens tokens) {
        this.tokens = tokens;
        this.wiring = wiring;
        this.settings = settings;
        this.json = json;
        this.channel = channel;
    }

    /** A reward. @param price what the channel asks for it @param asks what the viewer is asked to type, empty text for nothing */
    public record ChannelReward(String title, int price, String asks) {}

    /** All of them, in their order. */
    public List<ChannelReward> all() {
        String kept = settings.get(SETTING);
        return kept == null ? FIRST : List.of(json.read(kept, ChannelReward[].class));
    }

    /** Puts others in their place; throws {@link Refused}. */
    public List<ChannelReward> set(List<ChannelReward> wanted) {
        Problems problems = new Problems();
        problems.at("rewards").within(wanted.size(), 0, MOST, "The number of rewards", "");
        Set<String> titles = new HashSet<>();
        for (int i = 0; i < wanted.size(); i++) {
            Problems here = problems.at("rewards", i);
            here.at("title").text(wanted.get(i).title(), 40, "The title");
            here.at("price").within(wanted.get(i).price(), 0, 1_000_000, "The price", "");
            if (!titles.add(wanted.get(i).title())) {
                here.at("title").add(wanted.get(i).title(), "Another reward has this title.", "Give each its own.");
            }
        }
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        settings.put(SETTING, json.write(wanted));
        return wanted;
    }

    /** A reward as a viewer sees it at the channel. @param colour of its mark, empty text for the channel's own @param picture address of the picture that stands for it, empty text for none @param desk ours that has it, empty text for one of the channel's */
    public record OfferedReward(String title, int price, String asks, String colour, String picture, String desk) {}

    /** Everything that a viewer may redeem: the channel's own, and those of ours. */
    public List<OfferedReward> offered() {
        List<OfferedReward> offered = new ArrayList<>();
        all().forEach(each -> offered.add(new OfferedReward(each.title(), each.price(), each.asks(), "", "", "")));
        ours().forEach(desk -> desk.rewards()
                .forEach(each -> offered.add(new OfferedReward(
                        each.title(), each.price(), each.asks(), each.colour(), address(each.picture()), desk.id()))));
        return offered;
    }

    private String address(String picture) {
        return wiring.current()
                .shelf()
                .find(CardPart.PICTURES, picture)
                .map(media -> tokens.address(media.hash()))
                .orElse("");
    }

    private List<Rewards> ours() {
        return wiring.current().wiring().desksOf(Rewards.class);
    }

    /** A viewer redeems one. @param desk ours that has it, empty text for one of the channel's */
    public CompletableFuture<Decision> redeem(String name, String title, String input, String desk) {
        if (!desk.isEmpty()) {
            Map<String, String> with = Map.of(Rewards.WHAT, title + " " + ChatText.line(input));
            return channel.ask(name, Rewards.DESK, desk, Rewards.REDEEM, with);
        }
        ChannelReward reward = all().stream()
                .filter(each -> each.title().equals(title))
                .findFirst()
                .orElseThrow(() ->
                        new Refused("title", title, "There is no such reward.", "Choose one that is in the list."));
        if (!reward.asks().isEmpty() && input.isBlank()) {
            throw new Refused("input", "", reward.asks(), "Write something.");
        }
        return channel.happen(
                "reward",
                name,
                Map.of(),
                Map.of("rewardName", title, "rewardInput", reward.asks().isEmpty() ? "" : input));
    }
}
