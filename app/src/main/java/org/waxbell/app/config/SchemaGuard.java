package org.waxbell.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;

/** Before the schema is migrated: refuses a database that is damaged or of a newer program, and copies one of an older. */
public final class SchemaGuard {
    /** The newest migration that this program brings; a test holds it to the files. */
    public static final int NEWEST = 16;

    private SchemaGuard() {}

    /** Looks at the database of {@code folder}, if there is one; throws {@link StartRefused}. */
    public static void check(DataFolder folder) {
        check(folder, NEWEST);
    }

    static void check(DataFolder folder, int newest) {
        if (!Files.exists(folder.database())) {
            return;
        }
        Copies copies = new Copies(folder);
        int version;
        try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                Statement statement = connection.createStatement()) {
            Optional<String> damage = Copies.damage(statement);
            if (damage.isPresent()) {
                throw damaged(folder, damage.get());
            }
            version = version(statement);
        } catch (SQLException broken) {
            throw damaged(folder, String.valueOf(broken.getMessage()));
        }
        if (version > newest) {
            throw new StartRefused(
                    "The database in the data folder is of a newer Wax Bell (schema " + version + ", this one knows "
                            + newest + ").",
                    "Start the newer version, or put a copy from before it in place: ./waxbell restore NAME, with a name from "
                            + folder.backups() + ".");
        }
        try {
            if (version > 0 && version < newest) {
                copies.make(folder.backups().resolve("before-schema-" + newest + ".db"));
            }
        } catch (SQLException | IOException full) {
            throw new StartRefused(
                    "The database could not be copied before it is changed: " + full.getMessage() + ".",
                    "Make room on the disk, and start again; nothing was changed.");
        }
    }

    private static StartRefused damaged(DataFolder folder, String what) {
        return new StartRefused(
                "The database " + folder.database() + " is damaged: " + what + ".",
                "Put the newest copy in its place: ./waxbell restore --data " + folder.root()
                        + ". What is there now is set aside, not lost. Or start with another folder: --data FOLDER.");
    }

    static int version(Statement statement) throws SQLException {
        try (ResultSet tables =
                statement.executeQuery("select count(*) from sqlite_master where name = 'flyway_schema_history'")) {
            if (tables.getInt(1) == 0) {
                return 0;
            }
        }
        try (ResultSet newest = statement.executeQuery(
                "select max(cast(version as integer)) from flyway_schema_history where success")) {
            return newest.getInt(1);
        }
    }
}
