package org.waxbell.app.computer;

import com.sun.jna.Native;
import com.sun.jna.NativeLong;
import com.sun.jna.Pointer;
import com.sun.jna.platform.unix.X11;
import com.sun.jna.platform.unix.X11.Window;
import com.sun.jna.ptr.IntByReference;
import com.sun.jna.ptr.NativeLongByReference;
import com.sun.jna.ptr.PointerByReference;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** The windows of X11, whose owners are told by the property {@code _NET_WM_PID} of the Extended Window Manager Hints. */
final class XWindows implements Windows {
    private static final int DEEPEST = 4;
    private static final int LONGS = 1;
    private final Focused x = Native.load("X11", Focused.class);
    /** Xlib, with the call that its binding leaves out. */
    interface Focused extends X11 {
        /** XGetInputFocus(3). */
        int XGetInputFocus(X11.Display display, X11.WindowByReference focus, IntByReference revertTo);
    }

    private final X11.Display display;
    private final Window root;
    /** A window may go while it is asked; kept here, for it would be collected else. */
    private final X11.XErrorHandler gone = (from, error) -> 0;

    XWindows() {
        x.XSetErrorHandler(gone);
        display = x.XOpenDisplay(null);
        root = x.XDefaultRootWindow(display);
    }

    @Override
    public synchronized boolean shown(Set<Long> pids) {
        return any(root, DEEPEST, each -> ownedBy(each, pids) && isSeen(each));
    }

    @Override
    public synchronized boolean inFront(Set<Long> pids) {
        Window at = number(root, "_NET_ACTIVE_WINDOW")
                .filter(id -> id != 0)
                .map(Window::new)
                .orElseGet(this::focused);
        for (int up = 0; at.longValue() > 1 && up < 2 * DEEPEST; up++) {
            if (ownedBy(at, pids)) {
                return true;
            }
            at = parent(at);
        }
        return false;
    }

    private Window focused() {
        X11.WindowByReference focus = new X11.WindowByReference();
        x.XGetInputFocus(display, focus, new IntByReference());
        Window window = focus.getValue();
        return window == null ? new Window(0) : window;
    }

    private Window parent(Window of) {
        X11.WindowByReference parent = new X11.WindowByReference();
        children(of, parent);
        Window window = parent.getValue();
        return window == null ? new Window(0) : window;
    }

    private boolean any(Window below, int deep, Predicate<Window> which) {
        return deep > 0
                && children(below, new X11.WindowByReference()).stream()
                        .anyMatch(each -> which.test(each) || any(each, deep - 1, which));
    }

    private List<Window> children(Window of, X11.WindowByReference parent) {
        PointerByReference list = new PointerByReference();
        IntByReference count = new IntByReference();
        List<Window> all = new ArrayList<>();
        if (x.XQueryTree(display, of, new X11.WindowByReference(), parent, list, count) != 0
                && list.getValue() != null) {
            for (int i = 0; i < count.getValue(); i++) {
                all.add(new Window(list.getValue()
                        .getNativeLong((long) i * NativeLong.SIZE)
                        .longValue()));
            }
            x.XFree(list.getValue());
        }
        return all;
    }

    private boolean isSeen(Window window) {
        X11.XWindowAttributes attributes = new X11.XWindowAttributes();
        return x.XGetWindowAttributes(display, window, attributes) != 0 && attributes.map_state == X11.IsViewable;
    }

    private boolean ownedBy(Window window, Set<Long> pids) {
        return number(window, "_NET_WM_PID").filter(pids::contains).isPresent();
    }

    /** The number that stands in a property of a window; empty where it has none. */
    private Optional<Long> number(Window window, String property) {
        NativeLongByReference items = new NativeLongByReference();
        PointerByReference data = new PointerByReference();
        int status = x.XGetWindowProperty(
                display,
                window,
                x.XInternAtom(display, property, false),
                new NativeLong(0),
                new NativeLong(LONGS),
                false,
                new X11.Atom(0),
                new X11.AtomByReference(),
                new IntByReference(),
                items,
                new NativeLongByReference(),
                data);
        Pointer found = data.getValue();
        if (status != X11.Success || found == null) {
            return Optional.empty();
        }
        try {
            // Properties of 32 bits come as longs of the machine.
            return items.getValue().longValue() == 0
                    ? Optional.empty()
                    : Optional.of(found.getNativeLong(0).longValue());
        } finally {
            x.XFree(found);
        }
    }
}
