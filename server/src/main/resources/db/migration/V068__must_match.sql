-- What a part has to agree in before it is kept, a line each.
alter table need add must_match text not null default '' check (length(must_match) <= 4000);
