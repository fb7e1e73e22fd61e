package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.Port;
import org.waxbell.app.config.SchemaGuard;
import org.waxbell.app.config.StartRefused;

/** The data folder: what is refused at the start, and what happens when the database cannot be written. */
class StoreTest {
    @TempDir
    Path data;

    private static void sql(Path database, String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    @Test
    void aTakenPortIsRefusedWithTheRemedy() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThatThrownBy(() -> Port.check(taken.getLocalPort()))
                    .isInstanceOfSatisfying(
                            StartRefused.class,
                            refused -> assertThat(refused.remedy()).contains("--port " + (taken.getLocalPort() + 1)));
        }
    }

    @Test
    void aSecondStartOnTheSameFolderIsRefused() throws IOException {
        try (DataFolder first = DataFolder.open(data)) {
            assertThat(first.database()).hasParentRaw(data);
            assertThatThrownBy(() -> DataFolder.open(data))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("already in use");
        }
        DataFolder.open(data).close();
    }

    @Test
    void aFolderThatCannotBeMadeIsRefused() throws IOException {
        Path file = Files.writeString(data.resolve("file"), "in the way");
        assertThatThrownBy(() -> DataFolder.open(file.resolve("folder")))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("cannot be written");
    }

    @Test
    void theMixerOfAnOlderProgramStaysTheOneThatItWas() throws IOException, SQLException {
        try (DataFolder folder = DataFolder.open(data)) {
            Flyway.configure()
                    .dataSource(folder.databaseUrl(), "", "")
                    .target("5")
                    .load()
                    .migrate();
            sql(
                    folder.database(),
                    "insert into link values ('mixer', 'mixer', 1, 'The mixer', '{\"address\":\"practice\"}', '{}', 0)",
                    "insert into link values ('far', 'mixer', 2, 'Far', '{\"address\":\"ws://studio.local:4466/link\"}', '{}', 0)",
                    "insert into link values ('tower', 'irc', 3, 'Tower', '{\"host\":\"irc.example.org\"}', '{}', 0)");
            Flyway.configure()
                    .dataSource(folder.databaseUrl(), "", "")
                    .target("6")
                    .load()
                    .migrate();
            try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                    Statement statement = connection.createStatement();
                    var rows = statement.executeQuery("select settings from link order by position")) {
                List<String> settings = new ArrayList<>();
                while (rows.next()) {
                    settings.add(rows.getString(1));
                }
                assertThat(settings)
                        .containsExactly(
                                "{\"practice\":true,\"address\":\"\"}",
                                "{\"practice\":false,\"address\":\"ws://studio.local:4466/link\"}",
                                "{\"host\":\"irc.example.org\"}");
            }
        }
    }

    @Test
    void aDatabaseOfANewerProgramIsRefusedAndLeftAlone() throws IOException, SQLException {
        try (DataFolder folder = DataFolder.open(data)) {
            sql(
                    folder.database(),
                    "create table flyway_schema_history (version text, success integer)",
                    "insert into flyway_schema_history values ('1', 1), ('999', 1)");
            assertThatThrownBy(() -> SchemaGuard.check(folder))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("schema 999");
            try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                    Statement statement = connection.createStatement()) {
                assertThat(statement
                                .executeQuery("select count(*) from flyway_schema_history")
                                .getInt(1))
                        .isEqualTo(2);
            }
        }
    }

    @Test
    void theGuardKnowsTheNewestMigration() throws IOException {
        assertThat(Running.list(Path.of("src/main/resources/db/migration")).stream()
                        .mapToInt(each ->
                                Integer.parseInt(each.getFileName().toString().replaceAll("V(\\d+)__.*", "$1")))
                        .max())
                .hasValue(SchemaGuard.NEWEST);
    }

    @Test
    void wordsThatAreNoOptionsAreRefused() {
        assertThatThrownBy(() -> Options.parse("--colour=red"))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("--colour=red");
        assertThatThrownBy(() -> Options.parse("--port=99999"))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("99999");
        assertThat(Options.parse("--port=8090", "--demo").port()).isEqualTo(8090);
    }

    @Test
    void anEmptyFolderBeginsWithARackAndAStage() throws IOException {
        try (Running app = Running.empty(data.resolve("own"))) {
            assertThat(app.get("/api/wiring").body().at("/racks/0/rack/name").asString())
                    .isEqualTo("My cues");
            assertThat(app.get("/api/wiring").body().get("cues")).isEmpty();
            assertThat(app.say("odalys_fenn", "good evening").status()).isEqualTo(200);
            assertThat(app.get("/api/practice/viewers").body())
                    .anySatisfy(viewer -> assertThat(viewer.get("standings"))
                            .extracting(each -> each.asString())
                            .contains("moderator"));
        }
    }

    @Test
    void whileTheDatabaseIsLockedTheShowGoesOnAndAllIsKeptAfterwards() throws Exception {
        try (Running app = Running.demo(data.resolve("locked"));
                Listening live = new Listening(app, "/ws/live")) {
            live.next("standing");
            try (Connection other = DriverManager.getConnection(
                            "jdbc:sqlite:" + app.data().resolve("waxbell.db"));
                    Statement lock = other.createStatement()) {
                lock.execute("begin immediate");
                Running.Answer answer = app.say("wickerby", "!pour");
                assertThat(answer.status()).isEqualTo(503);
                assertThat(answer.body().get("title").asString()).isEqualTo("Not kept");
                assertThat(live.next("saved").at("/body/ok").asBoolean()).isFalse();
                assertThat(live.next("ring").at("/body/cueName").asString()).isEqualTo("Pour the taper");
                lock.execute("rollback");
            }
            assertThat(live.next("saved").at("/body/ok").asBoolean()).isTrue();
            assertThat(app.get("/api/journal").body())
                    .anySatisfy(each -> assertThat(each.get("event").asString()).isEqualTo("wickerby: !pour"));
        }
    }
}
