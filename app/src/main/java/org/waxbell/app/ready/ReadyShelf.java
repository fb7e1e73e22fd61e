package org.waxbell.app.ready;

import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.pack.ComingFiles;
import org.waxbell.app.pack.MadePack;
import org.waxbell.app.pack.PackLook;
import org.waxbell.app.pack.Packs;
import org.waxbell.pack.Choices;
import org.waxbell.ready.Question;
import org.waxbell.wiring.WiringDocument;

/** The shelf of ready-made pieces: what there is, and each as a pack that comes. */
@Component
public class ReadyShelf {
    private static final String VERSION = "1";
    private final ReadyFiles files;
    private final Packs packs;
    private final ComingFiles coming;
    private final Documents json;

    ReadyShelf(ReadyFiles files, Packs packs, ComingFiles coming, Documents json) {
        this.files = files;
        this.packs = packs;
        this.coming = coming;
        this.json = json;
    }

    /** A piece on the shelf. @param here whether it was brought in and not taken out again @param tries whether it can be tried once it is here */
    public record ReadyPiece(
            String id,
            String name,
            String group,
            String says,
            String fits,
            List<Question> questions,
            boolean here,
            boolean tries) {}

    /** What it is to be brought in with. @param stage on which it is seen, empty text for the first @param answers by the keys of its questions; the usual ones where they are missing */
    public record ReadyAsked(String stage, Map<String, String> answers) {
        public ReadyAsked {
            answers = Map.copyOf(answers);
        }
    }

    /** All of them. */
    public List<ReadyPiece> all() {
        List<String> here = packs.all().stream().map(Packs.PackHere::name).toList();
        return files.all().stream()
                .map(each -> new ReadyPiece(
                        each.id(),
                        each.name(),
                        each.group(),
                        each.says(),
                        each.fits(),
                        each.questions(),
                        here.contains(each.name()),
                        !each.tries().isEmpty()))
                .toList();
    }

    /** The ids of those of its cues that ring when it is tried, in order; throws {@link Refused} where one is not here any more. */
    public List<String> tries(String id) {
        ReadyFile file = files.file(id);
        List<String> here = packs.all().stream()
                .filter(each -> each.name().equals(file.name()))
                .flatMap(each -> each.cues().stream())
                .toList();
        return file.tries().stream()
                .map(pattern -> here.stream()
                        .filter(each -> each.matches(pattern))
                        .findFirst()
                        .orElseThrow(() -> new Refused(
                                "id",
                                id,
                                "What would be tried of it is not here.",
                                "Bring the piece in, then try it.")))
                .toList();
    }

    /** The piece as a pack that comes, and what bringing it would do. */
    public PackLook come(String id, ReadyAsked asked) {
        ReadyFile file = files.file(id);
        WiringDocument document = files.document(file, asked.stage(), files.answers(file, asked));
        byte[] pack = MadePack.of(file.name(), VERSION, file.says(), document, json, ReadyFiles::content);
        return packs.look(coming.keep(new ByteArrayInputStream(pack)), Choices.NONE);
    }
}
