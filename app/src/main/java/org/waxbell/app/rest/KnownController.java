package org.waxbell.app.rest;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.computer.ComputerDesk;
import org.waxbell.app.json.Documents;
import org.waxbell.app.practice.PracticeRewards;
import org.waxbell.app.speech.Speeches;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.journal.Decision;
import org.waxbell.kind.Choice;

/** What is known of the channel, so that names need not be typed. */
@RestController
@RequestMapping("/api/known")
class KnownController {
    private static final int MOST_NAMES = 500;
    private static final int GIFTS_READ = 200;
    private final PersonMapper people;
    private final PracticeRewards rewards;
    private final Journal journal;
    private final Documents json;
    private final Speeches speeches;
    private final ComputerDesk computer;

    KnownController(
            PersonMapper people,
            PracticeRewards rewards,
            Journal journal,
            Documents json,
            Speeches speeches,
            ComputerDesk computer) {
        this.computer = computer;
        this.speeches = speeches;
        this.people = people;
        this.rewards = rewards;
        this.journal = journal;
        this.json = json;
    }

    /** Names that may be chosen, each list in the order of the alphabet; keys and programs as this computer's owner lists them. */
    record KnownNames(
            List<String> viewers,
            List<String> rewards,
            List<String> gifts,
            List<Choice> voices,
            List<String> keys,
            List<String> programs) {}

    @GetMapping
    KnownNames known() {
        Stream<String> gifts = journal.ofKind(Facts.GIFT.name(), GIFTS_READ).stream()
                .map(Decision::event)
                .filter(Fact.class::isInstance)
                .map(event -> ((Fact) event).text("item"));
        return new KnownNames(
                sorted(people.lately(MOST_NAMES).stream()),
                sorted(rewards.all().stream().map(PracticeRewards.ChannelReward::title)),
                sorted(Stream.concat(Stream.of(Facts.GIFT.sample().text("item")), gifts)),
                speeches.voices().stream()
                        .map(each -> new Choice(each.id(), each.name() + ", " + each.by()))
                        .toList(),
                computer.keys(),
                computer.programs());
    }

    private static List<String> sorted(Stream<String> names) {
        return names.filter(each -> !each.isBlank())
                .distinct()
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .toList();
    }
}
