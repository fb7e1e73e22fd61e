package org.waxbell.app.pack;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;
import org.waxbell.app.json.Documents;
import org.waxbell.app.pack.Manifest.Packed;
import org.waxbell.wiring.WiringDocument;

/** A pack of a document that is not of this wiring. */
public final class MadePack {
    private MadePack() {}

    /** The bytes of its file. @param contents what lies where, as {@code Bench/bell.wav} */
    public static byte[] of(
            String name,
            String version,
            String says,
            WiringDocument document,
            Documents json,
            Function<String, byte[]> contents) {
        List<Packed> files = document.media().stream()
                .map(each -> Packed.of(each, each.hash()))
                .toList();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PackFile.write(
                    out,
                    new Manifest(Manifest.FORMAT, name, version, says, files),
                    json.writeOut(document.withMedia(List.of())),
                    json,
                    each -> contents.apply(each.folder() + "/" + each.name()));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return out.toByteArray();
    }
}
