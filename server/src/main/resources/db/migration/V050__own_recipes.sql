-- A garage's own recipes: each as it stands in a file.
create table own_recipe (
  id        uuid primary key,
  garage_id uuid not null references garage (id),
  recipe    text not null check (recipe ~ '^[a-z0-9-]{1,60}$'),
  body      text not null check (length(body) between 1 and 20000),
  version   bigint not null default 0,
  unique (garage_id, id),
  unique (garage_id, recipe)
);
comment on column own_recipe.recipe is 'Id of the recipe that it stands for, or one of its own';
create trigger history after insert or update or delete on own_recipe for each row execute function record_history();
