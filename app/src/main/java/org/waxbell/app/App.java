package org.waxbell.app;

import java.io.Console;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Import;
import org.springframework.core.NestedExceptionUtils;
import org.waxbell.app.backup.Houses;
import org.waxbell.app.computer.Hand;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.FolderInUse;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.OwnBrowser;
import org.waxbell.app.config.Port;
import org.waxbell.app.config.Reach;
import org.waxbell.app.config.ReachFile;
import org.waxbell.app.config.SchemaGuard;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.config.Version;
import org.waxbell.app.json.Documents;
import org.waxbell.app.rehearse.RehearseCommand;
import org.waxbell.app.script.ScriptChild;
import org.waxbell.app.security.KeyGuard;
import org.waxbell.app.store.Mappers;

/** The program: looks at what it was started with, refuses with one sentence and a remedy, or serves until it is stopped. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@Import(Mappers.class)
public class App {
    /** The word with which the program starts as the helper that presses keys of this computer. */
    public static final String HELPER = "hand";
    /** The word with which the program starts as the one that runs scripts. */
    public static final String SCRIPTS = "scripts";
    /** The word with which it starts in a folder, shows its first page to nobody and ends, so that Java can see what a start needs. */
    private static final String ONCE = "once";

    private static final String USAGE = """
            Wax Bell
              start [--open] [--port=N] [--data=FOLDER]   starts with your own evening; --open shows it in the browser, --to-disk
                                                          waits for the disk at each step, so that a loss of power loses nothing
              demo [--open] [--port=N] [--data=FOLDER]    starts with the demo evening
              restore [NAME] [--data=FOLDER]              puts a back-up or a copy of the database in place, the newest by itself
              rehearse SCRIPT [--wiring=FILE] [--against=FILE] [--data=FOLDER] [--seed=N]
                                                          plays a script through the wiring and tells what would happen
              --version""";

    /** Starts the program. */
    public static void main(String[] args) {
        try {
            if (args.length > 0 && aside(args[0], Arrays.asList(args).subList(1, args.length))) {
                return;
            }
            Options options = Options.parse(args);
            if (options.versionOnly()) {
                System.out.println("Wax Bell " + Version.current());
                return;
            }
            try {
                start(options);
            } catch (FolderInUse inUse) {
                if (!options.open() || !leadTo(options)) {
                    throw inUse;
                }
            }
        } catch (SpringApplication.AbandonedRunException built) {
            // While the program is built it is only asked what it is made of.
            throw built;
        } catch (IOException | RuntimeException broken) {
            for (Throwable each = broken; each != null; each = each.getCause()) {
                if (each instanceof StartRefused refused) {
                    System.err.println(refused.getMessage() + "\n" + refused.remedy());
                    System.exit(StartRefused.EXIT_CODE);
                }
            }
            System.err.println(
                    "Wax Bell did not start: "
                            + NestedExceptionUtils.getMostSpecificCause(broken).getMessage()
                            + "\nThe log in the data folder says more; ./waxbell restore puts the newest copy of the database in its place.");
            System.exit(StartRefused.EXIT_CODE);
        }
    }

    /** Shows the console of the program that has this folder open; whether it has one by now. */
    private static boolean leadTo(Options options) throws IOException {
        Path address = DataFolder.address(options.data());
        if (!Files.exists(address)) {
            return false;
        }
        System.out.println("Wax Bell is running already: " + Files.readString(address));
        OwnBrowser.show(Files.readString(address));
        return true;
    }

    /** What the program is besides itself; says whether {@code word} names something of that kind, which then was done. */
    private static boolean aside(String word, List<String> words) throws IOException {
        switch (word) {
            case HELPER -> {
                Hand.serve();
                System.exit(0);
            }
            case SCRIPTS -> {
                ScriptChild.serve();
                System.exit(0);
            }
            case ONCE -> {
                once(Path.of(words.get(0)));
                System.exit(0);
            }
            case "help", "-h", "--help" -> System.out.println(USAGE);
            case "rehearse" -> new RehearseCommand(System.out, System.err).run(words);
            case "restore" -> restore(words);
            default -> {
                return false;
            }
        }
        return true;
    }

    private static void once(Path data) throws IOException {
        try (ConfigurableApplicationContext running = start(Options.usual(data.toAbsolutePath(), 0, true))) {
            String port = running.getEnvironment().getRequiredProperty("local.server.port");
            for (String page : List.of("/", "/api/live", "/api/wiring")) {
                try (InputStream in =
                        URI.create("http://127.0.0.1:" + port + page).toURL().openStream()) {
                    in.readAllBytes();
                }
            }
        }
    }

    /** Puts a copy in the place of the database: {@code restore [NAME] [--data=FOLDER]}. */
    private static void restore(List<String> words) {
        String copy = words.stream()
                .filter(each -> !each.startsWith("--"))
                .findFirst()
                .orElse("");
        Options options = Options.parse(
                words.stream().filter(each -> each.startsWith("--")).toArray(String[]::new));
        try (DataFolder folder = DataFolder.open(options.data())) {
            boolean replaces = Files.exists(folder.database());
            Path from = new Copies(folder).find(copy);
            if (Houses.isHouse(from)) {
                new Houses(folder, Documents.standalone()).restore(from, passphrase(), LocalDateTime.now());
            } else {
                Copies.restore(folder, copy, LocalDateTime.now());
            }
            System.out.println("In place now: " + from);
            if (replaces) {
                System.out.println("What was there before is in " + folder.backups() + ", as replaced-….");
            }
        } catch (IOException broken) {
            throw new StartRefused("The data folder could not be let go: " + broken.getMessage() + ".", "Try again.");
        }
    }

    /** What opens the key in a back-up: as the surroundings tell it, or as somebody types it; empty text for nothing. */
    private static String passphrase() {
        String told = System.getenv("WAXBELL_PASSPHRASE");
        if (told != null) {
            return told;
        }
        Console console = System.console();
        char[] typed = console == null
                ? new char[0]
                : console.readPassword("Passphrase of its passwords and addresses (Enter for none): ");
        return typed == null ? "" : new String(typed);
    }

    /** Starts with {@code options} and returns when the first page can be asked for; throws {@link StartRefused}. */
    public static ConfigurableApplicationContext start(Options options) {
        DataFolder folder = DataFolder.open(options.data());
        Reach reach;
        try {
            Port.check(options.port());
            SchemaGuard.check(folder);
            KeyGuard.check(folder, options.newKeys());
            reach = new ReachFile(folder).read();
            if (reach.encrypted()) {
                Port.check(options.securePort());
            }
        } catch (StartRefused refused) {
            letGo(folder);
            throw refused;
        }
        SpringApplication application = new SpringApplication(App.class);
        application.setDefaultProperties(properties(options, folder, reach));
        application.addInitializers(context -> context.getBeanFactory().registerSingleton("options", options));
        application.addInitializers(context -> context.getBeanFactory().registerSingleton("dataFolder", folder));
        application.addInitializers(context -> context.getBeanFactory().registerSingleton("reach", reach));
        try {
            return application.run();
        } catch (RuntimeException broken) {
            letGo(folder);
            throw broken;
        }
    }

    private static void letGo(DataFolder folder) {
        try {
            folder.close();
        } catch (IOException broken) {
            // The end of the process lets it go.
        }
    }

    private static Map<String, Object> properties(Options options, DataFolder folder, Reach reach) {
        Map<String, Object> properties = new HashMap<>();
        properties.put("server.port", options.port());
        properties.put("server.address", reach.plain());
        properties.put("spring.datasource.url", folder.databaseUrl(options.toDisk()));
        properties.put("logging.file.name", folder.log().toString());
        return properties;
    }
}
