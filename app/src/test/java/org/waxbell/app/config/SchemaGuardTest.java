package org.waxbell.app.config;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SchemaGuardTest {
    @TempDir
    Path data;

    @Test
    void anOlderDatabaseIsCopiedWholeBeforeItIsMigratedAndAPresentOneIsNot() throws IOException, SQLException {
        try (DataFolder folder = DataFolder.open(data)) {
            try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                    Statement statement = connection.createStatement()) {
                statement.execute("create table flyway_schema_history (version text, success integer)");
                statement.execute("insert into flyway_schema_history values ('3', 1)");
                statement.execute("create table line (text text)");
                statement.execute("insert into line values ('good evening')");
            }
            SchemaGuard.check(folder, 3);
            assertThat(folder.backups()).isEmptyDirectory();
            SchemaGuard.check(folder, 4);
            Path copy = folder.backups().resolve("before-schema-4.db");
            try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                    Statement statement = connection.createStatement()) {
                assertThat(statement.executeQuery("select text from line").getString(1))
                        .isEqualTo("good evening");
            }
            SchemaGuard.check(folder, 4);
            assertThat(copy).isNotEmptyFile();
        }
    }
}
