package ofisino.e2e;

import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** The steps of a journey build on one another: after a broken one the rest fail at once instead of waiting in vain. */
final class StopAtTheFirstBrokenStep implements BeforeEachCallback, TestExecutionExceptionHandler {
    private String broken;

    @Override
    public void beforeEach(ExtensionContext context) {
        if (broken != null) throw new IllegalStateException("the journey stopped at " + broken);
    }

    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable failure) throws Throwable {
        if (broken == null) broken = context.getDisplayName();
        throw failure;
    }
}
