package ofisino.server.web;

import java.util.stream.Stream;

/** Texts that a domain makes of several in its data files, such as the name of a place and its side; so that another language has them too. */
@FunctionalInterface
public interface ComposedTexts {
    Stream<String> texts();
}
