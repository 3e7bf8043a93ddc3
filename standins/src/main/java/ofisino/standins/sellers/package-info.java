/** Four invented sellers of parts that answer over HTTP as sellers do: late, wrongly, or not at all. openapi.yaml says what they answer. */
@NullMarked
package ofisino.standins.sellers;

import org.jspecify.annotations.NullMarked;
