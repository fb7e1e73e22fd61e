package org.waxbell.app.wiring;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.config.Options;
import org.waxbell.app.json.Documents;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentRow;
import org.waxbell.app.store.EveningMapper;
import org.waxbell.app.store.FirstSetting;
import org.waxbell.app.store.HelperName;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.databind.JsonNode;

/** Fills an empty data folder: with the demo evening, or with one rack and one stage to begin with. */
@Component
class FirstFill {
    /** What the one viewer stands as in whose name we answer. */
    private static final String HELPER = "HELPER";

    private final Options options;
    private final DocumentMapper documents;
    private final PersonMapper people;
    private final MediaFiles media;
    private final EveningMapper desks;
    private final Documents json;
    private final SettingMapper settings;
    private final TransactionTemplate transaction;

    FirstFill(
            Options options,
            DocumentMapper documents,
            PersonMapper people,
            MediaFiles media,
            EveningMapper desks,
            Documents json,
            SettingMapper settings,
            PlatformTransactionManager manager) {
        this.options = options;
        this.documents = documents;
        this.people = people;
        this.media = media;
        this.desks = desks;
        this.json = json;
        this.settings = settings;
        this.transaction = new TransactionTemplate(manager);
    }

    /** @param months months of membership @param standings such as {@code MEMBER} */
    record PracticeViewer(String name, String standings, int months) {}

    /** Something that a desk keeps. @param kind of the book @param id its key @param kept as the book keeps it */
    record DeskFact(String kind, String id, JsonNode kept) {}

    /** Does nothing where there are documents already but to measure sounds that were brought before they were measured. */
    void fill() {
        if (documents.all().isEmpty()) {
            transaction.executeWithoutResult(status -> lay(options.demo() ? "demo" : "empty"));
        } else {
            media.measureOlder();
        }
    }

    private void lay(String from) {
        if (options.demo()) {
            media("Pouring", "demo/media/Pouring/*.wav");
            media("Bench", "demo/media/Bench/*.wav");
            media("Pictures", "demo/media/Pictures/*.svg");
            media("Videos", "demo/media/Videos/*.webm");
            media("Figures", "demo/media/Figures/*.json");
            for (DeskFact fact : json.read(text("demo/desks.json"), DeskFact[].class)) {
                desks.putFact(fact.kind(), fact.id(), fact.kept().toString());
            }
        }
        if (!options.demo()) {
            settings.put(FirstSetting.NAME, FirstSetting.BEGUN);
        }
        // The practice channel has its viewers in every installation, so that a cue can be tried as anybody.
        for (PracticeViewer viewer : json.read(text("demo/viewers.json"), PracticeViewer[].class)) {
            if (viewer.standings().equals(HELPER)) {
                settings.put(HelperName.SETTING, viewer.name());
                continue;
            }
            people.know("practice:" + viewer.name(), viewer.name(), viewer.standings(), viewer.months());
        }
        WiringDocument wiring = json.read(text(from + "/wiring.json"), WiringDocument.class);
        int position = 0;
        put(DocumentKind.HOUSE, "house", ++position, wiring.house());
        for (Rack rack : wiring.racks()) {
            put(DocumentKind.RACK, rack.id(), ++position, rack);
        }
        for (Stage stage : wiring.stages()) {
            put(DocumentKind.STAGE, stage.id(), ++position, stage);
        }
        for (DeskSheet desk : wiring.desks()) {
            put(DocumentKind.DESK, desk.id(), ++position, desk);
        }
        for (Cue cue : wiring.cues()) {
            put(DocumentKind.CUE, cue.id(), ++position, cue);
        }
    }

    private void put(DocumentKind kind, String id, int position, Object value) {
        documents.put(new DocumentRow(kind.stored(), id, 1, position, json.write(value)));
    }

    private void media(String folder, String pattern) {
        try {
            Resource[] found = new PathMatchingResourcePatternResolver().getResources("classpath:" + pattern);
            Arrays.sort(found, (one, other) -> name(one).compareTo(name(other)));
            for (Resource resource : found) {
                media.add(folder, name(resource), resource.getContentAsByteArray());
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static String name(Resource resource) {
        return Objects.requireNonNull(resource.getFilename());
    }

    private static String text(String name) {
        try (InputStream in = FirstFill.class.getResourceAsStream("/" + name)) {
            return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
