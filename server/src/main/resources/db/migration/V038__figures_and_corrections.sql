-- Figures from several sources stand beside one another; the best source decides, whichever was entered last.
alter table maker_figure add column source_kind text not null default 'VEHICLE' check (source_kind in ('COMPONENT', 'VEHICLE', 'PUBLIC'));
alter table maker_figure drop constraint maker_figure_garage_id_project_id_limit_id_key;
alter table maker_figure add unique (garage_id, project_id, limit_id, source_kind);
comment on column maker_figure.source_kind is 'Maker of the part before the vehicle''s manual before a public rule; the figure that ships with Ofisino comes last';
-- A reading that was taken wrongly counts no more, and stays to be read.
alter table reading add column wrong_because text check (btrim(wrong_because) <> '' and length(wrong_because) <= 400);
comment on column reading.wrong_because is 'Why it counts no more; null while it counts';
