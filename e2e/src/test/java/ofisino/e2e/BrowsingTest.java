package ofisino.e2e;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** What every journey asks of every page would be noticed. */
class BrowsingTest {
    private static final String GOOD = "<html lang='en'><title>A page</title><main><h1>Ofisino</h1>%s</main></html>";

    @Test
    void seesWhatAScreenReaderMisses() {
        try (var browsing = new Browsing("http://127.0.0.1")) {
            Page page = browsing.phone();
            page.setContent(GOOD.formatted("<p>Good</p>"));
            assertThatCode(() -> Browsing.accessible(page)).doesNotThrowAnyException();

            page.setContent(GOOD.formatted("<img src='car.png'>"));
            assertThatThrownBy(() -> Browsing.accessible(page)).hasMessageContaining("image-alt");
            page.setContent(GOOD.formatted("<p style='color: #aaa; background: #fff'>Pale</p>"));
            assertThatThrownBy(() -> Browsing.accessible(page)).hasMessageContaining("color-contrast");
        }
    }

    @Test
    void seesWhatDoesNotFit() {
        try (var browsing = new Browsing("http://127.0.0.1")) {
            Page page = browsing.phone();
            page.setContent(GOOD.formatted("<p style='width: 500px'>Wide</p>"));
            assertThatThrownBy(() -> Browsing.accessible(page)).hasMessageContaining("does not fit");
            page.setContent(GOOD.formatted("<p style='width: 120px; overflow: hidden'>Speedometer</p>"));
            assertThatThrownBy(() -> Browsing.accessible(page)).hasMessageContaining("longer words");
        }
    }
}
