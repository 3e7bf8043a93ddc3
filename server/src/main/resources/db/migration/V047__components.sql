-- A finding says what it is about, a need of what kind it is and in which unit it is counted: same things are one line then.
alter table finding add column component text;
alter table need add column item text, add column unit text not null default 'PIECE' check (unit in ('PIECE', 'MILLILITRE', 'GRAM', 'CENTIMETRE'));
