package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.parcel.FilmTimes;
import hitch.core.parcel.Marks;
import hitch.core.parcel.PairRow;
import hitch.core.parcel.Report;
import hitch.core.story.Chapter;
import hitch.core.story.SideBySideShot;
import hitch.core.story.Story;
import hitch.paper.Beside;
import hitch.paper.ReportPage;
import hitch.store.seal.SigningKey;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogType;

/** The pages of a parcel in a real browser, opened from a folder as a recipient does. Skipped, with a word, where none is installed. */
class BrowserTest {
    private static final List<String> DRIVERS = List.of("/usr/bin/chromedriver", "/usr/lib/chromium/chromedriver");
    private static final List<String> BROWSERS = List.of("/usr/bin/chromium", "/usr/bin/chromium-browser");

    @TempDir
    static Path folder;

    private static ChromeDriver browser;
    private static Path home;
    private static Path district;
    private static SigningKey key;

    @BeforeAll
    static void open() throws Exception {
        String driver = first(DRIVERS);
        String program = first(BROWSERS);
        boolean there = !driver.isEmpty() && !program.isEmpty();
        if (!there) {
            System.out.println(
                    "No Chromium with its driver is installed (Debian: apt-get install chromium-driver), so the pages"
                            + " were not opened in a browser.");
        }
        assumeTrue(there, "Chromium and its driver are not installed");
        Delivered job = new Delivered(folder.resolve("job"));
        key = SigningKey.in(folder.resolve("key"));
        home = job.make(Recipient.HOMEOWNER, key, folder.resolve("home"));
        district = job.make(Recipient.DISTRICT, key, folder.resolve("district"));
        ChromeOptions options = new ChromeOptions();
        options.setBinary(program);
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--hide-scrollbars",
                "--autoplay-policy=no-user-gesture-required",
                "--window-size=1280,900");
        options.setCapability("goog:loggingPrefs", Map.of(LogType.BROWSER, "ALL"));
        browser = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(Path.of(driver).toFile())
                        .usingAnyFreePort()
                        .build(),
                options);
        browser.manage().timeouts().scriptTimeout(Duration.ofSeconds(60));
    }

    private static String first(List<String> places) {
        return places.stream()
                .filter(p -> Files.isExecutable(Path.of(p)))
                .findFirst()
                .orElse("");
    }

    @AfterAll
    static void close() {
        if (browser != null) {
            browser.quit();
        }
    }

    private static void page(Path parcel, String file) {
        browser.get(parcel.resolve(file).toUri().toString());
    }

    private static Object script(String words, Object... of) {
        return browser.executeScript(words, of);
    }

    private static double number(String words) {
        return ((Number) script(words)).doubleValue();
    }

    /** Waits in the page itself, so that nothing is asked in a circle. */
    private static void until(BooleanSupplier so) {
        long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (!so.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited for the page").isLessThan(end);
            browser.executeAsyncScript("setTimeout(arguments[arguments.length - 1], 50)");
        }
    }

    private static void filmIsThere() {
        until(() -> number("return document.getElementById('film').readyState") >= 2);
    }

    @Test
    void aKnotPlaysWhatLiesThere() {
        page(home, "index.html");
        filmIsThere();
        List<WebElement> knots = browser.findElements(By.cssSelector("button.knot"));
        assertThat(knots).hasSizeGreaterThan(3);
        for (WebElement knot : knots) {
            String finding = knot.getDomAttribute("data-finding");
            double at = Double.parseDouble(knot.getDomAttribute("data-at"));
            script("document.getElementById('film').pause(); arguments[0].focus()", knot);
            knot.sendKeys(Keys.ENTER);
            until(() -> number("return document.getElementById('film').currentTime") >= at);
            assertThat(number("return document.getElementById('film').currentTime"))
                    .isCloseTo(at, within(3.0));
            assertThat(browser.findElement(By.id(finding)).getDomAttribute("class"))
                    .contains("shown");
            until(() -> "true".equals(knot.getDomAttribute("aria-current")));
        }
    }

    @Test
    void aChapterShowsItsFindingAndCaptionsGoAlong() {
        page(home, "index.html");
        filmIsThere();
        WebElement step = browser.findElements(By.cssSelector("#chapters button[data-finding]"))
                .getFirst();
        step.sendKeys(Keys.ENTER);
        until(() -> "true".equals(step.getDomAttribute("aria-current")));
        String shown = browser.findElement(By.cssSelector("article.shown")).getDomAttribute("id");
        assertThat(step.getDomAttribute("data-finding").split(" ")).contains(shown);
        assertThat(script("return document.getElementById('film').textTracks[0].mode"))
                .isEqualTo("showing");
        assertThat(number("return document.getElementById('film').textTracks[0].cues.length"))
                .isGreaterThan(5);
        script("const f = document.getElementById('film'); f.pause(); const c = f.textTracks[0].cues[2];"
                + " f.currentTime = (c.startTime + c.endTime) / 2;");
        until(() -> number("return document.getElementById('film').textTracks[0].activeCues.length") == 1);
        assertThat(script("const t = document.getElementById('film').textTracks[0];"
                        + " return t.activeCues[0].text === t.cues[2].text"))
                .isEqualTo(true);
    }

    /** One place before and after: the slider uncovers the one over the other, by keys as well. */
    @Test
    void beforeAndAfterSlideOverEachOther() throws Exception {
        Delivered job = new Delivered(folder.resolve("pair-job"));
        Disclosure may = Disclosure.of(job.survey(), Recipient.HOMEOWNER);
        FrameRef then = may.findings().getFirst().finding().frame();
        FrameRef now = may.findings().get(1).finding().frame();
        FindingId id = may.findings().getFirst().finding().id();
        Story story = new Story(
                Recipient.HOMEOWNER,
                "pair",
                List.of(new Chapter(
                        "Before and after",
                        List.of(new SideBySideShot(
                                "pair:F1",
                                "Roots before and after",
                                List.of(
                                        new SideBySideShot.Panel(id, then, "before", "Roots, heavy"),
                                        new SideBySideShot.Panel(id, now, "after", "")),
                                "",
                                0)))));
        Report report = Report.of(may, PairRow.of(may, story, k -> false));
        Path pair = Files.createDirectories(folder.resolve("pair/stills")).getParent();
        Files.copy(
                home.resolve(report.findings().getFirst().still()),
                pair.resolve(report.pairs().getFirst().before()));
        Files.copy(
                home.resolve(report.findings().get(1).still()),
                pair.resolve(report.pairs().getFirst().after()));
        Files.writeString(
                pair.resolve("index.html"),
                ReportPage.write(
                        may,
                        report,
                        new Beside("none.mp4", FilmTimes.NONE, List.of(), Optional.empty(), List.of()),
                        Marks.NONE));
        page(pair, "index.html");
        until(() -> Boolean.TRUE.equals(script("return Array.from(document.querySelectorAll('.pair img'))"
                + ".every(i => i.complete && i.naturalWidth > 0)")));
        WebElement slide = browser.findElement(By.cssSelector(".pair input"));
        slide.sendKeys(Keys.HOME);
        assertThat(clip()).isEqualTo("inset(0px 0px 0px 100%)");
        slide.sendKeys(Keys.END);
        assertThat(clip()).isIn("inset(0px)", "inset(0px 0px 0px 0%)");
        assertThat(browser.findElement(By.id("missing")).isDisplayed())
                .as("its film is not there")
                .isTrue();
    }

    private static String clip() {
        return (String) script("return document.querySelector('.pair .after').style.clipPath");
    }

    @Test
    void nothingIsFetchedAndNothingIsWrongInThePage() {
        // What was told of other pages.
        browser.manage().logs().get(LogType.BROWSER);
        page(home, "index.html");
        filmIsThere();
        assertThat(browser.manage().logs().get(LogType.BROWSER).getAll()).isEmpty();
        Object asked = script("return performance.getEntriesByType('resource').map(e => e.name)"
                + ".filter(n => !n.startsWith('file:') && !n.startsWith('data:'))");
        assertThat((List<?>) asked).isEmpty();
        assertThat(Files.exists(home.resolve("index.html"))).isTrue();
    }

    @Test
    void thePagesPassTheCheckerForAccessibility() throws Exception {
        for (Path parcel : List.of(home, district)) {
            page(parcel, "index.html");
            assertThat(violations()).as(parcel + " index.html").isEmpty();
        }
        page(home, "verify.html");
        assertThat(violations()).as("verify.html").isEmpty();
    }

    private static List<?> violations() throws Exception {
        try (InputStream axe = BrowserTest.class.getResourceAsStream("/axe/axe.min.js")) {
            script(new String(axe.readAllBytes(), StandardCharsets.UTF_8));
        }
        return (List<?>) browser.executeAsyncScript("const done = arguments[arguments.length - 1];"
                + "axe.run(document).then(r => done(r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html)"
                + ".slice(0, 3).join(' | ')))).catch(e => done(['' + e]))");
    }

    @Test
    void itCanBeReadOnAPhone() {
        browser.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", 390, "height", 844, "deviceScaleFactor", 2, "mobile", true));
        try {
            for (Path parcel : List.of(home, district)) {
                page(parcel, "index.html");
                assertThat(number("return document.documentElement.scrollWidth"))
                        .as("no wider than the screen")
                        .isLessThanOrEqualTo(390);
                assertThat(number("return Math.min(...Array.from(document.querySelectorAll('main p'))"
                                + ".map(p => parseFloat(getComputedStyle(p).fontSize)))"))
                        .isGreaterThanOrEqualTo(14);
            }
        } finally {
            browser.executeCdpCommand("Emulation.clearDeviceMetricsOverride", Map.of());
        }
    }

    @Test
    void itPrintsWithEveryFinding() throws Exception {
        page(home, "index.html");
        String pdf = (String) browser.executeCdpCommand("Page.printToPDF", Map.of("printBackground", true))
                .get("data");
        try (PDDocument printed = Loader.loadPDF(Base64.getDecoder().decode(pdf))) {
            String text = new PDFTextStripper().getText(printed).replaceAll("\\s+", " ");
            for (WebElement head : browser.findElements(By.cssSelector("article h3"))) {
                assertThat(text).contains(head.getText().replaceAll("\\s+", " "));
            }
            assertThat(text).doesNotContain("Play from");
        }
    }

    @Test
    void whoeverHasNoHitchChecksTheParcel() throws Exception {
        page(home, "verify.html");
        choose(home);
        until(() -> outcome().contains("files are as they were handed over"));
        assertThat(browser.findElement(By.id("about")).getText()).contains("signature holds");
        assertThat(browser.findElement(By.id("key")).getText().replace(" ", "")).isEqualTo(key.fingerprint());
        Path copy = copied(home, "changed");
        byte[] film = Files.readAllBytes(mp4(copy));
        film[film.length / 2] ^= 1;
        Files.write(mp4(copy), film);
        Files.delete(copy.resolve("findings.csv"));
        Files.writeString(copy.resolve("more.txt"), "x");
        choose(copy);
        until(() -> outcome().contains("3 files differ"));
        assertThat(browser.findElement(By.id("rows")).getText())
                .contains("changed " + mp4(copy).getFileName())
                .contains("missing findings.csv")
                .contains("added more.txt");
        Path forged = copied(home, "forged");
        Path manifest = forged.resolve("manifest.json");
        Files.writeString(manifest, Files.readString(manifest).replace("Wendle Drains", "Somebody else"));
        choose(forged);
        until(() -> outcome().contains("the list is not as it was signed"));
    }

    private static String outcome() {
        return browser.findElement(By.id("outcome")).getText();
    }

    private static Path mp4(Path parcel) throws Exception {
        try (Stream<Path> all = Files.list(parcel)) {
            return all.filter(p -> p.toString().endsWith(".mp4")).findFirst().orElseThrow();
        }
    }

    private static void choose(Path parcel) {
        page(parcel, "verify.html");
        browser.findElement(By.id("pick")).sendKeys(parcel.toString());
    }

    private static Path copied(Path parcel, String name) throws Exception {
        Path to = folder.resolve(name);
        try (Stream<Path> all = Files.walk(parcel)) {
            for (Path path : all.toList()) {
                Path target = to.resolve(parcel.relativize(path).toString());
                if (Files.isDirectory(path)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(path, target);
                }
            }
        }
        return to;
    }
}
