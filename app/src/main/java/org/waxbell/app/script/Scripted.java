package org.waxbell.app.script;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.app.script.ScriptCall.Came;
import org.waxbell.desk.DeskReport;
import org.waxbell.directive.RunScript;
import org.waxbell.extension.ExtensionDesk;
import org.waxbell.extension.Wish;
import org.waxbell.port.Scripts;

/** Scripts in an evening in virtual time, in a program of their own so that the evening that goes on does not wait for them. */
public final class Scripted implements Scripts, AutoCloseable {
    private final ScriptHost host = new ScriptHost("scripts rehearsed");

    @Override
    public DeskReport run(RunScript what) {
        return report(what.partRun(), host.call(what).join());
    }

    /** What came of a call, as the engine is told it. */
    static DeskReport report(String run, Came came) {
        if (came.failure().isEmpty()) {
            return new DeskReport(run, "", Wish.written(wishes(came)));
        }
        return new DeskReport(run, came.failure(), came.halted() ? Map.of(ExtensionDesk.HALTED, "yes") : Map.of());
    }

    private static List<Wish> wishes(Came came) {
        return came.wishes().stream()
                .map(each -> new Wish(each.act(), new TreeMap<>(each.with())))
                .toList();
    }

    @Override
    public void close() {
        host.close();
    }
}
