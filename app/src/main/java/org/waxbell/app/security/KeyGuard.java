package org.waxbell.app.security;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.StartRefused;

/** Before anything is opened: refuses a key that is gone or does not fit what it locked, and makes the first one. */
public final class KeyGuard {
    private static final int BYTES = 32;
    /** A nonce of 12 bytes, a tag of 16 and what is locked, in hex. */
    private static final Pattern LOCKED = Pattern.compile("(?<![0-9a-f])(?:[0-9a-f]{2}){29,}(?![0-9a-f])");

    private static final String REMEDY =
            "Put it back from a back-up that was made with a passphrase (./waxbell restore), or start with --new-keys: pages of stages then have "
                    + "new addresses, and passwords of links must be written again.";

    private KeyGuard() {}

    /** Looks at the key of {@code folder} and at what it locked. @param newKeys whether what it does not open is given up; throws {@link StartRefused} */
    public static void check(DataFolder folder, boolean newKeys) {
        List<String> locked = locked(folder);
        Path file = folder.secretKey();
        String wrong = locked.isEmpty() ? "" : wrong(file, locked.get(0));
        if (wrong.isEmpty()) {
            return;
        }
        if (!newKeys) {
            throw new StartRefused(wrong, REMEDY);
        }
        try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                Statement statement = connection.createStatement()) {
            for (String each : names(statement)) {
                statement.executeUpdate("delete from setting where name = '" + each.replace("'", "''") + "'");
            }
            statement.executeUpdate("update link set secrets = '{}'");
            if (Files.exists(file)) {
                Path aside = file;
                for (int i = 1; Files.exists(aside); i++) {
                    aside = file.resolveSibling("secret-" + i + ".key");
                }
                Files.move(file, aside);
            }
        } catch (SQLException | IOException broken) {
            throw new StartRefused(
                    "What the old key locked could not be given up: " + broken.getMessage() + ".",
                    "Make room on the disk, and start again.");
        }
    }

    private static String wrong(Path file, String locked) {
        if (!Files.exists(file)) {
            return "The key file " + file
                    + " is gone, and the passwords and addresses in the database are locked with it.";
        }
        try {
            new SecretBox(read(file)).open(locked);
            return "";
        } catch (IOException | IllegalStateException unfit) {
            return "The key file " + file + " does not fit the database.";
        }
    }

    private static byte[] read(Path file) throws IOException {
        byte[] key = Files.readAllBytes(file);
        if (key.length != BYTES) {
            throw new IOException("a key has " + BYTES + " bytes");
        }
        return key;
    }

    private static List<String> locked(DataFolder folder) {
        try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                Statement statement = connection.createStatement()) {
            List<String> values = new ArrayList<>();
            if (has(statement, "setting")) {
                texts(statement, "select value from setting", values);
            }
            if (has(statement, "link")) {
                texts(statement, "select secrets from link", values);
            }
            return values;
        } catch (SQLException unreadable) {
            // What is wrong with the database is told by who opens it.
            return List.of();
        }
    }

    private static void texts(Statement statement, String query, List<String> into) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                Matcher locked = LOCKED.matcher(rows.getString(1));
                while (locked.find()) {
                    into.add(locked.group());
                }
            }
        }
    }

    /** The settings that hold something locked and nothing else. */
    private static List<String> names(Statement statement) throws SQLException {
        List<String> names = new ArrayList<>();
        if (has(statement, "setting")) {
            try (ResultSet rows = statement.executeQuery("select name, value from setting")) {
                while (rows.next()) {
                    if (LOCKED.matcher(rows.getString(2)).matches()) {
                        names.add(rows.getString(1));
                    }
                }
            }
        }
        return names;
    }

    private static boolean has(Statement statement, String table) throws SQLException {
        try (ResultSet found = statement.executeQuery(
                "select count(*) from sqlite_master where type = 'table' and name = '" + table + "'")) {
            return found.getInt(1) > 0;
        }
    }

    /** The key; made where there is none yet. */
    static byte[] key(DataFolder folder) {
        Path file = folder.secretKey();
        try {
            if (!Files.exists(file)) {
                byte[] fresh = new byte[BYTES];
                new SecureRandom().nextBytes(fresh);
                DataFolder.ownerOnly(Files.createFile(file));
                Files.write(file, fresh);
            }
            return read(file);
        } catch (IOException broken) {
            throw new StartRefused("The key file " + file + " cannot be read: " + broken.getMessage() + ".", REMEDY);
        }
    }
}
