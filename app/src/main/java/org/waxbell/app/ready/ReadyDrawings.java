package org.waxbell.app.ready;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.ready.ReadyShelf.ReadyAsked;
import org.waxbell.app.stage.SpokenSource;
import org.waxbell.app.stage.StageFeed.ChatSeen;
import org.waxbell.app.stage.StagePart;
import org.waxbell.draft.Names;
import org.waxbell.draft.Sentence;
import org.waxbell.event.ChatLine;
import org.waxbell.event.EventFields;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Tried;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.ready.Showing;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.databind.JsonNode;

/** Draws ready-made pieces as they will look: what the engine would tell a stage page at one moment. */
@Component
public class ReadyDrawings {
    private final ReadyFiles files;
    private final Calendars calendars;
    private final MediaTokens tokens;

    ReadyDrawings(ReadyFiles files, Calendars calendars, MediaTokens tokens) {
        this.files = files;
        this.calendars = calendars;
        this.tokens = tokens;
    }

    /**
     * How a piece will look, at one moment of what happens in it.
     *
     * @param sentences its cues
     * @param stage     on which it is drawn
     * @param plates    colours of looks, by fixture
     * @param faces     what its fixtures show, by their ids
     * @param parts     what is seen for a while; moments in milliseconds from the start, as {@code at} is
     * @param said      what it says in chat
     * @param lines     what was written there before, the oldest first
     */
    public record ReadyDrawing(
            List<String> sentences,
            Stage stage,
            Object plates,
            Object faces,
            List<StagePart> parts,
            long at,
            List<String> said,
            List<ChatSeen> lines) {}

    /** How it will look with these answers; throws {@link org.waxbell.app.json.Refused} with every answer that does not fit. */
    public ReadyDrawing of(String id, ReadyAsked asked) {
        ReadyFile file = files.file(id);
        Map<String, String> answers = files.answers(file, asked);
        WiringDocument document = files.document(file, asked.stage(), answers);
        Wiring wiring = document.on(files.shelf(file));
        Wiring stood = wiring.stages().isEmpty()
                ? Records.with(wiring, Map.of("stages", files.empty().stages()))
                : wiring;
        List<ShowEvent> events = file.shows().stream()
                .map(each -> event(file.filled(each, answers)))
                .toList();
        Showing showing = Showing.of(new CueBook(stood), events, file.drawMs(), calendars);
        Stage stage = stood.stages().get(0);
        Map<String, Object> faces = new HashMap<>();
        showing.faces().forEach((place, face) -> faces.put(place.spot(), face));
        return new ReadyDrawing(
                document.cues().stream()
                        .map(each -> Sentence.brief(each, new Names(stood)))
                        .toList(),
                stage,
                stage.plates(stood.looks()),
                faces,
                showing.parts().stream()
                        .map(each -> StagePart.of(each, tokens, SpokenSource.NONE))
                        .toList(),
                showing.at(),
                showing.said(),
                events.stream()
                        .filter(ChatLine.class::isInstance)
                        .map(ChatLine.class::cast)
                        .map(each -> new ChatSeen(showing.at(), each.viewer().name(), each.text(), false))
                        .toList());
    }

    private static ShowEvent event(JsonNode told) {
        String name = told.path("by").asString();
        Viewer viewer = new Viewer(
                "practice:" + name,
                name,
                told.path("as")
                        .valueStream()
                        .map(each -> Standing.valueOf(each.asString()))
                        .collect(Collectors.toSet()),
                told.path("months").asInt(0));
        if (told.has("says")) {
            return new ChatLine("practice", viewer, told.path("says").asString());
        }
        if (told.has("rings")) {
            String cue = told.path("rings").asString();
            return new Tried(cue, cue, true, new ChatLine("practice", viewer, ""), Actor.HOST);
        }
        Map<String, Long> numbers = new HashMap<>();
        told.path("numbers")
                .properties()
                .forEach(each -> numbers.put(each.getKey(), each.getValue().asLong()));
        Map<String, String> texts = new HashMap<>();
        told.path("texts")
                .properties()
                .forEach(each -> texts.put(each.getKey(), each.getValue().asString()));
        return Facts.kind(told.path("event").asString())
                .orElseThrow()
                .sample()
                .with(new EventFields("practice", viewer, numbers, texts));
    }
}
