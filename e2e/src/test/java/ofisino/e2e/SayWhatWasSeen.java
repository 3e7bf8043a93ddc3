package ofisino.e2e;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** A journey that fails says what its pages showed: it may not fail again when one looks. */
public final class SayWhatWasSeen implements TestExecutionExceptionHandler {
    private static final int MOST = 4_000;

    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable failure) throws Throwable {
        String seen = Browsing.seen().replaceAll("\\s*\n\\s*", " | ");
        throw new AssertionError(
                failure.getMessage() + "\nshown: " + seen.substring(0, Math.min(seen.length(), MOST)), failure);
    }
}
