package ofisino.server.plan.recipe;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface OwnRecipeMapper {
    List<OwnRecipeRow> of(UUID garageId);

    void insert(UUID garageId, OwnRecipeRow row);

    int update(UUID garageId, OwnRecipeRow row);

    int delete(UUID garageId, UUID id);

    /** @param body the recipe as it stands in a file */
    record OwnRecipeRow(UUID id, String recipe, String body, long version) {}
}
