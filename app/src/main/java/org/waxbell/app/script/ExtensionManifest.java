package org.waxbell.app.script;

import java.util.List;
import java.util.Map;
import org.waxbell.extension.Extension;
import org.waxbell.extension.Permission;
import org.waxbell.extension.ScriptOffer;
import tools.jackson.databind.JsonNode;

/**
 * What an extension says of itself, in {@code extension.json}.
 *
 * @param settings its settings, as JSON Schema
 */
record ExtensionManifest(
        int formatVersion,
        String id,
        String name,
        String version,
        String about,
        List<String> hears,
        List<ScriptOffer> offers,
        List<Permission> asks,
        List<String> calls,
        JsonNode settings) {
    /** The version that this program writes. */
    static final int FORMAT = 1;

    static ExtensionManifest of(Extension extension, JsonNode settings) {
        return new ExtensionManifest(
                FORMAT,
                extension.id(),
                extension.name(),
                extension.version(),
                extension.about(),
                extension.hears(),
                extension.offers(),
                extension.asks(),
                extension.calls(),
                settings);
    }

    /** The document that comes of it: off, and let do nothing yet. */
    Extension extension(String code, String notes) {
        return new Extension(
                Extension.FORMAT,
                id,
                name,
                false,
                version,
                about,
                hears,
                offers,
                asks,
                List.of(),
                calls,
                SettingsSchema.read(settings),
                Map.of(),
                code,
                notes);
    }
}
