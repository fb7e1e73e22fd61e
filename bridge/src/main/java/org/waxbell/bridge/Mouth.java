package org.waxbell.bridge;

import com.illposed.osc.OSCMessage;
import com.illposed.osc.OSCSerializeException;
import com.illposed.osc.transport.OSCPortOut;
import java.awt.AWTException;
import java.awt.Robot;
import java.awt.event.InputEvent;
import java.awt.event.KeyEvent;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.util.ArrayList;
import java.util.List;
import javax.swing.KeyStroke;
import org.waxbell.mixer.MixerChange;

/** Tells the program what to do: by a message of Open Sound Control, or by keys for the window that is in front. */
final class Mouth implements Standing.Outlet, AutoCloseable {
    private final OSCPortOut wire;
    private Robot robot;

    /** @param osc null where only keys are pressed */
    Mouth(Plan.Osc osc) throws IOException {
        wire = osc == null ? null : new OSCPortOut(new InetSocketAddress(osc.host(), osc.port()));
    }

    @Override
    public void tell(Rule rule, MixerChange change) {
        if (rule.press() != null) {
            press(KeyStroke.getKeyStroke(rule.press()));
            return;
        }
        try {
            wire.send(new OSCMessage(rule.address(change), rule.arguments(change)));
        } catch (IOException | OSCSerializeException | IllegalArgumentException failed) {
            throw new IllegalStateException("the program could not be told: " + failed.getMessage(), failed);
        }
    }

    private void press(KeyStroke keys) {
        try {
            robot = robot == null ? new Robot() : robot;
        } catch (AWTException | UnsupportedOperationException noScreen) {
            throw new IllegalStateException("keys cannot be pressed here: " + noScreen.getMessage(), noScreen);
        }
        List<Integer> down = new ArrayList<>();
        try {
            for (int key : codes(keys)) {
                robot.keyPress(key);
                down.add(0, key);
            }
        } catch (IllegalArgumentException unknown) {
            throw new IllegalStateException("this keyboard has no such key: " + keys, unknown);
        } finally {
            // Whatever happens, no key stays down.
            down.forEach(robot::keyRelease);
        }
    }

    private static List<Integer> codes(KeyStroke keys) {
        List<Integer> codes = new ArrayList<>();
        int held = keys.getModifiers();
        add(codes, held, InputEvent.CTRL_DOWN_MASK, KeyEvent.VK_CONTROL);
        add(codes, held, InputEvent.ALT_DOWN_MASK, KeyEvent.VK_ALT);
        add(codes, held, InputEvent.SHIFT_DOWN_MASK, KeyEvent.VK_SHIFT);
        add(codes, held, InputEvent.META_DOWN_MASK, KeyEvent.VK_META);
        codes.add(keys.getKeyCode());
        return codes;
    }

    private static void add(List<Integer> codes, int held, int mask, int key) {
        if ((held & mask) != 0) {
            codes.add(key);
        }
    }

    @Override
    public void close() throws IOException {
        if (wire != null) {
            wire.close();
        }
    }
}
