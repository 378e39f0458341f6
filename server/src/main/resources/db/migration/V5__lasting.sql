-- Counts the acknowledged changes; a note of it is kept outside of the database.
create sequence saves start with 1 no cache;

-- What a shelf shows of a species, kept with it so that a list reads no documents, and by which program it was drawn.
alter table species add column card varchar(1048576);
alter table species add column card_by varchar(80);

-- The studio's ways and drawer have a row from the start, on which changes at the same moment wait for each other.
alter table ways alter column chosen set null;
alter table ways alter column chosen set data type varchar(1048576);
insert into ways (id, chosen, version) select 1, null, 0 where not exists (select 1 from ways);

create table drawer (
    id integer primary key check (id = 1),
    version bigint not null
);
insert into drawer (id, version) values (1, 0);

-- Texts stand in their rows: large objects beside them were once lost when the program was ended in the middle of a change.
alter table species alter column document set data type varchar(1048576);
alter table drawer_item alter column document set data type varchar(1048576);
alter table order_use alter column taken set data type varchar(1048576);
