package org.waxbell.app.computer;

import java.awt.AWTError;
import java.awt.AWTException;
import java.awt.GraphicsEnvironment;
import java.awt.HeadlessException;
import java.awt.Robot;
import java.awt.Toolkit;
import java.awt.datatransfer.Clipboard;
import java.awt.datatransfer.DataFlavor;
import java.awt.datatransfer.StringSelection;
import java.awt.datatransfer.Transferable;
import java.awt.datatransfer.UnsupportedFlavorException;
import java.awt.event.InputEvent;
import java.awt.event.KeyEvent;
import java.io.IOException;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/** Keyboard and mouse of this computer. Its methods come one after the other. */
final class Keyboard {
    private static final int FIRST_LATE_FUNCTION_KEY = 13;
    private static final Map<String, Integer> NAMED = Map.ofEntries(
            Map.entry("Ctrl", KeyEvent.VK_CONTROL),
            Map.entry("Alt", KeyEvent.VK_ALT),
            Map.entry("Shift", KeyEvent.VK_SHIFT),
            Map.entry("Meta", KeyEvent.VK_META),
            Map.entry("ArrowLeft", KeyEvent.VK_LEFT),
            Map.entry("ArrowRight", KeyEvent.VK_RIGHT),
            Map.entry("ArrowUp", KeyEvent.VK_UP),
            Map.entry("ArrowDown", KeyEvent.VK_DOWN),
            Map.entry("Space", KeyEvent.VK_SPACE),
            Map.entry("Enter", KeyEvent.VK_ENTER),
            Map.entry("Escape", KeyEvent.VK_ESCAPE),
            Map.entry("Tab", KeyEvent.VK_TAB),
            Map.entry("Backspace", KeyEvent.VK_BACK_SPACE),
            Map.entry("Delete", KeyEvent.VK_DELETE),
            Map.entry("Home", KeyEvent.VK_HOME),
            Map.entry("End", KeyEvent.VK_END),
            Map.entry("PageUp", KeyEvent.VK_PAGE_UP),
            Map.entry("PageDown", KeyEvent.VK_PAGE_DOWN));
    private static final Map<String, Integer> BUTTONS = Map.of(
            "left", InputEvent.BUTTON1_DOWN_MASK,
            "middle", InputEvent.BUTTON2_DOWN_MASK,
            "right", InputEvent.BUTTON3_DOWN_MASK);
    /** How long a program has to fetch what is pasted, in milliseconds. */
    private static final int FETCHED_MS = 3_000;
    /** How long it has after that to put it where it belongs. */
    private static final int PASTED_MS = 100;

    private final Robot robot;
    private final Set<String> down = new LinkedHashSet<>();

    Keyboard() throws Refusal {
        if (GraphicsEnvironment.isHeadless()) {
            throw new Refusal("this Java has no windows, or there is no screen here");
        }
        try {
            robot = new Robot();
        } catch (AWTException | HeadlessException | AWTError | LinkageError refused) {
            throw new Refusal("the screen lets nobody press its keys: " + refused.getMessage());
        }
    }

    private static int code(String key) {
        Integer named = NAMED.get(key);
        if (named != null) {
            return named;
        }
        if (key.length() == 1) {
            return KeyEvent.getExtendedKeyCodeForChar(key.charAt(0));
        }
        int number = Integer.parseInt(key.substring(1));
        return number < FIRST_LATE_FUNCTION_KEY
                ? KeyEvent.VK_F1 + number - 1
                : KeyEvent.VK_F13 + number - FIRST_LATE_FUNCTION_KEY;
    }

    /** Presses keys, in order; those that are down stay so. */
    synchronized void down(List<String> keys) throws Refusal {
        for (String key : keys) {
            if (down.add(key)) {
                try {
                    robot.keyPress(code(key));
                } catch (IllegalArgumentException unknown) {
                    down.remove(key);
                    throw new Refusal("the keyboard of this computer has no key " + key);
                }
            }
        }
    }

    /** Lets keys up, the last first. */
    synchronized void up(List<String> keys) {
        for (int i = keys.size() - 1; i >= 0; i--) {
            down.remove(keys.get(i));
            robot.keyRelease(code(keys.get(i)));
        }
    }

    /** Lets every key up that it pressed. */
    synchronized void liftAll() {
        up(List.copyOf(down));
    }

    /** Types letters, digits and spaces by their keys; a text with anything else is pasted, for keyboards differ in where it is. */
    synchronized void type(String text) throws Refusal, InterruptedException {
        if (text.matches("[A-Za-z0-9 \\n]*")) {
            text.chars().forEach(this::stroke);
            return;
        }
        Clipboard clipboard = Toolkit.getDefaultToolkit().getSystemClipboard();
        Transferable before = before(clipboard);
        Pasted pasted = new Pasted(text.strip());
        clipboard.setContents(pasted, null);
        robot.keyPress(KeyEvent.VK_CONTROL);
        robot.keyPress(KeyEvent.VK_V);
        robot.keyRelease(KeyEvent.VK_V);
        robot.keyRelease(KeyEvent.VK_CONTROL);
        boolean taken = pasted.fetched.await(FETCHED_MS, TimeUnit.MILLISECONDS);
        robot.delay(PASTED_MS);
        clipboard.setContents(before, null);
        if (!taken) {
            throw new Refusal("nothing that is in front took the text");
        }
        if (text.endsWith("\n")) {
            stroke('\n');
        }
    }

    /** A text that knows when it was fetched. */
    private static final class Pasted extends StringSelection {
        private final CountDownLatch fetched = new CountDownLatch(1);

        Pasted(String text) {
            super(text);
        }

        @Override
        public Object getTransferData(DataFlavor flavor) throws UnsupportedFlavorException, IOException {
            Object text = super.getTransferData(flavor);
            fetched.countDown();
            return text;
        }
    }

    private static Transferable before(Clipboard clipboard) {
        try {
            Transferable contents = clipboard.getContents(null);
            return contents == null ? new StringSelection("") : contents;
        } catch (IllegalStateException taken) {
            // Another program holds it; what was there is that program's to keep.
            return new StringSelection("");
        }
    }

    private void stroke(int letter) {
        boolean capital = Character.isUpperCase(letter);
        int code =
                letter == '\n' ? KeyEvent.VK_ENTER : KeyEvent.getExtendedKeyCodeForChar(Character.toLowerCase(letter));
        if (capital) {
            robot.keyPress(KeyEvent.VK_SHIFT);
        }
        robot.keyPress(code);
        robot.keyRelease(code);
        if (capital) {
            robot.keyRelease(KeyEvent.VK_SHIFT);
        }
    }

    /** Moves the mouse. @param left pixels from the left of the screen @param top from its top */
    synchronized void point(int left, int top) {
        robot.mouseMove(left, top);
    }

    /** Clicks where the mouse is. */
    synchronized void click(String button) {
        int mask = BUTTONS.getOrDefault(button, InputEvent.BUTTON1_DOWN_MASK);
        robot.mousePress(mask);
        robot.mouseRelease(mask);
    }
}
