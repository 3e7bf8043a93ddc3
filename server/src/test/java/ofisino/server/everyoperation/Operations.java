package ofisino.server.everyoperation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ofisino.server.testing.Api;
import tools.jackson.databind.JsonNode;

/** All operations, as the description of the API has them. */
record Operations(JsonNode api, List<Operation> all) {
    /** @param role from which role upward it may be used, ANYBODY or NOBODY @param body its schema, where it takes JSON */
    record Operation(String method, String path, String role, JsonNode parameters, Optional<JsonNode> body) {
        boolean takesAFile() {
            return path.equals("/api/attachments") && method.equals("POST");
        }

        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    static Operations of(Api api) {
        JsonNode description = api.get("/api/openapi").ok();
        List<Operation> all = new ArrayList<>();
        var paths = new TreeMap<String, JsonNode>();
        description.get("paths").propertyStream().forEach(p -> paths.put(p.getKey(), p.getValue()));
        paths.forEach((path, methods) -> methods.propertyStream()
                .forEach(m -> all.add(new Operation(
                        m.getKey().toUpperCase(),
                        path,
                        m.getValue().path("x-role").asString("NOBODY"),
                        m.getValue().path("parameters"),
                        Optional.ofNullable(m.getValue()
                                .path("requestBody")
                                .path("content")
                                .path("application/json")
                                .get("schema"))))));
        return new Operations(description, all);
    }

    /** A schema itself, where it is only pointed to. */
    JsonNode resolve(JsonNode schema) {
        String pointer = schema.path("$ref").asString("");
        return pointer.isEmpty() ? schema : api.at(pointer.substring(1));
    }
}
