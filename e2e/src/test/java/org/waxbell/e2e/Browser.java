package org.waxbell.e2e;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.io.FileHandler;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A headless Chromium with a page of ours in each tab; it waits for conditions and never for a time. */
public final class Browser implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(Integer.getInteger("patience", 120));
    private final ChromeDriver driver;
    private final Path profile;

    public Browser() {
        try {
            profile = Files.createTempDirectory("waxbell-chromium");
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--window-size=1280,800",
                "--user-data-dir=" + profile);
        driver = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                        .build(),
                options);
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", 1280, "height", 800, "deviceScaleFactor", 1, "mobile", false));
    }

    public ChromeDriver driver() {
        return driver;
    }

    /** Opens an address in a new tab and gives its handle. */
    public String tab(String address) {
        driver.switchTo().newWindow(WindowType.TAB);
        size(1280, 800);
        driver.get(address);
        return driver.getWindowHandle();
    }

    /** Closes a tab, and goes to the first that is left. */
    public void leave(String tab) {
        driver.switchTo().window(tab);
        driver.close();
        driver.switchTo().window(driver.getWindowHandles().iterator().next());
    }

    /** Gives the page of this tab another size, in pixels. */
    public void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    public void to(String tab) {
        driver.switchTo().window(tab);
    }

    public <T> T await(String what, Function<WebDriver, T> condition) {
        return new WebDriverWait(driver, PATIENCE, Duration.ofMillis(40))
                .withMessage(what)
                .ignoring(NoSuchElementException.class)
                .ignoring(StaleElementReferenceException.class)
                .until(condition);
    }

    /** Waits until a scene is on programme. */
    void onProgramme(Packaged app, String scene) {
        await(scene + " is on programme", any -> app.scene().equals(scene));
    }

    public WebElement see(String css) {
        return await(
                css,
                each -> each.findElements(By.cssSelector(css)).stream()
                        .filter(WebElement::isDisplayed)
                        .findFirst()
                        .orElse(null));
    }

    public WebElement seeText(String css, String text) {
        return await(
                css + " with \"" + text + "\"",
                each -> each.findElements(By.cssSelector(css)).stream()
                        .filter(element -> element.getText().contains(text))
                        .findFirst()
                        .orElse(null));
    }

    public void gone(String css) {
        await(css + " gone", each -> each.findElements(By.cssSelector(css)).isEmpty());
    }

    /** Waits until the focus is on what the selector names: keys that come before go nowhere. */
    public WebElement focused(String css) {
        return await("focus on " + css, any -> (WebElement) driver.executeScript(
                "const it = document.activeElement; return it && it.matches(arguments[0]) ? it : null", css));
    }

    public List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    /** Writes into a field in place of what stands there. */
    public void type(String css, String text) {
        // A form may be drawn anew just then; all of it is written again into the new one.
        await("writing into " + css, any -> {
            WebElement field = see(css);
            field.sendKeys(Keys.chord(Keys.CONTROL, "a"));
            field.sendKeys(text.isEmpty() ? Keys.BACK_SPACE : text);
            return true;
        });
    }

    public byte[] picture() {
        return driver.getScreenshotAs(OutputType.BYTES);
    }

    @Override
    public void close() {
        driver.quit();
        FileHandler.delete(profile.toFile());
    }
}
