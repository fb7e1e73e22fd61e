package org.waxbell.app.store;

import com.fasterxml.jackson.annotation.JsonFormat;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.JournalMapper.CountRow;
import org.waxbell.app.store.JournalMapper.DecisionRow;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;

/**
 * What was decided, as it is kept. Most of an evening is lines that no cue looked at: of those only what the other columns of the row do not
 * tell is written as JSON, so that an evening of many lines stays small.
 */
@Component
public class Journal {
    private static final String BEHIND_NAME = ": ";
    private final JournalMapper mapper;
    private final Documents json;

    Journal(JournalMapper mapper, Documents json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** What the row of a quiet line tells beside its writer's identity and its text. @param standings comma-separated */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    record Quiet(String from, String name, String standings, int months) {}

    /** The newest before a number, newest first. */
    public List<Decision> before(long number, int most) {
        return all(mapper.before(number, most));
    }

    /** From one number on, up to another, in order. */
    public List<Decision> between(long from, long to, int most) {
        return all(mapper.between(from, to, most));
    }

    /** Those between two numbers in which words stand, the newest first. */
    public List<Decision> having(long from, long before, String words, int most) {
        return all(mapper.having(from, before, words, most));
    }

    /** The newest whose JSON holds a text, which is never one of a quiet line; newest first. */
    public List<Decision> holding(String text, int most) {
        return all(mapper.holding(text, most));
    }

    /** The same among so many of the newest alone, for whoever asks often. */
    public List<Decision> holdingLately(String text, int among, int most) {
        return all(mapper.holdingLately(text, among, most));
    }

    /** The newest of events of a kind, newest first. */
    public List<Decision> ofKind(String kind, int most) {
        return all(mapper.ofKind(kind, most));
    }

    private List<Decision> all(List<DecisionRow> rows) {
        return rows.stream().map(this::read).toList();
    }

    /** The number of the newest, 0 where there is none. */
    long newest() {
        return mapper.newest();
    }

    /** How often cues rang and were held on a day. */
    public List<CountRow> counts(String day) {
        return mapper.counts(day);
    }

    /** Keeps one, and counts its cues. @param day on which it was */
    void add(Decision decision, String day) {
        mapper.add(row(decision));
        for (CueAnswer answer : decision.cues()) {
            mapper.count(day, answer.cueId(), answer.held() ? 0 : 1, answer.held() ? 1 : 0);
        }
    }

    /** The row of one. */
    DecisionRow row(Decision decision) {
        boolean quiet = decision.cues().isEmpty() && decision.note().isEmpty();
        Object told = quiet && decision.event() instanceof ChatLine line ? quiet(line) : decision;
        return new DecisionRow(
                decision.number(),
                decision.at(),
                decision.event().kind(),
                decision.event().by().map(Viewer::id).orElse(null),
                decision.event().sentence(),
                told == decision ? decision.sentence() : "",
                json.write(told));
    }

    private static Quiet quiet(ChatLine line) {
        return new Quiet(
                line.from(),
                line.viewer().name(),
                standings(line.viewer()),
                line.viewer().months());
    }

    /** What somebody is to the channel, as columns hold it. */
    static String standings(Viewer viewer) {
        return viewer.standings().stream().map(Standing::name).collect(Collectors.joining(","));
    }

    /** The event that a step of a recording stands for; empty where the step tells all by itself. */
    public Optional<Decision> recorded(RecordingMapper.StepRow row) {
        return row.number() == 0
                ? Optional.empty()
                : Optional.of(read(new DecisionRow(
                        row.number(), row.at(), row.kind(), row.viewer(), row.event(), "", row.decided())));
    }

    /** What a row tells. */
    Decision read(DecisionRow row) {
        if (!row.json().startsWith("[")) {
            return json.read(row.json(), Decision.class);
        }
        Quiet quiet = json.read(row.json(), Quiet.class);
        Set<Standing> standings = EnumSet.noneOf(Standing.class);
        Arrays.stream(quiet.standings().split(",")).map(Standing::valueOf).forEach(standings::add);
        String id = row.viewer() == null ? "" : row.viewer();
        int text = Math.min(row.event().length(), quiet.name().length() + BEHIND_NAME.length());
        ChatLine line = new ChatLine(
                quiet.from(),
                new Viewer(id, quiet.name(), standings, quiet.months()),
                row.event().substring(text));
        return new Decision(row.number(), row.at(), line, List.of(), "");
    }
}
