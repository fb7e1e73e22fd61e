package org.waxbell.app.address;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.Reach;

/** The address of this program, by the name under which others reach this computer. */
@Component
public class OwnAddress {
    private final Environment environment;
    private final Reach reach;
    private final Options options;

    OwnAddress(Environment environment, Reach reach, Options options) {
        this.environment = environment;
        this.reach = reach;
        this.options = options;
    }

    /** That of one of its pages, for whatever computer. @param path begins with a stroke */
    public String of(String path) {
        return reach.encrypted()
                ? "https://" + reach.name() + ":" + options.securePort() + path
                : plain(reach.name(), path);
    }

    /** That of one of its pages for programs of this computer where others have an encrypted one, which not every program takes; else the same. */
    public String near(String path) {
        return reach.encrypted() ? plain(reach.own(), path) : of(path);
    }

    private String plain(String name, String path) {
        return "http://" + name + ":" + environment.getProperty("local.server.port") + path;
    }
}
