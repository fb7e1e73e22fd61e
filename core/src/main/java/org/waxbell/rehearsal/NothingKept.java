package org.waxbell.rehearsal;

import java.util.List;
import org.waxbell.engine.Keeper;
import org.waxbell.engine.Ring;
import org.waxbell.gate.Let;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;
import org.waxbell.show.Came;
import org.waxbell.show.Evening;
import org.waxbell.show.Spent;
import org.waxbell.show.TargetState;
import org.waxbell.slate.SlateEntry;

/** A keeper that keeps nothing: a rehearsal leaves no trace. */
class NothingKept implements Keeper {
    @Override
    public void ring(Ring ring) {
    }

    @Override
    public void let(Let let) {
    }

    @Override
    public void takeBack(long ring) {
    }

    @Override
    public void drawn(String purpose, String name) {
    }

    @Override
    public void evening(Evening evening) {
    }

    @Override
    public void newShow(Evening evening) {
    }

    @Override
    public void spent(Spent spent) {
    }

    @Override
    public void entry(LedgerEntry entry) {
    }

    @Override
    public void promised(Pending pending) {
    }

    @Override
    public void released(long ring) {
    }

    @Override
    public void slate(SlateEntry entry) {
    }

    @Override
    public void wiped(List<String> values) {
    }

    @Override
    public void target(TargetState state) {
    }

    @Override
    public void came(Came came) {
    }
}
