package org.waxbell.app.wiring;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Documents;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** A wiring as a database keeps it, read beside a program that may have it open, and without changing anything. */
public final class StoredWiring {
    private StoredWiring() {}

    /** The wiring of a data folder; throws {@link StartRefused} where there is none. */
    public static Wiring read(Path data, Documents json) {
        Path database = data.resolve("waxbell.db");
        if (!Files.exists(database)) {
            throw new StartRefused(
                    "There is no wiring in " + data + ".",
                    "Name its folder with --data FOLDER, or a wiring that was exported with --wiring FILE.");
        }
        try {
            return of(database, json);
        } catch (SQLException broken) {
            throw new StartRefused(
                    "The wiring in " + data + " cannot be read: " + broken.getMessage() + ".",
                    "Start Wax Bell once with this folder, or export the wiring and name it with --wiring FILE.");
        }
    }

    /** The wiring in a database; throws where it cannot be read. */
    public static Wiring of(Path database, Documents json) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database + "?open_mode=1");
                Statement statement = connection.createStatement()) {
            List<Media> media = new ArrayList<>();
            try (ResultSet rows = statement.executeQuery("select name, folder, hash, type, length_ms from media")) {
                while (rows.next()) {
                    media.add(new Media(
                            rows.getString(1),
                            rows.getString(2),
                            rows.getString(3),
                            rows.getString(4),
                            rows.getLong(5)));
                }
            }
            House house = all(statement, "house", House.class, json).stream()
                    .findFirst()
                    .orElse(House.PLAIN);
            return new Wiring(
                    house,
                    all(statement, "rack", Rack.class, json),
                    all(statement, "cue", Cue.class, json),
                    all(statement, "stage", Stage.class, json),
                    all(statement, "desk", DeskSheet.class, json),
                    new Shelf(media));
        }
    }

    private static <T> List<T> all(Statement statement, String kind, Class<T> type, Documents json)
            throws SQLException {
        List<T> all = new ArrayList<>();
        try (ResultSet rows =
                statement.executeQuery("select json from document where kind = '" + kind + "' order by position, id")) {
            while (rows.next()) {
                all.add(json.read(rows.getString(1), type));
            }
        }
        return all;
    }
}
