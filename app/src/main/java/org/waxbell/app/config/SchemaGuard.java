package org.waxbell.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** Before the schema is migrated: refuses a database of a newer program, and copies one of an older. */
public final class SchemaGuard {
    /** The newest migration that this program brings; a test holds it to the files. */
    public static final int NEWEST = 6;

    private SchemaGuard() {}

    /** Looks at the database of {@code folder}, if there is one; throws {@link StartRefused}. */
    public static void check(DataFolder folder) {
        check(folder, NEWEST);
    }

    static void check(DataFolder folder, int newest) {
        if (!Files.exists(folder.database())) {
            return;
        }
        try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                Statement statement = connection.createStatement()) {
            int version = version(statement);
            if (version > newest) {
                throw new StartRefused(
                        "The database in the data folder is of a newer Wax Bell (schema " + version
                                + ", this one knows " + newest + ").",
                        "Start the newer version, or restore the copy made before it from " + folder.backups() + ".");
            }
            if (version > 0 && version < newest) {
                copy(statement, folder.backups().resolve("before-schema-" + newest + ".db"));
            }
        } catch (SQLException | IOException broken) {
            throw new StartRefused(
                    "The database " + folder.database() + " cannot be read: " + broken.getMessage() + ".",
                    "Restore a copy from " + folder.backups() + ", or start with another folder: --data FOLDER.");
        }
    }

    private static int version(Statement statement) throws SQLException {
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

    private static void copy(Statement statement, Path target) throws SQLException, IOException {
        Files.deleteIfExists(target);
        statement.execute("vacuum into '" + target.toString().replace("'", "''") + "'");
    }
}
