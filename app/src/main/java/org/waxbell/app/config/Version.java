package org.waxbell.app.config;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/** The version of this program, as the build wrote it. */
public final class Version {
    private Version() {}

    /** The version, such as {@code 0.1.0}; {@code in development} where nothing was packaged. */
    public static String current() {
        try (InputStream in = Version.class.getResourceAsStream("/META-INF/build-info.properties")) {
            Properties info = new Properties();
            if (in != null) {
                info.load(in);
            }
            return info.getProperty("build.version", "in development");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
