package org.waxbell.app.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.link.FixedLink;
import org.waxbell.app.link.ProofDesk;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.store.ChatMapper;
import org.waxbell.app.store.ChatMapper.ChatRow;
import org.waxbell.app.store.HelperName;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.check.Problems;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ChatText;
import org.waxbell.event.EventFields;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.journal.Decision;
import org.waxbell.port.ChatOut;

/** A channel of our own in which everything can be tried: its chat is kept here and nothing leaves this machine. */
@Component
public class PracticeChannel implements ChatOut, OutcomeWatcher, FixedLink.Source, Served {
    /** The name of its link. */
    public static final String LINK = "practice";

    private static final int LINES_SHOWN = 100;
    private static final long MOST = 1_000_000_000;
    private final Inbox loop;
    private final PersonMapper people;
    private final ChatMapper chat;
    private final Topic topic;
    private final ProofDesk proofs;
    private final FixedLink self;
    private final HelperName helper;

    PracticeChannel(
            Inbox loop,
            PersonMapper people,
            ChatMapper chat,
            Outboxes outboxes,
            Documents json,
            ProofDesk proofs,
            SystemClock clock,
            HelperName helper) {
        this.helper = helper;
        this.proofs = proofs;
        this.self = new PracticeLink(loop, clock, helper);
        this.loop = loop;
        this.people = people;
        this.chat = chat;
        this.topic = new Topic(outboxes, json, () -> new ChatStanding(lines()));
    }

    /** A line as viewers see it. @param standing nearest standing of the writer @param helper whether it is an answer of ours @param to whom alone it is for, empty text for everyone */
    public record ChatNotice(long at, String name, Standing standing, String text, boolean helper, String to) {}

    /** The chat as it stands. */
    public record ChatStanding(List<ChatNotice> lines) {}

    /** Everyone who is known on it, as the page offers them. */
    public List<Viewer> viewers() {
        return people.ofLink(LINK).stream().map(PracticeChannel::viewer).toList();
    }

    private static Viewer viewer(PersonMapper.PersonRow row) {
        Set<Standing> standings = EnumSet.noneOf(Standing.class);
        Arrays.stream(row.standings().split(",")).map(Standing::valueOf).forEach(standings::add);
        return new Viewer(row.id(), row.name(), standings, row.months());
    }

    /** Writes a line as the viewer of that name, who becomes known if new; done when it is kept and decided. */
    public CompletableFuture<Decision> write(String name, String text, boolean privately) {
        Viewer viewer = viewer(name);
        String line = ChatText.line(text);
        if (line.isEmpty()) {
            throw new Refused("text", text, "The line is empty.", "Write at least one letter.");
        }
        if (line.length() > ChatText.LONGEST_LINE) {
            throw new Refused(
                    "text",
                    line,
                    "The line is too long: " + line.length() + " characters.",
                    "Shorten it to " + ChatText.LONGEST_LINE + " at most.");
        }
        return loop.happen(privately ? new PrivateLine(LINK, viewer, line) : new ChatLine(LINK, viewer, line));
    }

    /** Lets a channel event happen, made of the sample of its kind and other fields; done when it is kept and decided. */
    public CompletableFuture<Decision> happen(
            String kind, String name, Map<String, Long> numbers, Map<String, String> texts) {
        Fact sample = Facts.kind(kind)
                .filter(FactKind::ofChannel)
                .map(FactKind::sample)
                .orElseThrow(() -> new Refused(
                        "kind",
                        kind,
                        "There is no such event.",
                        "Choose one of "
                                + Facts.ofChannel().stream().map(FactKind::name).toList() + "."));
        Problems problems = new Problems();
        numbers.forEach((field, number) -> problems.at("numbers").at(field).within(number, 0, MOST, "The number", ""));
        numbers.keySet().stream()
                .filter(field -> !sample.numbers().containsKey(field))
                .forEach(field -> unknown(problems, field));
        texts.keySet().stream()
                .filter(field -> !sample.values().containsKey(field))
                .forEach(field -> unknown(problems, field));
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        Map<String, String> clean = new TreeMap<>();
        texts.forEach((field, text) -> clean.put(field, ChatText.name(text)));
        return loop.happen(sample.with(new EventFields(LINK, viewer(name), numbers, clean)));
    }

    /** Asks a desk of ours as the viewer of that name, who is at a page of the channel; done when it is kept and decided. */
    CompletableFuture<Decision> ask(String name, String desk, String about, String act, Map<String, String> with) {
        return loop.happen(Facts.ASKED.about(
                Actor.link(LINK), Optional.of(viewer(name)), desk, about, act, with, String.join(" ", with.values())));
    }

    private static Viewer with(Viewer viewer, Standing standing) {
        Set<Standing> all = EnumSet.of(standing);
        all.addAll(viewer.standings());
        return new Viewer(viewer.id(), viewer.name(), all, viewer.months());
    }

    /** Gives a viewer other standings, who becomes known if new. @param months of membership, 0 for none */
    public Viewer know(String typed, Set<Standing> standings, int months) {
        Viewer viewer = viewer(typed);
        Problems problems = new Problems();
        problems.at("months").within(months, 0, 1_200, "The months", "");
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        Set<Standing> all = EnumSet.of(Standing.ANYONE);
        all.addAll(standings);
        if (months > 0) {
            all.add(Standing.MEMBER);
        }
        String names = all.stream().map(Standing::name).collect(Collectors.joining(","));
        int counted = all.contains(Standing.MEMBER) ? months : 0;
        people.know(viewer.id(), viewer.name(), names, counted);
        people.become(viewer.id(), names, counted);
        return viewer(typed);
    }

    private static void unknown(Problems problems, String field) {
        problems.at(field).add(field, "The event has no such field.", "Take it away.");
    }

    private Viewer viewer(String typed) {
        String name = ChatText.name(typed);
        if (name.isEmpty()) {
            throw new Refused("name", typed, "The name is empty.", "Choose a viewer, or write a name.");
        }
        if (name.equalsIgnoreCase(helper.get())) {
            throw new Refused(
                    "name", typed, "That is our own helper, which is never answered.", "Choose another name.");
        }
        String id = LINK + ":" + name.toLowerCase(Locale.ROOT);
        PersonMapper.PersonRow known = people.find(id);
        Viewer viewer = known == null ? new Viewer(id, name, Set.of(Standing.ANYONE), 0) : viewer(known);
        return proofs.isHost(id) ? with(viewer, Standing.HOST) : viewer;
    }

    @Override
    public boolean reaches(String link) {
        return link.equals(LINK);
    }

    @Override
    public List<FixedLink> links() {
        return List.of(self);
    }

    @Override
    public void say(SayInChat line) {
        tell(new ChatNotice(line.meantFor(), helper.get(), Standing.ANYONE, line.text(), true, line.to()));
    }

    @Override
    public void left(Outcome outcome) {
        for (Decision decision : outcome.decisions()) {
            if (decision.event() instanceof Fact fact
                    && fact.what().ofChannel()
                    && fact.link().orElse("").equals(LINK)) {
                tell(new ChatNotice(decision.at(), "", Standing.ANYONE, fact.sentence(), false, ""));
            }
            if (decision.event() instanceof PrivateLine line && line.from().equals(LINK)) {
                tell(new ChatNotice(
                        decision.at(),
                        line.viewer().name(),
                        line.viewer().nearest(),
                        line.text(),
                        false,
                        helper.get()));
            }
            if (decision.event() instanceof ChatLine line && line.from().equals(LINK)) {
                tell(new ChatNotice(
                        decision.at(), line.viewer().name(), line.viewer().nearest(), line.text(), false, ""));
            }
        }
    }

    private void tell(ChatNotice line) {
        topic.tell("line", line);
    }

    private List<ChatNotice> lines() {
        List<ChatNotice> lines = new ArrayList<>();
        for (ChatRow row : chat.newest(LINK, LINES_SHOWN)) {
            lines.add(new ChatNotice(
                    row.at(), row.name(), Standing.valueOf(row.standing()), row.text(), row.helper(), ""));
        }
        Collections.reverse(lines);
        return lines;
    }

    @Override
    public String address() {
        return "/ws/practice/channel";
    }

    @Override
    public WebSocketHandler socket() {
        return topic;
    }
}
